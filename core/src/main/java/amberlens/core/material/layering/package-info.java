/**
 * How a shot lies over what is below it: what stands behind its picture, blending, and how it comes and goes.
 *
 * <p>A <em>fade</em> takes the first or last frames of a shot. Where the shot overlaps its neighbour on the same track, a fade at the
 * beginning is a <em>dissolve</em> between the two.
 */
@NullMarked
package amberlens.core.material.layering;

import org.jspecify.annotations.NullMarked;
