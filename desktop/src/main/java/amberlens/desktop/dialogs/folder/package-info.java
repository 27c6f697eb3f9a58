/** A film of what lies in a folder: how it is wanted, and the project that comes of it. */
@NullMarked
package amberlens.desktop.dialogs.folder;

import org.jspecify.annotations.NullMarked;
