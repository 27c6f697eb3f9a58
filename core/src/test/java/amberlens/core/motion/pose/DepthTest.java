package amberlens.core.motion.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.bytedeco.opencv.global.opencv_core.CV_32F;
import static org.bytedeco.opencv.global.opencv_core.CV_32FC2;
import static org.bytedeco.opencv.global.opencv_core.perspectiveTransform;
import static org.bytedeco.opencv.global.opencv_imgproc.getPerspectiveTransform;
import static org.bytedeco.opencv.global.opencv_imgproc.pointPolygonTest;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.FillScale;
import amberlens.core.judge.edges.KeepInside;
import amberlens.core.judge.edges.LeaningFill;
import amberlens.core.judge.edges.Margin;
import amberlens.core.judge.edges.Room;
import amberlens.core.judge.sharpness.Enlargement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.apache.commons.math3.geometry.euclidean.threed.Rotation;
import org.apache.commons.math3.geometry.euclidean.threed.RotationConvention;
import org.apache.commons.math3.geometry.euclidean.threed.Vector3D;
import org.bytedeco.javacpp.indexer.FloatIndexer;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Point2f;
import org.junit.jupiter.api.Test;

/**
 * Pictures that lean, against a computer-vision library's homography of four corners, whose places come from a general library's
 * rotations in space.
 */
class DepthTest {
    private static final Size PICTURE = new Size(2400, 1600);
    private static final Size FRAME = new Size(1920, 1080);

    private static Pose pose(Random chance, double most) {
        Depth depth = new Depth(
                most * (2 * chance.nextDouble() - 1),
                most * (2 * chance.nextDouble() - 1),
                1 + 3 * chance.nextDouble(),
                chance.nextBoolean()
                        ? CornerOffsets.NONE
                        : new CornerOffsets(pull(chance), pull(chance), pull(chance), pull(chance)),
                Optional.empty());
        return new Pose(
                        new Scale(90 + 80 * chance.nextDouble(), 90 + 80 * chance.nextDouble()),
                        new FramePoint(800 + 300 * chance.nextDouble(), 450 + 200 * chance.nextDouble()),
                        20 * chance.nextGaussian(),
                        new PicturePoint(900 + 600 * chance.nextDouble(), 600 + 400 * chance.nextDouble()))
                .withDepth(depth)
                .in(PICTURE, FRAME);
    }

    private static FramePoint pull(Random chance) {
        return new FramePoint(60 * chance.nextGaussian(), 60 * chance.nextGaussian());
    }

    /** Where a corner is seen: turned in space about the axes through the anchor, then seen from the distance. */
    private static FramePoint independent(Pose pose, Corner corner) {
        FramePoint at = corner.of(PICTURE);
        double x = (at.x() - pose.anchor().x()) * pose.scale().factorX();
        double y = (at.y() - pose.anchor().y()) * pose.scale().factorY();
        Rotation roll = rotation(Vector3D.PLUS_K, pose.degrees());
        // The upper side, at negative y, goes to positive z: about the axis to the right by minus the pitch.
        Rotation pitch = rotation(Vector3D.PLUS_I, -pose.depth().pitch());
        // The right side goes to positive z: about the axis down the frame by minus the yaw.
        Rotation yaw = rotation(Vector3D.PLUS_J, -pose.depth().yaw());
        Vector3D seen = yaw.applyTo(pitch.applyTo(roll.applyTo(new Vector3D(x, y, 0))));
        double viewer = pose.depth().distance()
                * Math.sqrt(pose.scale().factorX() * pose.scale().factorY())
                * Math.max(PICTURE.width(), PICTURE.height());
        double nearer = viewer / (viewer + seen.getZ());
        FramePoint off = pose.position().minus(FRAME.centre()).plus(new FramePoint(seen.getX(), seen.getY()));
        return FRAME.centre()
                .plus(off.times(nearer))
                .plus(pose.depth().corners().of(corner));
    }

    private static Rotation rotation(Vector3D axis, double degrees) {
        return new Rotation(axis, Math.toRadians(degrees), RotationConvention.VECTOR_OPERATOR);
    }

    private static List<FramePoint> corners(Pose pose) {
        List<FramePoint> corners = new ArrayList<>();
        for (Corner corner : Corner.values()) {
            corners.add(independent(pose, corner));
        }
        return corners;
    }

