/**
 * From poses and pictures to output frames.
 *
 * <p>A picture is a {@link amberlens.core.render.Pyramid} of linear-light, premultiplied pixels. A {@link
 * amberlens.core.render.Layer} is a picture with its map into the output; the {@link
 * amberlens.core.render.Compositor} lays layers over the background, in linear light, and encodes the result in sRGB.
 * Preview, check pictures and export all come through here; a preview only asks for a smaller frame.
 *
 * <p>Offsets are never rounded: a sample is taken at the exact place a frame pixel's centre comes from.
 */
@NullMarked
package amberlens.core.render;

import org.jspecify.annotations.NullMarked;
