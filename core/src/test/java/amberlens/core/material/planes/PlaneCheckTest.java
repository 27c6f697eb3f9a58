package amberlens.core.material.planes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.material.planes.PlaneCheck.Instant;
import amberlens.core.motion.pose.Pose;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PlaneCheckTest {
    private static final Size PICTURE = new Size(1600, 1000);
    private static final Size FRAME = new Size(800, 450);
    private static final Fill SPREAD = Fill.whole(Fill.Kind.SPREAD);

    private static Pose pose(double percent, double x, double y) {
        return new Pose(Scale.uniform(percent), FRAME.centre(), 0, new PicturePoint(x, y));
    }

    private static PlaneReport check(List<Plane> planes, Pose... poses) {
        List<Instant> instants = new ArrayList<>();
        for (int i = 0; i < poses.length; i++) {
            instants.add(new Instant(i, poses[i].map(), 1, Portion.WHOLE));
        }
        return PlaneCheck.of(planes, PICTURE, FRAME, FRAME, instants);
    }

    /** A slide by 100 px at half the distance uncovers 100 px: by similar triangles as much as the ground itself goes. */
    @Test
    void saysHowDeepIsSeenBehindAPlane() {
        Plane lantern = Cuts.square(600, 300, 300, 0.5, SPREAD.withReach(60));
        PlaneReport report = check(List.of(lantern), pose(50, 800, 500), pose(50, 900, 500));
        assertThat(report.depths().get("lantern").px()).isEqualTo(100, within(0.3));
        assertThat(report.openings()).singleElement().satisfies(opening -> {
            assertThat(opening.frame()).isEqualTo(1);
            assertThat(opening.px()).isEqualTo(40, within(0.3));
            assertThat(opening.words()).isEqualTo("ground behind \"lantern\" is seen 40 px deeper than filled");
        });
        assertThat(check(List.of(lantern.withFill(SPREAD.withReach(100))), pose(50, 900, 500))
                        .isSealed())
                .isTrue();
    }

    /** A rail of 1520 × 60: a slide along it by 10 px uncovers its end, 10 px deep, far from the middle of any square that is looked at. */
    @Test
    void seesTheVeryEndOfAFlatPlane() {
        Plane rail = Cuts.plane("rail", 0.5, 0, SPREAD, Cuts.points(40, 470, 1560, 470, 1560, 530, 40, 530));
        PlaneReport report = check(List.of(rail), pose(50, 810, 500));
        assertThat(report.depths().get("rail").px()).isEqualTo(10, within(0.3));
    }

    @Test
    void whatAnotherPlaneHidesIsNotSeen() {
        Plane lantern = Cuts.square(600, 300, 100, 0.9, Fill.NONE);
        Plane hedge = Cuts.plane("hedge", 0.899, 0, SPREAD, Cuts.points(400, 200, 900, 200, 900, 700, 400, 700));
        assertThat(check(List.of(lantern), pose(60, 850, 500)).isSealed()).isFalse();
        assertThat(check(List.of(lantern, hedge), pose(60, 850, 500)).isSealed())
                .isTrue();
    }

    @Test
    void aSideAlongWhichAPlaneIsCutMustNotBeSeen() {
        Plane reeds = Cuts.plane("reeds", 0.5, 0, SPREAD, Cuts.points(0, 800, 1600, 800, 1600, 1000, 0, 1000));
        assertThat(check(List.of(reeds), pose(50, 800, 500)).isSealed()).isTrue();
        PlaneReport low = check(List.of(reeds), pose(50, 800, 550));
        assertThat(low.isSealed())
                .as("the ground has 50 px more below, the reeds half of that")
                .isFalse();
        assertThat(low.openings().getFirst().side()).contains(Side.BOTTOM);
    }

    @Test
    void thePassedPlaneUncoversEverythingBehindIt() {
        Plane lantern = Cuts.square(700, 400, 200, 0.5, SPREAD.withReach(50));
        PlaneReport report = check(List.of(lantern), pose(110, 800, 500));
        assertThat(report.depths().get("lantern").px()).isEqualTo(100, within(0.3));
        assertThat(report.isSealed()).isFalse();
    }

    /** A sixth of the way towards the ground, a plane at half of it has come a third of its way: 1.5 × its size, against 1.2 ×. */
    @Test
    void whatLiesNearerIsEnlargedMore() {
        Plane lantern = Cuts.square(700, 400, 200, 0.5, SPREAD);
        PlaneReport report = check(List.of(lantern), pose(50, 800, 500), pose(60, 800, 500));
        assertThat(report.enlarged()).hasValueSatisfying(most -> {
            assertThat(most.percent()).isEqualTo(75, within(1e-9));
            assertThat(most.frame()).isEqualTo(1);
        });
        assertThat(check(List.of(Cuts.square(0, 0, 90, 0.9, SPREAD)), pose(90, 1100, 700))
                        .enlarged())
                .as("out of sight")
                .isEmpty();
    }

    static List<Integer> seeds() {
        return java.util.stream.IntStream.rangeClosed(1, 40).boxed().toList();
    }

    /** Every pixel of the frame is looked through by hand, with the Java library's shapes: it sees what there is, or the frame is named. */
    @ParameterizedTest
    @MethodSource("seeds")
    void everyFrameIsCoveredOrNamed(int seed) {
        Random chance = new Random(seed);
        List<Plane> planes = new ArrayList<>();
        for (int i = 0; i <= chance.nextInt(3); i++) {
            double reach = chance.nextInt(4) == 0 ? Fill.DEEPEST : 90 * chance.nextDouble();
            planes.add(Cuts.plane(
                    "p" + i,
                    0.35 + 0.6 * chance.nextDouble(),
                    chance.nextInt(12),
                    SPREAD.withReach(reach),
                    Cuts.star(chance, PICTURE)));
        }
        double strength = 0.3 + chance.nextDouble();
        List<Instant> instants = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            instants.add(new Instant(i, any(chance).map(), strength, Portion.WHOLE));
        }
        PlaneReport report = PlaneCheck.of(planes, PICTURE, FRAME, FRAME, instants);
        for (Instant instant : instants) {
            Optional<PlaneReport.Opening> named = report.openings().stream()
                    .filter(opening -> opening.frame() == instant.frame())
                    .findFirst();
            double seen = seen(planes, instant);
            if (named.isEmpty()) {
                assertThat(seen).isLessThan(1);
            } else if (named.get().side().isEmpty() && named.get().px() > 6) {
                assertThat(seen).as("named for nothing").isPositive();
            }
        }
    }

    private static Pose any(Random chance) {
        double percent = 50 * (1.1 + chance.nextDouble());
        double turn = 20 * chance.nextDouble() - 10;
        return new Pose(
                Scale.uniform(percent),
                new FramePoint(350 + 100 * chance.nextDouble(), 200 + 50 * chance.nextDouble()),
                turn,
                new PicturePoint(700 + 200 * chance.nextDouble(), 400 + 200 * chance.nextDouble()));
    }

    /** How far beyond what is filled a pixel of the frame sees, at most, source pixels. */
    private static double seen(List<Plane> planes, Instant instant) {
        List<Plane> order = Cutouts.inOrder(planes);
        Parallax parallax = Parallax.of(instant.toFrame(), PICTURE, FRAME, instant.strength());
        List<Optional<Zoom>> zooms = order.stream().map(parallax::of).toList();
        List<Path2D> paths =
                order.stream().map(plane -> Cuts.path(plane.outline())).toList();
        List<Contour> contours =
                order.stream().map(plane -> Contour.of(plane, PICTURE)).toList();
        ProjectiveMap back = instant.toFrame().inverse();
        double worst = 0;
        for (int i = 0; i < 160 * 90; i++) {
            double x = i % 160 * 5 + 2.5;
            double y = i / 160 * 5 + 2.5;
            double groundX = back.x(x, y);
            double groundY = back.y(x, y);
            for (int k = order.size() - 1; k >= -1; k--) {
                Zoom zoom = k < 0 ? Zoom.shift(0, 0) : zooms.get(k).orElse(null);
                if (zoom == null) {
                    continue;
                }
                double atX = (groundX - zoom.byX()) / zoom.times();
                double atY = (groundY - zoom.byY()) / zoom.times();
                double half = k < 0 ? 0 : order.get(k).soft() / 2;
                double depth = k < 0 ? 1 : contours.get(k).depth(atX, atY);
                boolean something = k < 0
                        || (depth > -half && atX > 0 && atY > 0 && atX < PICTURE.width() && atY < PICTURE.height());
                for (int hole = k + 1; something && hole < order.size(); hole++) {
                    if (paths.get(hole).contains(atX, atY)) {
                        double in = contours.get(hole).depth(atX, atY)
                                - order.get(hole).soft() / 2;
                        worst = Math.max(worst, in - order.get(hole).fill().reach());
                    }
                }
                if (something && depth >= half && (k < 0 || parallax.opacity(order.get(k)) == 1)) {
                    break;
                }
            }
        }
        return worst;
    }

    @Test
    void nothingMovesWithoutParallax() {
        Plane lantern = Cuts.square(600, 300, 300, 0.5, Fill.NONE);
        PlaneReport still = PlaneCheck.of(
                List.of(lantern),
                PICTURE,
                FRAME,
                FRAME,
                List.of(new Instant(0, pose(50, 950, 500).map(), 0, Portion.WHOLE)));
        assertThat(still).isEqualTo(PlaneReport.FLAT);
    }
}