    private static Mat mat(List<FramePoint> points, int rows, int type) {
        Mat mat = new Mat(rows, type == CV_32F ? 2 : 1, type);
        try (FloatIndexer at = mat.createIndexer()) {
            for (int i = 0; i < points.size(); i++) {
                if (type == CV_32F) {
                    at.put(i, 0, (float) points.get(i).x());
                    at.put(i, 1, (float) points.get(i).y());
                } else {
                    at.put(i, 0, 0, (float) points.get(i).x());
                    at.put(i, 0, 1, (float) points.get(i).y());
                }
            }
        }
        return mat;
    }

    @Property(tries = 200)
    void places_are_those_of_the_library_s_homography(@ForAll long seed) {
        var chance = new Random(seed);
        Pose pose = pose(chance, 40);
        if (!pose.isSeen()) {
            return;
        }
        List<FramePoint> sheet = List.of(Corner.values()).stream()
                .map(corner -> corner.of(PICTURE))
                .toList();
        var inner = new FramePoint(PICTURE.width() * chance.nextDouble(), PICTURE.height() * chance.nextDouble());
        try (Mat from = mat(sheet, 4, CV_32F);
                Mat to = mat(corners(pose), 4, CV_32F);
                Mat matrix = getPerspectiveTransform(from, to);
                Mat point = mat(List.of(inner), 1, CV_32FC2);
                Mat seen = new Mat()) {
            perspectiveTransform(point, seen, matrix);
            try (FloatIndexer at = seen.createIndexer()) {
                FramePoint ours = pose.toFrame(new PicturePoint(inner.x(), inner.y()));
                assertThat(ours.x()).isCloseTo(at.get(0, 0, 0), within(0.1));
                assertThat(ours.y()).isCloseTo(at.get(0, 0, 1), within(0.1));
                PicturePoint back = pose.toPicture(ours);
                assertThat(Math.hypot(back.x() - inner.x(), back.y() - inner.y()))
                        .isLessThan(1e-6);
            }
        }
    }

    /** Inside the picture the nearest line is the nearest side, which the library finds; outside they may differ. */
    @Property(tries = 200)
    void margins_are_the_library_s_distances(@ForAll long seed) {
        Pose pose = pose(new Random(seed), 25);
        Margin margin = Margin.of(pose, PICTURE, FRAME);
        if (margin.unseen().isPresent() || margin.framePx() < 0) {
            return;
        }
        try (Mat outline = mat(corners(pose), 4, CV_32FC2)) {
            double least = Double.POSITIVE_INFINITY;
            for (Corner corner : Corner.values()) {
                FramePoint at = corner.of(FRAME);
                least = Math.min(least, pointPolygonTest(outline, new Point2f((float) at.x(), (float) at.y()), true));
            }
            assertThat(margin.framePx()).isCloseTo(least, within(0.01));
        }
    }

    @Test
    void whole_turns_are_exactly_flat_and_half_a_turn_shows_the_picture_turned_over() {
        Pose flat = Pose.neutral(PICTURE, FRAME);
        Pose round = flat.withDepth(Depth.FLAT.withPitch(360).withYaw(-720)).in(PICTURE, FRAME);
        assertThat(round.map()).isEqualTo(flat.map());
        Pose over = flat.withDepth(Depth.FLAT.withYaw(180)).in(PICTURE, FRAME);
        var point = new PicturePoint(1700, 300);
        assertThat(over.toFrame(point).x())
                .isCloseTo(FRAME.width() - flat.toFrame(point).x(), within(1e-9));
        assertThat(over.toFrame(point).y()).isCloseTo(flat.toFrame(point).y(), within(1e-9));
        assertThat(Margin.of(over, PICTURE, FRAME).framePx())
                .isCloseTo(Margin.of(flat, PICTURE, FRAME).framePx(), within(1e-9));
    }

    @Property(tries = 150)
    void a_lift_grows_everything_about_the_middle_of_the_frame_and_its_factor_just_covers(@ForAll long seed) {
        var chance = new Random(seed);
        Pose pose = pose(chance, 35);
        double factor = LeaningFill.factor(pose, PICTURE, FRAME);
        if (Double.isInfinite(factor)) {
            return;
        }
        Pose lifted = pose.zoomedAbout(FRAME.centre(), factor).in(PICTURE, FRAME);
        var point = new PicturePoint(2400 * chance.nextDouble(), 1600 * chance.nextDouble());
        FramePoint from = pose.toFrame(point).minus(FRAME.centre()).times(factor);
        assertThat(lifted.toFrame(point).minus(FRAME.centre()).distance(from)).isLessThan(1e-6 * factor);
        assertThat(Margin.of(lifted, PICTURE, FRAME).framePx()).isCloseTo(0, within(1e-6 * factor));
    }

