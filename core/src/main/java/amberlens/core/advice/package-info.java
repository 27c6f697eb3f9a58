/**
 * What the eye would stumble over in a move although every frame of it is covered: judder, steps in speed, moves that begin on the cut; each
 * with what mends it.
 */
@NullMarked
package amberlens.core.advice;

import org.jspecify.annotations.NullMarked;
