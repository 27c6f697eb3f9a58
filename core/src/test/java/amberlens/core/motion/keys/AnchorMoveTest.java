package amberlens.core.motion.keys;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.CarryEdits;
import amberlens.core.edit.edits.PasteEdits;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Moving the anchor changes no framing anywhere in a shot: the maps at all key times stay (2-MATH, Moving the anchor). */
class AnchorMoveTest {
    private static final Size PICTURE = new Size(4000, 3000);
    private static final int LENGTH = 101;
    private static final List<Leg> LEGS =
            List.of(Leg.LINEAR, Leg.HOLD, new Leg.Smooth(), new Leg.Curve(new TimingCurve(0.42, 0, 0.58, 1)));

    private final Random random = new Random(1);

    private <V> List<Key<V>> keys(IntFunction<V> values) {
        var times = new TreeSet<Integer>();
        while (times.size() < 2 + random.nextInt(3)) {
            times.add(10 * random.nextInt(11));
        }
        List<Key<V>> keys = new ArrayList<>();
        for (int at : times) {
            keys.add(Key.of(at, values.apply(at), LEGS.get(random.nextInt(LEGS.size()))));
        }
        return keys;
    }

    private double number(double from, double to) {
        return from + (to - from) * random.nextDouble();
    }

    private CameraTrack move() {
        CameraTrack camera = CameraTrack.still(new Pose(
                Scale.uniform(number(40, 90)),
                new FramePoint(number(600, 1300), number(300, 700)),
                number(-20, 20),
                new PicturePoint(number(1000, 3000), number(800, 2200))));
        if (random.nextBoolean()) {
            camera = camera.withScale(Channel.keyed(ValueKinds.SCALE, keys(_ -> Scale.uniform(number(40, 160)))));
        }
        if (random.nextBoolean()) {
            camera = camera.withRotation(Channel.keyed(ValueKinds.NUMBER, keys(_ -> number(-90, 90))));
        }
        if (random.nextInt(4) > 0) {
            List<Key<FramePoint>> keys = keys(_ -> new FramePoint(number(600, 1300), number(300, 700)));
            if (random.nextInt(3) == 0) {
                keys.replaceAll(key -> key.withHandles(new PathHandles(
                        new FramePoint(number(-80, 80), number(-80, 80)),
                        new FramePoint(number(-80, 80), number(-80, 80)))));
            }
            camera = camera.withPosition(Channel.keyed(ValueKinds.POSITION, keys));
        }
        return camera;
    }

    private CameraTrack leaning() {
        CameraTrack camera = move();
        camera = camera.with(Properties.PITCH, Channel.keyed(ValueKinds.NUMBER, keys(_ -> number(-30, 30))));
        return random.nextBoolean()
                ? camera.with(Properties.YAW, Channel.constant(ValueKinds.NUMBER, number(-30, 30)))
                : camera;
    }

    private static CameraTrack anchored(CameraTrack camera, int frame, PicturePoint anchor) {
        Project empty = Project.empty("Plan").withMedia(List.of(Media.photo("m1", "plan.jpg", PICTURE)));
        Shot shot = new Shot("s1", "Plan", "m1", 1, 0, LENGTH, false, camera, Extras.NONE);
        Pose wanted = camera.at(frame).withAnchorInPlace(anchor);
        return CameraEdits.setPose("anchor", "s1", frame, wanted)
                .apply(empty.withShots(List.of(shot)))
                .shots()
                .getFirst()
                .camera();
    }

    private static void assertSameFramings(CameraTrack before, CameraTrack after, Iterable<Integer> times, String as) {
        Size frame = Project.empty("").frameSize();
        for (int at : times) {
            Pose was = before.at(at).in(PICTURE, frame);
            Pose is = after.at(at).in(PICTURE, frame);
            for (Corner corner : Corner.values()) {
                FramePoint of = corner.of(PICTURE);
                var place = new PicturePoint(of.x(), of.y());
                assertThat(is.toFrame(place).distance(was.toFrame(place)))
                        .as("%s, frame %d, %s", as, at, corner)
                        .isLessThan(1e-6);
            }
        }
    }

    @Test
    void noFramingChangesWhateverIsKeyedWhen() {
        for (int i = 0; i < 400; i++) {
            CameraTrack before = move();
            var anchor = new PicturePoint(number(0, 4000), number(0, 3000));
            CameraTrack after = anchored(before, random.nextInt(LENGTH), anchor);
            assertThat(after.anchor().at(50)).isEqualTo(anchor);
            var times = new TreeSet<>(before.keyFrames());
            times.addAll(after.keyFrames());
            assertSameFramings(
                    before, after, before.keyFrames().isEmpty() ? List.of(0) : before.keyFrames(), "move " + i);
            assertThat(before.keyFrames()).containsAll(after.keyFrames());
        }
    }

    @Test
    void noFramingOfALeaningPictureChanges() {
        for (int i = 0; i < 200; i++) {
            CameraTrack before = leaning();
            var anchor = new PicturePoint(number(1000, 3000), number(800, 2200));
            CameraTrack after = anchored(before, random.nextInt(LENGTH), anchor);
            assertSameFramings(before, after, before.keyFrames(), "leaning move " + i);
        }
    }

