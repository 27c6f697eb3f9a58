/**
 * Points, sizes and maps.
 *
 * <p>y points down. Pixels are squares: the first pixel spans 0 … 1 and its centre is 0.5. A <em>picture point</em> is
 * measured in source pixels from the picture's top left corner, a <em>frame point</em> in frame pixels from the
 * frame's; the two are different types and meet only in a map. Angles are degrees, clockwise on the screen.
 */
@NullMarked
package amberlens.core.base.geometry;

import org.jspecify.annotations.NullMarked;
