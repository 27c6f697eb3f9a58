/**
 * Moves and edits to other programs and from them.
 */
@NullMarked
package amberlens.desktop.dialogs.exchange;

import org.jspecify.annotations.NullMarked;
