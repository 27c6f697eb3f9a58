/** From rows of codes, in whatever colours and however turned, to rasters in linear light. */
@NullMarked
package amberlens.media.raster;

import org.jspecify.annotations.NullMarked;
