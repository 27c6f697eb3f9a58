package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Shutter;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Pictures at the limits of what can be seen: what is called sealed is looked at pixel by pixel over a ground that none of them has. */
class DegenerateViewsTest {
    private static final Size FRAME = new Size(320, 180);
    private static final Size PICTURE = new Size(640, 480);
    private static final Colour GROUND = TestPictures.MAGENTA;
    private static final Pyramid GREY = TestPictures.pyramid(PICTURE, (_, _) -> 0.5);

    private static Project project(Depth depth, double percent, Shutter shutter) {
        Pose pose = Pose.neutral(PICTURE, FRAME)
                .withScale(Scale.uniform(percent))
                .withDepth(depth)
                .in(PICTURE, FRAME);
        var shot = new Shot("s1", "Bed", "m1", 1, 0, 3, true, CameraTrack.still(pose), Extras.NONE);
        return Project.empty("Edge-on")
                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), GROUND).withShutter(shutter))
                .withMedia(List.of(Media.photo("m1", "bed.png", PICTURE)))
                .withShots(List.of(shot));
    }

    /** How many pixels show the ground; all that is measured of a shot is measured, too. */
    private static long ground(Project project) {
        Shot shot = project.shots().getFirst();
        assertThat(ShotCheck.of(project, shot).enlargement().percent()).isPositive();
        FrameRaster raster = Compositor.compose(
                LineUpFrame.layers(project, 1, FRAME, _ -> new Picture.Pixels(GREY)), GROUND, FRAME, Rows.ALONE);
        return TestPictures.ofMagenta(raster, FRAME);
    }

    private static boolean sealed(Project project) {
        return EdgeReport.of(project.take(project.shots().getFirst())).isSealed();
    }

    private static Depth pulled(Depth depth, Corner corner, double x, double y) {
        return depth.withCorner(corner, new FramePoint(x, y));
    }

    /** Three corners on a line, two in one place, a sheet on edge with a corner pulled out of the line. */
    @Test
    void aPictureWithoutAnInsideIsOpen() {
        List<Depth> flattened = new ArrayList<>();
        double across = PICTURE.width();
        double down = PICTURE.height();
        flattened.add(pulled(Depth.FLAT, Corner.UPPER_LEFT, across / 2, down / 2));
        flattened.add(pulled(Depth.FLAT, Corner.LOWER_RIGHT, -across / 2, -down / 2));
        flattened.add(pulled(Depth.FLAT, Corner.UPPER_LEFT, across, 0));
        flattened.add(pulled(Depth.FLAT, Corner.UPPER_RIGHT, 0, down));
        flattened.add(pulled(Depth.FLAT, Corner.LOWER_LEFT, across, -down));
        for (Corner corner : Corner.values()) {
            flattened.add(pulled(Depth.FLAT.withPitch(90), corner, 100, -400));
            flattened.add(pulled(Depth.FLAT.withYaw(90), corner, -500, 60));
            flattened.add(pulled(Depth.FLAT.withPitch(90).withYaw(90), corner, 40, 40));
        }
        for (Depth depth : flattened) {
            Project project = project(depth, 100, Shutter.OFF);
            assertThat(sealed(project)).as("%s", depth).isFalse();
            ground(project);
        }
    }

    @Test
    void whatIsSealedShowsNoGroundHoweverTheCornersArePulled() {
        var random = new Random(29);
        int sealed = 0;
        for (int i = 0; i < 90; i++) {
            Depth depth = Depth.FLAT;
            for (Corner corner : Corner.values()) {
                // Whole numbers on a coarse grid, so that corners meet and lie on lines again and again.
                depth = pulled(depth, corner, 80.0 * (random.nextInt(9) - 4), 60.0 * (random.nextInt(9) - 4));
            }
            Project project = project(depth, 90, Shutter.OFF);
            long ground = ground(project);
            if (sealed(project)) {
                sealed++;
                assertThat(ground).as("%s", depth).isZero();
            }
        }
        assertThat(sealed).isBetween(12, 78);
    }

    @Test
    void aPictureNearlyOnEdgeIsDrawn() {
        var random = new Random(90);
        for (int i = 0; i < 90; i++) {
            double off = Math.pow(10, -4 * random.nextDouble()) * (random.nextBoolean() ? 0.6 : -0.6);
            Depth leaning = i % 3 == 0
                    ? Depth.FLAT.withPitch(90 + off)
                    : i % 3 == 1
                            ? Depth.FLAT.withYaw(90 + off)
                            : Depth.FLAT.withPitch(20).withYaw(270 + off);
            Depth depth = leaning.withDistance(0.75 + 2 * random.nextDouble());
            Project project =
                    project(depth, 100 + 400 * random.nextDouble(), i % 2 == 0 ? Shutter.OFF : new Shutter(180));
            long ground = ground(project);
            assertThat(sealed(project) && ground > 0).as("%s", depth).isFalse();
        }
    }
}
