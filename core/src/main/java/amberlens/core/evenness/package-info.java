/** Moves of neighbouring shots as a set: what each does as a whole, and how they are made alike in direction, pace and strength. */
@NullMarked
package amberlens.core.evenness;

import org.jspecify.annotations.NullMarked;