    /** The shift is the same everywhere then, and so is the whole way. */
    @Test
    void aMoveWithoutKeysOfScaleAndTurnKeepsItsKeysAndItsWay() {
        CameraTrack before = CameraTrack.still(
                        new Pose(Scale.uniform(70), new FramePoint(900, 500), 15, new PicturePoint(2000, 1500)))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(900, 500), new Leg.Curve(new TimingCurve(0.42, 0, 0.58, 1))),
                                Key.of(100, new FramePoint(1200, 620), Leg.LINEAR))));
        CameraTrack after = anchored(before, 40, new PicturePoint(300, 2500));
        assertThat(after.position().keys()).extracting(Key::at).containsExactly(0, 100);
        List<Integer> all = new ArrayList<>();
        for (int at = 0; at < LENGTH; at++) {
            all.add(at);
        }
        assertSameFramings(before, after, all, "the whole way");
    }

    /** The fault that this was made for: two position keys, an anchor typed at the first frame. */
    @Test
    void theSecondFramingStaysWhereItWas() {
        CameraTrack before = CameraTrack.still(
                        new Pose(Scale.uniform(60), new FramePoint(960, 540), 0, new PicturePoint(2000, 1500)))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(960, 540), Leg.LINEAR),
                                Key.of(124, new FramePoint(700, 400), Leg.LINEAR))));
        CameraTrack after = anchored(before, 0, new PicturePoint(1000, 500));
        assertSameFramings(before, after, List.of(0, 62, 124), "both framings");
    }

    /** A flight follows the middle of the gate, which no anchor moves. */
    @Test
    void aFlightGoesTheSameWay() {
        var leg = Leg.Flight.in(Project.empty("").frameSize(), 1.42, new TimingCurve(0.42, 0, 0.58, 1));
        CameraTrack before = CameraTrack.still(
                        new Pose(Scale.uniform(60), new FramePoint(960, 540), 5, new PicturePoint(2000, 1500)))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, Scale.uniform(60), leg), Key.of(100, Scale.uniform(150), Leg.LINEAR))))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(960, 540), leg),
                                Key.of(100, new FramePoint(200, 900), Leg.LINEAR))));
        CameraTrack after = anchored(before, 0, new PicturePoint(3000, 500));
        assertSameFramings(before, after, List.of(0, 13, 50, 77, 100), "the flight");
    }

    private static Project two(CameraTrack first, CameraTrack second) {
        return Project.empty("Plan")
                .withMedia(List.of(Media.photo("m1", "plan.jpg", PICTURE)))
                .withShots(List.of(
                        new Shot("s1", "Plan", "m1", 1, 0, LENGTH, false, first, Extras.NONE),
                        new Shot("s2", "Plan", "m1", 1, LENGTH, LENGTH, false, second, Extras.NONE)));
    }

    private static CameraTrack withAnchorPasted(CameraTrack source, int at, CameraTrack into) {
        var clip = new KeyClip(
                KeyClip.What.KEYS,
                source,
                Set.of(Properties.ANCHOR),
                0,
                PICTURE,
                Project.empty("").frameSize());
        return PasteEdits.paste(clip, Pasting.ALL, true, Map.of("s1", at))
                .apply(two(into, into))
                .shots()
                .getFirst()
                .camera();
    }

    @Test
    void framingsStayWhenKeysOfAnAnchorArePasted() {
        for (int i = 0; i < 100; i++) {
            CameraTrack before = i % 2 == 0 ? move() : leaning();
            CameraTrack source = move().withAnchor(Channel.keyed(
                    ValueKinds.ANCHOR, keys(_ -> new PicturePoint(number(1000, 3000), number(800, 2200)))));
            CameraTrack after = withAnchorPasted(source, 0, before);
            assertThat(after.anchor().keys()).hasSameSizeAs(source.anchor().keys());
            assertSameFramings(before, after, after.keyFrames(), "pasted into " + i);
        }
    }

    @Test
    void framingsStayWhenOnlyAnAnchorIsCarried() {
        for (int i = 0; i < 50; i++) {
            CameraTrack before = move();
            CameraTrack after = CarryEdits.carry("s1", Set.of("s2"), Set.of(Properties.ANCHOR), false)
                    .apply(two(move(), before))
                    .shots()
                    .getLast()
                    .camera();
            assertSameFramings(before, after, before.keyFrames().isEmpty() ? List.of(0) : before.keyFrames(), "" + i);
        }
    }

    /** With nothing else that changes over time, the picture does not move at all. */
    @Test
    void aPictureThatStandsStillStandsStillUnderAMovingAnchor() {
        CameraTrack still = CameraTrack.still(
                new Pose(Scale.uniform(60), new FramePoint(900, 500), 12, new PicturePoint(1500, 1500)));
        CameraTrack source = still.withAnchor(Channel.keyed(
                ValueKinds.ANCHOR,
                List.of(
                        Key.of(0, new PicturePoint(1000, 900), Leg.LINEAR),
                        Key.of(60, new PicturePoint(2600, 1800), LEGS.getLast()))));
        CameraTrack after = withAnchorPasted(source, 10, still);
        assertSameFramings(still, after, IntStream.range(0, LENGTH).boxed().toList(), "still");
    }
}
