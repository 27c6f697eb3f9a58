/**
 * The export dialog and its progress.
 */
@NullMarked
package amberlens.desktop.dialogs.export;

import org.jspecify.annotations.NullMarked;
