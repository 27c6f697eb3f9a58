package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.List;
import org.junit.jupiter.api.Test;

class InsetEditsTest {
    private static final Size PICTURE = new Size(3000, 2000);

    private static Mark mark(String id, Mark.Kind kind, double left, double top, double width, double height) {
        return new Mark(
                id, kind, new PictureBox(left, top, width, height), 0.9, kind.usualKeep(), Mark.By.FOUND, Extras.NONE);
    }

    private static Media media(Mark... marks) {
        return Media.photo("m1", "/bed.png", PICTURE).withMarks(List.of(marks));
    }

    private static Project laid(Media media) {
        Project project = MediaEdits.add(media).apply(Project.empty("Fernhollow"));
        return InsetEdits.lay(List.of(media), 10, 2, InsetEdits.Order.ONE_AFTER_ANOTHER)
                .apply(project);
    }

    private static Shot inset(Project project) {
        return project.shots().getLast();
    }

    private static Portion left(Shot shot) {
        return AppliedLooks.of(shot.looks(), shot.camera(), 0).left();
    }

    @Test
    void a_face_stands_in_the_middle_of_its_inset_which_takes_as_much_room_as_any() {
        Project project = laid(media(mark("k1", Mark.Kind.FACE, 900, 700, 300, 400)));
        Shot shot = inset(project);
        Portion left = left(shot);
        // by hand: the face's middle is 1050, 900; as far as that to both sides
        assertThat(left.left()).isCloseTo(0, within(1e-9));
        assertThat(left.width()).isCloseTo(2100 / 3000.0, within(1e-9));
        assertThat(left.top()).isCloseTo(0, within(1e-9));
        assertThat(left.height()).isCloseTo(1800 / 2000.0, within(1e-9));
        Size frame = project.frameSize();
        FramePoint face = shot.camera().at(0).toFrame(new PicturePoint(1050, 900));
        assertThat(face.x()).isCloseTo(frame.width() / 2.0, within(1e-6));
        assertThat(face.y()).isCloseTo(frame.height() / 2.0, within(1e-6));
        FramePoint from = shot.camera().at(0).toFrame(new PicturePoint(0, 0));
        FramePoint to = shot.camera().at(0).toFrame(new PicturePoint(2100, 1800));
        boolean asWide = Math.abs(to.x() - from.x() - frame.width() / 3.0) < 1;
        boolean asHigh = Math.abs(to.y() - from.y() - frame.height() / 2.0) < 1;
        assertThat(asWide || asHigh).isTrue();
        assertThat(shot.fillsFrame()).isFalse();
    }

    @Test
    void half_of_a_picture_stays_at_least() {
        Portion left = left(inset(laid(media(mark("k1", Mark.Kind.FACE, 2700, 40, 200, 260)))));
        assertThat(left.left()).isCloseTo(0.5, within(1e-9));
        assertThat(left.width()).isCloseTo(0.5, within(1e-9));
        assertThat(left.top()).isCloseTo(0, within(1e-9));
        assertThat(left.height()).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void without_a_face_or_where_an_area_would_be_cut_all_of_the_picture_is_shown() {
        Mark face = mark("k1", Mark.Kind.FACE, 600, 700, 300, 400);
        Mark area = mark("k2", Mark.Kind.AREA, 2600, 700, 300, 400);
        for (Media media : List.of(
                media(),
                media(mark("k1", Mark.Kind.SUBJECT, 300, 300, 500, 500)),
                media(face, area),
                media(face.refused()),
                media(mark("k1", Mark.Kind.FACE, 1360, 790, 300, 400)))) {
            assertThat(left(inset(laid(media))).isWhole()).isTrue();
        }
    }
}
