package amberlens.core.judge.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomMoves;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Ride;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where the search for new key values ends: what binds it, and what it says when it cannot. */
class KeySearchTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final int LENGTH = 41;

    private static <V> List<Key<V>> keys(List<V> values) {
        return IntStream.range(0, values.size())
                .mapToObj(i -> Key.of(20 * i, values.get(i), Leg.LINEAR))
                .toList();
    }

    private static Take still(Size picture) {
        return new Take(CameraTrack.still(Pose.neutral(picture, FRAME)), LENGTH, picture, FRAME);
    }

    private static String refused(SealWay way, Take take, SealTerms terms) {
        SealResult result = Seal.by(way, take, terms);
        assertThat(result).isInstanceOf(SealResult.Refused.class);
        return ((SealResult.Refused) result).reason();
    }

    @Test
    void of_every_run_that_is_broken_the_worst_place_counts() {
        assertThat(KeySearch.worstOfRuns(new double[] {})).isEmpty();
        assertThat(KeySearch.worstOfRuns(new double[] {0, -1, 0})).isEmpty();
        assertThat(KeySearch.worstOfRuns(new double[] {1, 3, 2, 0, 5, 4, -1, 0.1}))
                .containsExactly(1, 4, 7);
        assertThat(KeySearch.worstOfRuns(new double[] {2, 2, 1, -3, 6, 7})).containsExactly(0, 5);
    }

    /** Ten pixels are missing on either side of a picture that is 20 px narrower than the frame. */
    @Test
    void a_shift_of_a_picture_that_is_too_narrow_says_how_far_it_stays_open_and_what_width_would_do() {
        assertThat(refused(SealWay.SHIFT, still(new Size(1900, 2000)), SealTerms.free()))
                .contains("by at least 10.0 px")
                .contains("with the keys there are")
                .doesNotContain("locked")
                .contains("a picture of at least 1920 × 2000");
        // Turned by 3° the frame is 1920·cos 3° + 1080·sin 3° = 1973.9 px wide (trigonometry).
        Take turned = new Take(
                CameraTrack.still(Pose.neutral(new Size(1940, 2000), FRAME).withDegrees(3)),
                LENGTH,
                new Size(1940, 2000),
                FRAME);
        assertThat(refused(SealWay.SHIFT, turned, SealTerms.free())).contains("a picture of at least 1974 × 2000");
    }

    @Test
    void a_refusal_names_the_frame_and_the_side_that_are_furthest_open() {
        CameraTrack shrinking = CameraTrack.still(Pose.neutral(FRAME, FRAME))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE, keys(List.of(Scale.uniform(104), Scale.uniform(102), Scale.uniform(99)))));
        Take take = new Take(shrinking, LENGTH, FRAME, FRAME);
        SealResult result = Seal.by(SealWay.SHIFT, take, SealTerms.free());
        assertThat(result).isInstanceOfSatisfying(SealResult.Refused.class, refused -> {
            assertThat(refused.frame()).isEqualTo(40);
            // One per cent of 1920 px, half on each side; of 1080 px it would be 5.4.
            assertThat(refused.reason())
                    .startsWith("frame 40 stays open at the")
                    .contains("by at least 9.6 px");
            assertThat(refused.side().orElseThrow().word()).isIn("left", "right");
        });
    }

    @Test
    void a_refusal_under_a_locked_framing_says_that_unlocking_would_do() {
        CameraTrack off = CameraTrack.still(Pose.neutral(new Size(2100, 1200), FRAME))
                .withPosition(Channel.constant(ValueKinds.POSITION, new FramePoint(1080, 540)));
        Take take = new Take(off, LENGTH, new Size(2100, 1200), FRAME);
        assertThat(refused(SealWay.SHIFT, take, SealTerms.free().withLocked(new TreeSet<>(List.of(3)))))
                .contains("by at least 30.0 px with the locked framings and the keys there are")
                .contains("no locked framing");
    }

    /**
     * Of a picture with axes apart only the height may grow: three framings stand 20 px too low in turn, a zoom of 600 to 620 px costs
     * half a thirtieth, three shifts by 20/1920 twice as much. A limit of 102 % leaves 12 px of the zoom, the rest is shifted.
     */
    @Test
    void the_limit_of_the_height_alone_is_kept_too() {
        Size picture = new Size(2400, 1200);
        var camera = CameraTrack.still(Pose.neutral(picture, FRAME))
                .withScale(
                        Channel.constant(ValueKinds.SCALE, Scale.uniform(100)).unlinked())
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        keys(List.of(new FramePoint(960, 620), new FramePoint(960, 460), new FramePoint(960, 620)))));
        Take take = new Take(camera, LENGTH, picture, FRAME);
        var free = (SealResult.Sealed) Seal.by(SealWay.LEAST, take, SealTerms.free());
        assertThat(free.camera().at(0).scale().y()).isCloseTo(100 * 620 / 600.0, within(1e-3));
        var limited = (SealResult.Sealed) Seal.by(SealWay.LEAST, take, SealTerms.limit(102));
        assertThat(limited.camera().at(0).scale().y()).isCloseTo(102, within(1e-4));
        assertThat(limited.camera().at(0).scale().x()).isCloseTo(100, within(1e-4));
        assertThat(limited.camera().position().at(0).y()).isCloseTo(620 - 8, within(1e-2));
    }

    /** A picture that leans is enlarged by more than its scale says; the limit is about what is seen. */
    @Test
    void the_limit_of_a_picture_that_leans_is_about_what_is_seen() {
        Size picture = new Size(2400, 1600);
        CameraTrack yawled = CameraTrack.still(Pose.neutral(picture, FRAME).withScale(Scale.uniform(85)))
                .with(Properties.YAW, Channel.keyed(ValueKinds.NUMBER, keys(List.of(-16.0, 0.0, -16.0))))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        keys(List.of(new FramePoint(1030, 540), new FramePoint(960, 540), new FramePoint(1030, 540)))));
        Take take = new Take(yawled, LENGTH, picture, FRAME);
        assertThat(EdgeReport.of(take).isSealed()).isFalse();
        var free = (SealResult.Sealed) Seal.by(SealWay.LEAST, take, SealTerms.free());
        double before = Enlargement.greatest(take).percent();
        double wanted = free.cost().enlargement();
        double limit = before + (wanted - before) * 0.6;
        var limited = (SealResult.Sealed) Seal.by(SealWay.LEAST, take, SealTerms.limit(limit));
        assertThat(limited.cost().enlargement()).isLessThanOrEqualTo(limit + 1e-4);
    }

    /** Moves whose own search does not settle: what it came to is closed by a last small zoom, which a lift of the whole exceeds. */
    @ParameterizedTest
    @ValueSource(longs = {689, 1259})
    void a_curved_move_that_does_not_settle_is_closed_by_a_small_zoom(long seed) {
        Subject curved = Subject.of(RandomMoves.any(new Random(seed), 30, false));
        assertThat(KeySearch.run(SealWay.LEAST, curved, SealTerms.free()).camera())
                .isEmpty();
        assertThat(KeySeal.attempt(SealWay.SHIFT, curved, SealTerms.free())).isEmpty();
        double lift = KeySeal.attempt(SealWay.LIFT, curved, SealTerms.free())
                .orElseThrow()
                .cost()
                .measure();
        double least = KeySeal.attempt(SealWay.LEAST, curved, SealTerms.free())
                .orElseThrow()
                .cost()
                .measure();
        assertThat(least).isLessThan(lift / 5);
    }

    @Test
    void a_curved_move_that_does_not_settle_within_the_limit_is_shifted() {
        Subject curved = Subject.of(RandomMoves.any(new Random(1468), 30, false));
        SealTerms terms = SealTerms.limit(130);
        assertThat(KeySearch.run(SealWay.LEAST, curved, terms).camera()).isEmpty();
        assertThat(KeySeal.attempt(SealWay.LIFT, curved, terms)).isEmpty();
        assertThat(KeySeal.attempt(SealWay.LEAST, curved, terms))
                .isPresent()
                .isEqualTo(KeySeal.attempt(SealWay.SHIFT, curved, terms));
    }

    @Test
    void a_shift_of_a_picture_that_leans_too_far_names_what_leans() {
        CameraTrack yawled = CameraTrack.still(Pose.neutral(FRAME, FRAME))
                .with(Properties.YAW, Channel.constant(ValueKinds.NUMBER, 20.0));
        assertThat(refused(SealWay.SHIFT, new Take(yawled, LENGTH, FRAME, FRAME), SealTerms.free()))
                .contains("less pitch, yaw or pulling of corners there")
                .doesNotContain("a picture of at least");
    }

    /**
     * The rig zooms about a middle that the rig above has moved 100 px to the right: of the 860 px that the picture has left to the right
     * of the frame's middle only 760 grow, and 860 are wanted of them.
     */
    @Test
    void below_a_rig_that_moves_it_aside_a_rig_is_lifted_by_more_than_its_own_frame_asks() {
        CameraTrack shot = CameraTrack.still(Pose.neutral(FRAME, FRAME));
        CameraTrack rig = CameraTrack.still(Pose.neutral(FRAME, FRAME).withPosition(new FramePoint(760, 540)));
        CameraTrack above = CameraTrack.still(Pose.neutral(FRAME, FRAME).withPosition(new FramePoint(1060, 540)));
        Subject subject = new Subject(
                rig,
                FRAME,
                true,
                camera -> List.of(new Subject.Judgement(
                        "the shot",
                        new Take(
                                shot,
                                LENGTH,
                                FRAME,
                                FRAME,
                                new Ride(
                                        List.of(new Ride.Rig(camera, 0, LENGTH), new Ride.Rig(above, 0, LENGTH)),
                                        FramePoint.ZERO)))));
        var sealed = (SealResult.Sealed) Seal.by(SealWay.LIFT, subject, SealTerms.free());
        assertThat(sealed.camera().scale().at(0).x() / 100).isCloseTo(860.0 / 760, within(2e-6));
        assertThat(Seal.by(SealWay.LIFT, subject, SealTerms.limit(114))).isInstanceOf(SealResult.Sealed.class);
        assertThat(Seal.by(SealWay.LIFT, subject, SealTerms.limit(113))).isInstanceOf(SealResult.Refused.class);
    }
}
