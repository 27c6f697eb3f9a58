/**
 * A project from opening to leaving: its file, its format, its versions, what was kept safe.
 */
@NullMarked
package amberlens.desktop.dialogs.session;

import org.jspecify.annotations.NullMarked;
