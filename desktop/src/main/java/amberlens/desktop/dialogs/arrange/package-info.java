/** Moves for several shots at once, as a sheet of cards that are looked through before anything is done. */
@NullMarked
package amberlens.desktop.dialogs.arrange;

import org.jspecify.annotations.NullMarked;
