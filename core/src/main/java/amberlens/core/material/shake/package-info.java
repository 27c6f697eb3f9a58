/**
 * Shake: what a hand adds to a move. It is kept in parts of the frame's width and at a rate of its own, so that it is the same in any
 * frame and at any frame rate, and it lies under the move of a shot as a layer of its own.
 */
@NullMarked
package amberlens.core.material.shake;

import org.jspecify.annotations.NullMarked;
