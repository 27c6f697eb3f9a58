package amberlens.core.edit.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.MarkEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A picture as high as the frame and twice as wide, over which the camera goes from left to right and back, with a rest at the right. */
class ShotMarksTest {
    private static final Media WIDE = Media.photo("m1", "/archive/wide.jpg", new Size(3840, 1080));

    private static Project swept() {
        Project project =
                ShotEdits.add(WIDE, Refit.FILL, 0).apply(MediaEdits.add(WIDE).apply(Project.empty("Wide")));
        return project.mapShot(
                "s1",
                shot -> shot.withCamera(shot.camera()
                        .withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(100)))
                        .withPosition(Channel.keyed(
                                ValueKinds.POSITION,
                                List.of(
                                        Key.of(0, new FramePoint(1920, 540), Leg.LINEAR),
                                        Key.of(40, new FramePoint(0, 540), Leg.HOLD),
                                        Key.of(60, new FramePoint(0, 540), Leg.LINEAR),
                                        Key.of(124, new FramePoint(1920, 540), Leg.LINEAR))))));
    }

    private static List<ShotMarks.Cut> cut(Project project, double left, Mark.Keep keep) {
        var mark = new Mark(
                "k1", Mark.Kind.FACE, new PictureBox(left, 300, 200, 200), 0.9, keep, Mark.By.FOUND, Extras.NONE);
        Project marked = MarkEdits.put("m1", mark).apply(project);
        return ShotMarks.of(marked, marked.shots().getFirst());
    }

    @Test
    void at_rests_a_mark_may_be_out_of_the_frame_but_not_cut() {
        assertThat(cut(swept(), 100, Mark.Keep.RESTS))
                .as("out of it at the right")
                .isEmpty();
        List<ShotMarks.Cut> halved = cut(swept(), 1850, Mark.Keep.RESTS);
        assertThat(halved).extracting(one -> one.where().span().from()).containsExactly(0, 40, 124);
        assertThat(halved).extracting(one -> one.where().span().to()).containsExactly(0, 60, 124);
        assertThat(halved.getFirst().where().worst().side()).isEqualTo(Side.RIGHT);
        assertThat(halved.getFirst().where().px()).as("1850 + 200 − 1920").isCloseTo(130, within(1e-9));
        assertThat(halved.get(1).where().worst().side()).isEqualTo(Side.LEFT);
        assertThat(halved.get(1).where().px()).as("1920 − 1850").isCloseTo(70, within(1e-9));
    }

    @Test
    void always_means_whole_in_every_frame_and_off_asks_nothing() {
        List<ShotMarks.Cut> gone = cut(swept(), 100, Mark.Keep.ALWAYS);
        assertThat(gone).hasSize(1);
        // it leaves when the frame has gone 100 px, of 48 px a frame, and is back when 100 of 30 px a frame are left
        assertThat(gone.getFirst().where().span().from()).isEqualTo(3);
        assertThat(gone.getFirst().where().span().to()).isEqualTo(120);
        assertThat(cut(swept(), 1850, Mark.Keep.OFF)).isEmpty();
    }

    @Test
    void a_mirrored_picture_has_its_marks_on_the_other_side() {
        Project mirrored = SettingsEdits.setMirror("s1", Mirror.HORIZONTAL).apply(swept());
        assertThat(cut(mirrored, 3840 - 1850 - 200, Mark.Keep.RESTS))
                .extracting(one -> one.where().span().from())
                .containsExactly(0, 40, 124);
        assertThat(cut(mirrored, 3640, Mark.Keep.ALWAYS))
                .as("the left end of what is seen")
                .hasSize(1);
    }

    @Test
    void a_delivery_is_judged_in_its_own_frame() {
        Project narrow = swept().withFrame(new amberlens.core.model.project.FrameFormat(
                new Size(1080, 1080), swept().frame().rate(), amberlens.core.base.colour.Colour.BLACK));
        assertThat(cut(narrow, 1000, Mark.Keep.ALWAYS)).isNotEmpty();
    }

    @Test
    void marks_have_ids_and_lie_on_what_is_seen() {
        Project marked = MarkEdits.put("m1", Mark.drawn("k1", new PictureBox(0, 0, 10, 10)))
                .apply(swept());
        assertThat(MarkEdits.freshId(marked.media().getFirst())).isEqualTo("k2");
        Project kept = MarkEdits.keep("m1", "k1", Mark.Keep.ALWAYS).apply(marked);
        assertThat(kept.media().getFirst().mark("k1")).map(Mark::keep).contains(Mark.Keep.ALWAYS);
        assertThat(MarkEdits.remove("m1", "k1").apply(kept)).isEqualTo(swept());
        Shot shot = swept().shots().getFirst();
        assertThat(ShotMarks.of(swept(), shot)).isEmpty();
        assertThatThrownBy(() -> Media.sound("a1", "/tune.flac")
                        .withMarks(List.of(Mark.drawn("k1", new PictureBox(0, 0, 1, 1)))))
                .hasMessageContaining("pictures and footage");
        assertThatThrownBy(() -> new PictureBox(0, 0, 0, 5)).hasMessageContaining("not 0.0 × 5.0");
    }
}
