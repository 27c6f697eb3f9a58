package amberlens.desktop.picture.marks;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.MarkEdits;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.MarkTools;
import amberlens.desktop.work.pictures.MediaMarks;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** The marks of the picture of the selected shot, and changes of them; what was found is noted in the project with the first change. */
public final class MarkDesk {
    private final Desk desk;
    private final MediaMarks marks;

    public MarkDesk(Desk desk, MediaMarks marks) {
        this.desk = desk;
        this.marks = marks;
    }

    private Project project() {
        return desk.document().project();
    }

    /** The shot whose picture they are on. */
    public Optional<Shot> shot() {
        return desk.cursor()
                .selectedShot()
                .filter(shot -> !project().isRig(shot) && !project().isTitle(shot));
    }

    private Optional<Media> media() {
        return shot().map(project()::mediaOf);
    }

    /** All of them, before mirroring; those that were put off only while all are shown. */
    public List<Mark> all() {
        return media().map(marks::of).orElse(List.of());
    }

    /** Where one is seen: after the mirror of the shot. */
    public PictureBox seen(PictureBox box) {
        return shot().map(shot -> box.mirrored(
                        shot.settings().mirror(), project().mediaOf(shot).size()))
                .orElse(box);
    }

    /** The selected one. */
    public Optional<Mark> selected() {
        return desk.tools().marks().selected().flatMap(chosen -> media().filter(
                        media -> media.id().equals(chosen.media()))
                .flatMap(media -> marks.of(media).stream()
                        .filter(mark -> mark.id().equals(chosen.mark()))
                        .findFirst()));
    }

    /** As it is selected. */
    public Optional<MarkTools.Selected> named(Mark mark) {
        return media().map(media -> new MarkTools.Selected(media.id(), mark.id()));
    }

    public void select(Mark mark) {
        desk.tools().marks().select(named(mark));
    }

    /** Changes one. */
    public void change(String name, Mark mark, UnaryOperator<Mark> how) {
        media().ifPresent(media -> desk.document().apply(changed(name, media, mark, how)));
    }

    /** Shows a change while it goes on. */
    void show(String name, Mark mark, UnaryOperator<Mark> how) {
        media().ifPresent(media -> desk.document().show(changed(name, media, mark, how)));
    }

    private Edit changed(String name, Media media, Mark mark, UnaryOperator<Mark> how) {
        return Edit.all(name, List.of(noting(media), MarkEdits.put(media.id(), how.apply(mark))));
    }

    private Edit noting(Media media) {
        return marks.noting(project(), List.of(media.id()));
    }

    /** Puts one off that was found, and takes one away that was drawn. */
    public void refuse(Mark mark) {
        media().ifPresent(media -> {
            Edit gone = mark.kind() == Mark.Kind.AREA
                    ? MarkEdits.remove(media.id(), mark.id())
                    : MarkEdits.put(media.id(), mark.refused());
            desk.document().apply(Edit.all("mark that does not matter", List.of(noting(media), gone)));
            desk.tools().marks().select(Optional.empty());
        });
    }

    /**
     * Draws one.
     *
     * @param box as it is seen
     */
    public void draw(PictureBox box) {
        media().ifPresent(media -> {
            Media noted = marks.noting(project(), List.of(media.id()))
                    .apply(project())
                    .media(media.id())
                    .orElseThrow();
            Mark mark = Mark.drawn(MarkEdits.freshId(noted), seen(box));
            desk.document()
                    .apply(Edit.all("area that matters", List.of(noting(media), MarkEdits.put(media.id(), mark))));
            select(mark);
        });
    }
}
