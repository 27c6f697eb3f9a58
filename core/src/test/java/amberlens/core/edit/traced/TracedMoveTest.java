package amberlens.core.edit.traced;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.traced.TracedWish.NoRoom;
import amberlens.core.edit.traced.TracedWish.Part;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.material.shake.Shake;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.material.shake.StockShake;
import amberlens.core.material.trace.MoveAndShake;
import amberlens.core.material.trace.Stand;
import amberlens.core.material.trace.Trace;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Random;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class TracedMoveTest {
    private static final Size FILM = new Size(1280, 720);
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(6000, 4000);
    private static final double LIMIT = 110;

    private static Trace trace(int length, IntFunction<Stand> at) {
        return new Trace(
                FILM,
                FrameRate.of(25),
                0,
                IntStream.range(0, length).mapToObj(at).toList(),
                false,
                0);
    }

    private static MoveAndShake parts(int length, IntFunction<Stand> at) {
        return MoveAndShake.apart(trace(length, at));
    }

    /** A pan to the right that leaves and arrives gently, and what a hand adds. */
    private static MoveAndShake pan(double way, double hand) {
        TimingCurve ease = TimingCurve.ofStrengths(0.42, 0.42);
        return parts(
                126,
                i -> new Stand(
                        -way * ease.progress(i / 125.0) + hand * (Math.sin(i * 2.1) - Math.sin(0)),
                        hand * Math.sin(i * 1.7),
                        1,
                        0,
                        1));
    }

    private static Project project(Size picture, CameraTrack camera, int length) {
        Media media = Media.photo("m1", "/archive/sheet.jpg", picture);
        Shot shot = new Shot("s1", "Sheet", "m1", 1, 0, length, true, camera, Extras.NONE);
        return Project.empty("Film").with(List.of(media), List.of(shot));
    }

    private static CameraTrack close(Size picture) {
        return CameraTrack.still(new Pose(
                Scale.uniform(60), FRAME.centre(), 0, new PicturePoint(picture.width() / 2.0, picture.height() / 2.0)));
    }

    private static TracedMove taken(Project project, MoveAndShake parts, TracedWish wish) {
        return TracedMove.of(project, project.shots().getFirst(), "Mill", parts, wish, LIMIT);
    }

    private static double gone(CameraTrack camera, int at) {
        return camera.at(at).position().x() - camera.at(0).position().x();
    }

    @Test
    void a_pan_of_a_film_is_one_leg_from_the_framing_that_is_there() {
        Project project = project(PICTURE, close(PICTURE), 126);
        TracedMove taken = taken(project, pan(0.3, 0), TracedWish.USUAL);
        CameraTrack camera = taken.shot().camera();
        assertThat(camera.at(0)).isEqualTo(close(PICTURE).at(0));
        assertThat(camera.keyFrames()).hasSizeLessThanOrEqualTo(3);
        assertThat(gone(camera, 125)).isCloseTo(-0.3 * 1920, Offset.offset(10.0));
        assertThat(taken.edit().orElseThrow().apply(project).shots().getFirst()).isEqualTo(taken.shot());
        assertThat(taken.shot().settings().shake()).isEmpty();
        assertThat(EdgeReport.of(project.take(taken.shot())).isSealed()).isTrue();
    }

    /** A hand goes further than a move may be off; still nothing of it is left in the keys. */
    @Test
    void the_move_of_somebody_who_walks_has_no_more_keys_than_that_of_a_tripod() {
        TimingCurve ease = TimingCurve.ofStrengths(0.5, 0.5);
        Shake walking = StockShake.WALKING.shake();
        Stand first = walking.at(0);
        MoveAndShake film = parts(126, i -> {
            Stand hand = walking.at(i / 25.0);
            return new Stand(
                    -0.4 * ease.progress(i / 125.0) + hand.x() - first.x(),
                    hand.y() - first.y(),
                    hand.scale() / first.scale(),
                    hand.degrees() - first.degrees(),
                    1);
        });
        Project project = project(PICTURE, close(PICTURE), 126);
        TracedMove both = taken(project, film, TracedWish.USUAL.withPart(Part.BOTH));
        assertThat(both.shot().camera().keyFrames()).hasSizeLessThanOrEqualTo(6);
        double furthest = 0;
        for (int at = 0; at < 126; at++) {
            double way = -0.4 * 1920 * ease.progress(at / 125.0);
            furthest = Math.max(
                    furthest, Math.abs(both.shot().camera().at(at).position().x() - 960 - way));
        }
        assertThat(furthest).as("px from what was meant, 2 %").isLessThan(0.02 * 1920);
        Shake found = both.shot().settings().shake().orElseThrow().shake();
        double off = 0;
        double all = 0;
        for (int at = 0; at < 126; at++) {
            double y = walking.at(at / 25.0).y();
            off += Math.pow(found.at(at / 25.0).y() - y, 2);
            all += y * y;
        }
        assertThat(off / all)
                .as("of the shake, of which the slowest sway may as well be a move")
                .isLessThan(0.3);
    }

    @Test
    void half_mirrored_and_backwards_are_what_they_say() {
        Project project = project(PICTURE, close(PICTURE), 126);
        MoveAndShake film = pan(0.2, 0);
        assertThat(gone(
                        taken(project, film, TracedWish.USUAL.withStrength(50))
                                .shot()
                                .camera(),
                        125))
                .isCloseTo(-0.1 * 1920, Offset.offset(10.0));
        assertThat(gone(
                        taken(project, film, TracedWish.USUAL.withMirrored(true))
                                .shot()
                                .camera(),
                        125))
                .isCloseTo(0.2 * 1920, Offset.offset(10.0));
        assertThat(gone(
                        taken(project, film, TracedWish.USUAL.withReversed(true))
                                .shot()
                                .camera(),
                        125))
                .isCloseTo(0.2 * 1920, Offset.offset(10.0));
    }

    @Test
    void a_reversed_trace_undoes_the_way_there() {
        Trace spiral = trace(80, i -> new Stand(0.002 * i, 0.001 * i, Math.pow(1.005, i), 0.3 * i, 1));
        Trace back = spiral.reversed();
        Pose neutral = new Pose(Scale.uniform(60), FRAME.centre(), 0, new PicturePoint(3000, 2000));
        Pose there = Trace.pose(neutral, spiral.stands().getLast(), FRAME);
        for (int i = 0; i < 80; i++) {
            Pose expected = Trace.pose(neutral, spiral.stands().get(79 - i), FRAME);
            Pose found = Trace.pose(there, back.stands().get(i), FRAME);
            assertThat(found.toFrame(new PicturePoint(3300, 1800))
                            .distance(expected.toFrame(new PicturePoint(3300, 1800))))
                    .isLessThan(1e-6);
        }
    }

    @Test
    void it_takes_as_long_as_in_the_film_and_then_rests_or_is_stretched_over_the_shot() {
        Project project = project(PICTURE, close(PICTURE), 251);
        CameraTrack kept = taken(project, pan(0.3, 0), TracedWish.USUAL.withStretched(false))
                .shot()
                .camera();
        assertThat(gone(kept, 125)).isCloseTo(-0.3 * 1920, Offset.offset(10.0));
        assertThat(kept.at(250)).isEqualTo(kept.at(130));
        CameraTrack stretched =
                taken(project, pan(0.3, 0), TracedWish.USUAL).shot().camera();
        assertThat(gone(stretched, 125)).isCloseTo(-0.15 * 1920, Offset.offset(10.0));
        assertThat(gone(stretched, 250)).isCloseTo(-0.3 * 1920, Offset.offset(10.0));
    }

    @Test
    void what_is_before_it_begins_stays_as_it_is() {
        CameraTrack pushed = close(PICTURE)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, Scale.uniform(50), Leg.LINEAR),
                                Key.of(50, Scale.uniform(70), Leg.LINEAR),
                                Key.of(150, Scale.uniform(90), Leg.LINEAR))));
        Project project = project(PICTURE, pushed, 176);
        CameraTrack camera = taken(project, pan(0.2, 0), TracedWish.USUAL.withBegins(50))
                .shot()
                .camera();
        for (int at = 0; at <= 50; at++) {
            assertThat(camera.at(at)).as("frame %d", at).isEqualTo(pushed.at(at));
        }
        assertThat(camera.at(175).scale().x()).as("it zooms no more").isCloseTo(70, Offset.offset(0.1));
        assertThat(camera.at(175).position().x()).isCloseTo(960 - 0.2 * 1920, Offset.offset(10.0));
    }

    @Test
    void where_the_picture_ends_it_is_made_smaller_or_sealed_or_said() {
        Project project = project(new Size(4000, 2700), close(new Size(4000, 2700)), 126);
        MoveAndShake film = pan(0.3, 0); // 576 px, of which 240 are there
        TracedMove smaller = taken(project, film, TracedWish.USUAL.withNoRoom(NoRoom.SMALLER));
        assertThat(gone(smaller.shot().camera(), 125)).isBetween(-241.0, -225.0);
        assertThat(smaller.remarks()).anyMatch(said -> said.contains("Made smaller: 4"));
        assertThat(EdgeReport.of(project.take(smaller.shot())).isSealed()).isTrue();
        TracedMove sealed = taken(project, film, TracedWish.USUAL);
        assertThat(EdgeReport.of(project.take(sealed.shot())).isSealed()).isTrue();
        assertThat(sealed.remarks()).anyMatch(said -> said.startsWith("Sealed"));
        TracedMove kept = taken(project, film, TracedWish.USUAL.withNoRoom(NoRoom.KEPT));
        assertThat(gone(kept.shot().camera(), 125)).isCloseTo(-576, Offset.offset(10.0));
        assertThat(kept.remarks()).anyMatch(said -> said.startsWith("An edge opens in"));
    }

    @Test
    void at_a_framing_that_fills_the_frame_a_smaller_pan_is_none_and_nothing_is_done() {
        Size picture = new Size(1920, 1080);
        Project project = project(picture, CameraTrack.still(Pose.neutral(picture, FRAME)), 126);
        TracedMove none = taken(project, pan(0.3, 0), TracedWish.USUAL.withNoRoom(NoRoom.SMALLER));
        assertThat(none.edit()).isEmpty();
        assertThat(none.remarks().getFirst()).contains("no room");
    }

    @Test
    void a_shake_lies_under_the_keys_that_are_there() {
        CameraTrack still = close(PICTURE);
        Project project = project(PICTURE, still, 126);
        TracedMove shaken = taken(
                project, pan(0.2, 0.004), TracedWish.USUAL.withPart(Part.SHAKE).withStrength(200));
        assertThat(shaken.shot().camera()).isEqualTo(still);
        ShakeLayer layer = shaken.shot().settings().shake().orElseThrow();
        assertThat(layer.amount()).isEqualTo(200);
        assertThat(layer.shake().name()).isEqualTo("Mill");
        double furthest = 0;
        for (int at = 20; at < 106; at++) {
            FramePoint seen = project.take(shaken.shot()).pose(at).position();
            furthest = Math.max(furthest, seen.distance(FRAME.centre()));
        }
        assertThat(furthest)
                .as("twice 0.004 of the width, in two directions, and what of the pan is taken for it")
                .isBetween(12.0, 35.0);
    }

    @Test
    void a_pace_takes_only_when_it_goes() {
        TimingCurve ease = TimingCurve.ofStrengths(0.42, 0.42);
        MoveAndShake film = parts(
                126, i -> new Stand(0, 0, 1 + 0.5 * (i < 50 ? 0 : i > 100 ? 1 : ease.progress((i - 50) / 50.0)), 0, 1));
        CameraTrack there = close(PICTURE)
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, FRAME.centre(), Leg.LINEAR),
                                Key.of(125, FRAME.centre().plus(new FramePoint(400, 0)), Leg.LINEAR))));
        Project project = project(PICTURE, there, 126);
        CameraTrack paced = taken(project, film, TracedWish.USUAL.withPart(Part.PACE))
                .shot()
                .camera();
        assertThat(gone(paced, 40)).as("it rests as the film does").isZero();
        assertThat(gone(paced, 75)).isCloseTo(200, Offset.offset(30.0));
        assertThat(gone(paced, 110)).isCloseTo(400, Offset.offset(1e-6));
        assertThat(gone(paced, 125)).isCloseTo(400, Offset.offset(1e-6));
        assertThatThrownBy(
                        () -> taken(project(PICTURE, close(PICTURE), 126), film, TracedWish.USUAL.withPart(Part.PACE)))
                .hasMessageContaining("two framings");
    }

    @Test
    void a_film_that_rests_between_its_ends_rests_at_the_framing_between() {
        MoveAndShake film =
                parts(151, i -> new Stand(i < 50 ? 0.004 * i : i < 100 ? 0.2 : 0.2 + 0.008 * (i - 100), 0, 1, 0, 1));
        CameraTrack there = close(PICTURE)
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, FRAME.centre(), Leg.LINEAR),
                                Key.of(75, FRAME.centre().plus(new FramePoint(300, 0)), Leg.LINEAR),
                                Key.of(150, FRAME.centre().plus(new FramePoint(300, 300)), Leg.LINEAR))));
        CameraTrack paced = taken(project(PICTURE, there, 151), film, TracedWish.USUAL.withPart(Part.PACE))
                .shot()
                .camera();
        for (int at : new int[] {60, 75, 90}) {
            assertThat(paced.at(at).position().distance(new FramePoint(1260, 540)))
                    .as("frame %d", at)
                    .isLessThan(1);
        }
    }

    @Test
    void moves_by_chance_on_pictures_of_any_size_show_no_edge() {
        byChance(60, 34);
    }

    @Test
    @Tag("long")
    void five_hundred_moves_by_chance_show_no_edge() {
        byChance(500, 35);
    }

    private static void byChance(int count, int seed) {
        var chance = new Random(seed);
        int sealed = 0;
        for (int i = 0; i < count; i++) {
            Size picture = new Size(2200 + chance.nextInt(5000), 1400 + chance.nextInt(3500));
            double fill = 100 * Math.max(1920.0 / picture.width(), 1080.0 / picture.height());
            CameraTrack camera = CameraTrack.still(new Pose(
                    Scale.uniform(fill * (1 + 0.5 * chance.nextDouble())),
                    FRAME.centre(),
                    0,
                    new PicturePoint(picture.width() / 2.0, picture.height() / 2.0)));
            int length = 40 + chance.nextInt(60);
            Project project = project(picture, camera, length);
            var wish = new TracedWish(
                    chance.nextBoolean() ? Part.BOTH : Part.MOVE,
                    50 + chance.nextInt(100),
                    chance.nextBoolean(),
                    chance.nextBoolean(),
                    chance.nextBoolean(),
                    chance.nextInt(20),
                    NoRoom.SEALED);
            TracedMove taken = TracedMove.of(project, project.shots().getFirst(), "Film", film(chance), wish, 1000);
            Project made = taken.edit().orElseThrow().apply(project);
            assertThat(EdgeReport.of(made.take(made.shots().getFirst())).isSealed())
                    .as("move %d of %s with %s: %s", i, picture, wish, taken.remarks())
                    .isTrue();
            sealed += taken.shot().camera().keyFrames().isEmpty() ? 0 : 1;
        }
        assertThat(sealed).as("that move at all").isGreaterThan(count * 9 / 10);
    }

    /** A smooth move by chance, with a hand. */
    private static MoveAndShake film(Random chance) {
        double x = 0.3 * chance.nextGaussian();
        double y = 0.15 * chance.nextGaussian();
        double growth = 0.25 * chance.nextGaussian();
        double degrees = 3 * chance.nextGaussian();
        double hand = 0.004 * chance.nextDouble();
        double bends = 1 + 2 * chance.nextDouble();
        int length = 40 + chance.nextInt(80);
        TimingCurve ease = TimingCurve.ofStrengths(chance.nextDouble(), chance.nextDouble());
        return parts(length, i -> {
            double part = ease.progress((double) i / (length - 1));
            return new Stand(
                    x * part + hand * Math.sin(1.9 * i),
                    y * Math.sin(bends * part) + hand * Math.sin(2.3 * i),
                    Math.exp(growth * part),
                    degrees * part + 30 * hand * Math.sin(1.3 * i),
                    1);
        });
    }
}
