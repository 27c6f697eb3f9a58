/**
 * From poses and pictures to output frames.
 *
 * <p>What is seen is a tree of {@link amberlens.core.render.frame.Seen}: pictures in their places, groups, dissolves. The {@link
 * amberlens.core.render.frame.Compositor} cuts the output into windows, lays everything over the background window by window, in linear
 * light, and encodes the result in sRGB. Preview, check pictures and export all come through here; a preview only asks for a smaller
 * frame.
 */
@NullMarked
package amberlens.core.render.frame;

import org.jspecify.annotations.NullMarked;
