package amberlens.core.judge.seal;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.marks.MarkReport;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class MoveAsideTest {
    private static final Size PICTURE = new Size(4000, 3000);
    private static final Size FRAME = new Size(1920, 1080);

    /** A slide at 100 % from one middle of the gate to another, over 50 frames. */
    private static Take slide(PicturePoint from, PicturePoint to) {
        var leg = new Leg.Curve(TimingCurve.ofStrengths(0.4, 0.4));
        CameraTrack camera = new CameraTrack(
                Channel.constant(ValueKinds.SCALE, Scale.uniform(100)),
                Channel.keyed(ValueKinds.POSITION, List.of(Key.of(0, place(from), leg), Key.of(49, place(to), leg))),
                Channel.constant(ValueKinds.NUMBER, 0.0),
                Channel.constant(ValueKinds.ANCHOR, new PicturePoint(0, 0)));
        return new Take(camera, 50, PICTURE, FRAME);
    }

    private static FramePoint place(PicturePoint middle) {
        return new FramePoint(960 - middle.x(), 540 - middle.y());
    }

    private static Take moved(Take take, List<PictureBox> boxes) {
        return switch (MoveAside.of(take, true, boxes, SealTerms.free())) {
            case SealResult.Sealed sealed -> take.withCamera(sealed.camera());
            case SealResult.AlreadySealed _ -> take;
            case SealResult.Refused refused -> throw new AssertionError(refused.reason());
        };
    }

    @Test
    void a_head_half_out_at_the_end_comes_in_by_what_is_missing() {
        // the last gate shows 1540 … 3460 across; 40 of the head's 200 pixels are beyond
        Take take = slide(new PicturePoint(2000, 1500), new PicturePoint(2500, 1500));
        var head = new PictureBox(3300, 1400, 200, 200);
        Take aside = moved(take, List.of(head));

        assertThat(aside.pose(49).position().x()).isEqualTo(960 - 2540, org.assertj.core.data.Offset.offset(1e-2));
        assertThat(aside.pose(49).position().y()).isEqualTo(540 - 1500, org.assertj.core.data.Offset.offset(1e-2));
        assertThat(aside.pose(0).position()).isEqualTo(take.pose(0).position());
    }

    @Test
    void a_head_that_is_nearly_out_goes_out() {
        Take take = slide(new PicturePoint(2000, 1500), new PicturePoint(2500, 1500));
        var head = new PictureBox(3440, 1400, 200, 200); // 20 of its pixels are in
        Take aside = moved(take, List.of(head));

        assertThat(aside.pose(49).position().x()).isEqualTo(960 - 2480, org.assertj.core.data.Offset.offset(1e-2));
        assertThat(MarkReport.atRests(aside, head).isKept()).isTrue();
    }

    @Test
    void a_head_at_the_side_of_the_picture_is_never_an_open_edge() {
        Take take = slide(new PicturePoint(2000, 1500), new PicturePoint(3030, 1500));
        var head =
                new PictureBox(3900, 1400, 95, 200); // bringing it in needs 5 pixels more than there are to the right
        Take aside = moved(take, List.of(head));

        assertThat(EdgeReport.of(aside).isSealed()).isTrue();
        assertThat(MarkReport.atRests(aside, head).isKept()).isTrue();
    }

    @Test
    void what_cannot_be_said_without_an_open_edge_is_refused_in_words() {
        Take take = slide(new PicturePoint(2000, 1500), new PicturePoint(2100, 1500));
        List<PictureBox> rows = new ArrayList<>();
        for (int x = 0; x < 40; x++) {
            for (int y = 0; y < 30; y++) {
                rows.add(new PictureBox(100 * x, 100 * y, 130, 130));
            }
        }
        assertThat(MoveAside.of(take, true, rows.subList(0, 400), SealTerms.free()))
                .isInstanceOfSatisfying(SealResult.Refused.class, refused -> assertThat(refused.reason())
                        .contains("mark"));
    }

    @Property(tries = 300)
    void nothing_is_cut_at_rests_and_no_edge_opens(
            @ForAll @DoubleRange(min = 960, max = 3040) double fromX,
            @ForAll @DoubleRange(min = 540, max = 2460) double fromY,
            @ForAll @DoubleRange(min = 960, max = 3040) double toX,
            @ForAll @DoubleRange(min = 540, max = 2460) double toY,
            @ForAll @IntRange(min = 0, max = 3500) int left,
            @ForAll @IntRange(min = 0, max = 2600) int top,
            @ForAll @IntRange(min = 20, max = 500) int width,
            @ForAll @IntRange(min = 20, max = 400) int height) {
        Take take = slide(new PicturePoint(fromX, fromY), new PicturePoint(toX, toY));
        var box = new PictureBox(left, top, width, height);
        Stream.of(MoveAside.of(take, true, List.of(box), SealTerms.free()))
                .filter(SealResult.Sealed.class::isInstance)
                .map(SealResult.Sealed.class::cast)
                .map(moved -> take.withCamera(moved.camera()))
                .forEach(aside -> {
                    assertThat(MarkReport.atRests(aside, box).isKept()).isTrue();
                    assertThat(EdgeReport.of(aside).isSealed()).isTrue();
                });
    }

    @Property(tries = 60)
    void the_least_change_keeps_what_is_always_to_be_whole(
            @ForAll @DoubleRange(min = 700, max = 3300) double fromX,
            @ForAll @DoubleRange(min = 400, max = 2600) double toY,
            @ForAll @IntRange(min = 1700, max = 2100) int left,
            @ForAll @IntRange(min = 1200, max = 1600) int top) {
        Take take = slide(new PicturePoint(fromX, 1500), new PicturePoint(2000, toY));
        var box = new PictureBox(left, top, 200, 200);
        SealResult result = Seal.by(
                SealWay.LEAST,
                Subject.of(take, true, List.of(amberlens.core.judge.marks.MarkWish.always(box))),
                SealTerms.free());
        if (result instanceof SealResult.Sealed found) {
            Take now = take.withCamera(found.camera());
            assertThat(MarkReport.always(now, box).isKept()).isTrue();
            assertThat(EdgeReport.of(now).isSealed()).isTrue();
        } else if (result instanceof SealResult.AlreadySealed) {
            assertThat(MarkReport.always(take, box).isKept()).isTrue();
        }
    }
}
