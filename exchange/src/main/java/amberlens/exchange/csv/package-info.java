/**
 * Moves as tables: every frame's pose and map, and back.
 */
@NullMarked
package amberlens.exchange.csv;

import org.jspecify.annotations.NullMarked;
