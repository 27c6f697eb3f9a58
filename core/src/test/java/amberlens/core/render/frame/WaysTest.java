package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.lifecycle.BeforeProperty;

/** Vectors and plain loops on random pictures of every kind, in random places, with and without alpha, turned into space or not. */
class WaysTest {
    private static final Size FRAME = new Size(150, 90);

    @BeforeProperty
    void only_where_there_are_vectors() {
        assumeTrue(Loops.vectors());
        Loops.warmUp();
    }

    @Property(tries = 150)
    void both_ways_give_the_same_frame_to_a_code(@ForAll long seed) {
        var chance = new Random(seed);
        Size size = new Size(1 + chance.nextInt(700), 1 + chance.nextInt(500));
        Pyramid picture = Pyramid.onDemand(raster(size, chance));
        List<Layer> layers = List.of(layer(picture, chance), layer(picture, chance));
        FrameRaster plain = Compositor.compose(layers, new Colour(0x204060), FRAME, Rows.ALONE, Loops::plain);
        FrameRaster vectors = Compositor.compose(layers, new Colour(0x204060), FRAME, Rows.ALONE, Loops::best);
        for (int i = 0; i < plain.argb().length; i++) {
            for (int shift = 0; shift < 32; shift += 8) {
                int one = plain.argb()[i] >>> shift & 255;
                int other = vectors.argb()[i] >>> shift & 255;
                assertThat(Math.abs(one - other))
                        .as("pixel %d of seed %d", i, seed)
                        .isLessThanOrEqualTo(1);
            }
        }
    }

    private static Layer layer(Pyramid picture, Random chance) {
        Pose pose = new Pose(
                new Scale(percent(chance), percent(chance)),
                new FramePoint(FRAME.width() * chance.nextDouble(), FRAME.height() * chance.nextDouble()),
                chance.nextInt(3) == 0 ? 0 : 360 * chance.nextDouble(),
                new PicturePoint(picture.size().width() / 2.0, picture.size().height() / 2.0));
        Layer flat = LineUpFrame.layer(picture, pose, FRAME, FRAME);
        if (chance.nextBoolean()) {
            return flat;
        }
        double span = 1e-3 / Math.max(FRAME.width(), FRAME.height());
        var lean = new ProjectiveMap(1, 0, 0, 0, 1, 0, span * chance.nextGaussian(), span * chance.nextGaussian(), 1);
        return new Layer(picture, flat.toOutput().then(lean), false);
    }

    private static double percent(Random chance) {
        return 100 * Math.pow(2, 5 * chance.nextDouble() - 3.5);
    }

    private static Raster raster(Size size, Random chance) {
        int area = (int) size.area();
        return switch (chance.nextInt(4)) {
            case 0 -> CodeRaster.ofEightBits(size, chance.ints(area).toArray(), false);
            case 1 ->
                CodeRaster.ofEightBits(
                        size, chance.ints(area).map(code -> code | 0xFF000000).toArray(), true);
            case 2 -> CodeRaster.ofTenBits(size, chance.ints(area).toArray());
            default -> {
                long[] pixels = new long[area];
                for (int i = 0; i < area; i++) {
                    int alpha = chance.nextInt(65536);
                    pixels[i] = LinearRaster.pixel(
                            chance.nextInt(alpha + 1), chance.nextInt(alpha + 1), chance.nextInt(alpha + 1), alpha);
                }
                yield new LinearRaster(size, pixels, false);
            }
        };
    }
}
