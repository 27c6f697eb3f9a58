package amberlens.desktop.picture.table;

import amberlens.core.model.project.Media;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.DropSign;
import amberlens.desktop.shelf.intake.DropPlace;
import amberlens.desktop.shelf.intake.Drops;
import amberlens.desktop.shelf.intake.PictureLaying;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.input.DragEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** What a drop on the Table does: on its left half a new shot, on its right half another picture for the selected shot. */
final class TableDrop implements DropPlace {
    private final Desk desk;
    private final Region table;
    private final DropSign asNew;
    private final DropSign instead;
    private final PictureLaying laying;
    private final BiConsumer<Set<String>, String> replacing;

    TableDrop(
            Desk desk,
            Region table,
            DropSign asNew,
            DropSign instead,
            PictureLaying laying,
            BiConsumer<Set<String>, String> replacing) {
        this.desk = desk;
        this.table = table;
        this.asNew = asNew;
        this.instead = instead;
        this.laying = laying;
        this.replacing = replacing;
        StackPane.setAlignment(asNew, Pos.CENTER_LEFT);
        StackPane.setAlignment(instead, Pos.CENTER_RIGHT);
    }

    /** The shot whose picture a drop would replace. */
    private Optional<Shot> replaced(boolean single, double x) {
        return desk.cursor().selectedShot().filter(_ -> single && x > table.getWidth() / 2);
    }

    @Override
    public void over(DragEvent event) {
        boolean single = Drops.isSingle(event, desk.document().project()) && !Drops.isProject(event);
        boolean both = single && desk.cursor().selectedShot().isPresent();
        Optional<Shot> onto = replaced(single, event.getX());
        instead.hide();
        asNew.hide();
        if (Drops.isMove(event, desk.document().project())) {
            asNew.setMaxWidth(Double.MAX_VALUE);
            asNew.show(Drops.words(
                    event,
                    desk.document().project(),
                    Optional.empty(),
                    desk.cursor().selectedShot()));
            return;
        }
        double half = both ? table.getWidth() / 2 : Double.MAX_VALUE;
        asNew.setMaxWidth(half);
        instead.setMaxWidth(half);
        Optional<Shot> under = desk.cursor().selectedShot().filter(_ -> event.getX() > table.getWidth() / 2);
        (onto.isPresent() ? instead : asNew)
                .show(Drops.words(event, desk.document().project(), onto, under));
    }

    @Override
    public void gone() {
        asNew.hide();
        instead.hide();
    }

    @Override
    public Optional<Shot> moved(double x, double y) {
        return desk.cursor().selectedShot();
    }

    @Override
    public void take(List<Media> media, double x, double y) {
        Optional<Shot> onto = replaced(media.size() == 1 && media.getFirst().isSeen(), x);
        if (onto.isPresent()) {
            replacing.accept(Set.of(onto.get().id()), media.getFirst().id());
        } else {
            laying.atEnd(media);
        }
    }
}
