/**
 * From pictures to the windows of an output, through any projective map.
 *
 * <p>A {@link amberlens.core.pixels.sampling.Pyramid} keeps a picture and its halvings. A {@link amberlens.core.pixels.sampling.PictureSampler} fills
 * {@link amberlens.core.pixels.sampling.Window}s with its light: it decodes the part of a level that a window needs once, and then takes
 * Keys' cubic kernel at exact places; no offset is ever rounded.
 *
 * <p>Reduction is prefiltered. The kernel is stretched along each axis of the picture to what one output pixel sees there, and the
 * level follows the less reduced axis. From one level to the next both are mixed over an eighth of an octave, so that no zoom shows
 * where the level changes.
 */
@NullMarked
package amberlens.core.pixels.sampling;

import org.jspecify.annotations.NullMarked;
