/**
 * One picture in planes: parts of it that lie nearer than its ground, how they move against each other when the camera moves, and what is
 * seen of the ground behind them.
 */
@NullMarked
package amberlens.core.material.planes;

import org.jspecify.annotations.NullMarked;