    @Property(tries = 60)
    void room_and_fill_scale_end_where_the_edge_begins(@ForAll long seed) {
        Pose pose = pose(new Random(seed), 25);
        Margin margin = Margin.of(pose, PICTURE, FRAME);
        if (margin.unseen().isPresent() || margin.framePx() < 0) {
            return;
        }
        Room room = Room.of(pose, PICTURE, FRAME);
        assertThat(marginAt(pose, room.left(), 0)).isCloseTo(0, within(0.01));
        assertThat(marginAt(pose, -room.right(), 0)).isCloseTo(0, within(0.01));
        assertThat(marginAt(pose, 0, room.up())).isCloseTo(0, within(0.01));
        assertThat(marginAt(pose, 0, -room.down())).isCloseTo(0, within(0.01));
        if (FillScale.of(pose, PICTURE, FRAME) instanceof FillScale.Found found) {
            Pose filling = pose.withScale(Scale.uniform(found.percent()));
            assertThat(Margin.of(filling, PICTURE, FRAME).framePx()).isCloseTo(0, within(0.01));
        }
    }

    private static double marginAt(Pose pose, double right, double down) {
        return Margin.of(pose.withPosition(pose.position().plus(new FramePoint(right, down))), PICTURE, FRAME)
                .framePx();
    }

    @Test
    void keep_inside_stops_a_growing_yaw_where_the_edge_would_open() {
        Pose level = Pose.neutral(PICTURE, FRAME);
        Pose wanted = level.withDepth(Depth.FLAT.withYaw(60)).in(PICTURE, FRAME);
        Pose kept = KeepInside.nearest(level, wanted, PICTURE, FRAME);
        assertThat(kept.depth().yaw()).isBetween(1.0, 59.0);
        assertThat(Margin.of(kept, PICTURE, FRAME).framePx()).isBetween(0.0, 0.01);
    }

    /** The derivative of the map by differences. */
    @Test
    void enlargement_is_the_largest_stretch_at_the_corners_and_the_middle_of_the_frame() {
        Pose pose = Pose.neutral(PICTURE, FRAME)
                .withScale(Scale.uniform(130))
                .withDepth(Depth.FLAT.withYaw(30).withPitch(-12))
                .in(PICTURE, FRAME);
        double most = 0;
        for (FramePoint at : List.of(
                new FramePoint(0, 0),
                new FramePoint(1920, 0),
                new FramePoint(0, 1080),
                new FramePoint(1920, 1080),
                FRAME.centre())) {
            PicturePoint under = pose.toPicture(at);
            for (int degrees = 0; degrees < 180; degrees++) {
                double step = 1e-3;
                PicturePoint beside =
                        under.plus(step * Math.cos(Math.toRadians(degrees)), step * Math.sin(Math.toRadians(degrees)));
                most = Math.max(most, pose.toFrame(beside).distance(at) / step);
            }
        }
        assertThat(Enlargement.percent(pose, FRAME)).isCloseTo(100 * most, within(0.05));
    }

    @Test
    void what_cannot_be_seen_is_said() {
        Pose flat = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(100));
        assertThat(unseen(flat, Depth.FLAT.withYaw(90))).contains(Projection.Unseen.EDGE_ON);
        assertThat(unseen(flat, Depth.FLAT.withPitch(85).withDistance(0.75).withYaw(0)))
                .isEmpty();
        assertThat(unseen(
                        flat.withAnchor(new PicturePoint(0, 0)),
                        Depth.FLAT.withYaw(-80).withDistance(0.75)))
                .contains(Projection.Unseen.BEHIND);
        assertThat(unseen(flat, Depth.FLAT.withCorner(Corner.UPPER_LEFT, new FramePoint(3000, 0))))
                .contains(Projection.Unseen.CROSSED);
        Margin margin = Margin.of(flat.withDepth(Depth.FLAT.withYaw(90)).in(PICTURE, FRAME), PICTURE, FRAME);
        assertThat(margin.isSealed()).isFalse();
        assertThat(margin.reason()).isEqualTo("the picture is seen edge-on");
    }

    private static Optional<Projection.Unseen> unseen(Pose pose, Depth depth) {
        return pose.withDepth(depth)
                .in(PICTURE, FRAME)
                .projection()
                .orElseThrow()
                .unseen();
    }
}
