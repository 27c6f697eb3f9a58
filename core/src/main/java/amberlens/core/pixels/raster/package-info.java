/**
 * Pixels as they are kept, and the innermost loops over their light.
 *
 * <p>A {@link amberlens.core.pixels.raster.Raster} keeps pixels as small as they came: codes of 8 bits, codes of 10 bits, or linear light of
 * 16 bits. Whoever reads one gets linear light with premultiplied alpha: red, green, blue and alpha side by side as floats. {@link
 * amberlens.core.pixels.raster.Loops} does that and everything else that is done once per pixel, on vectors where the machine has them.
 */
@NullMarked
package amberlens.core.pixels.raster;

import org.jspecify.annotations.NullMarked;
