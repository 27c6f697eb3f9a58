/**
 * Pictures as arrays of light, and how they are sampled and drawn.
 *
 * <p>Uses base.
 */
@NullMarked
package amberlens.core.pixels;

import org.jspecify.annotations.NullMarked;
