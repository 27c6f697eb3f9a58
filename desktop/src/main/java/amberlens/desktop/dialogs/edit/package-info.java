/**
 * Undo and redo with their list, and what acts on the keys that are selected.
 */
@NullMarked
package amberlens.desktop.dialogs.edit;

import org.jspecify.annotations.NullMarked;
