/**
 * Moves as a whole: copied to other shots, arranged for many, carried to pictures of other sizes.
 */
@NullMarked
package amberlens.desktop.dialogs.moves;

import org.jspecify.annotations.NullMarked;
