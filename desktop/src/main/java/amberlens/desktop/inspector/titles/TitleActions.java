package amberlens.desktop.inspector.titles;

import amberlens.core.edit.edits.TitleEdits;
import amberlens.core.material.title.Title;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import java.util.HashSet;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** What can be done with titles. */
public final class TitleActions {
    private static final String FIRST_WORDS = "Title";

    private TitleActions() {}

    /** @param write lets the words of a shot's title be written in the Lens */
    public static void addTo(Actions actions, Desk desk, Consumer<Shot> write) {
        actions.add(Menu.SHOT, "title.add", "Add a title", "Alt+W", Needs.NOTHING, () -> {
            Set<String> before = ids(desk);
            desk.document()
                    .apply(TitleEdits.add(Title.of(FIRST_WORDS), desk.cursor().playhead()));
            Set<String> now = new HashSet<>(ids(desk));
            now.removeAll(before);
            now.stream().findFirst().flatMap(desk.document().project()::shot).ifPresent(shot -> {
                desk.cursor().select(Selection.shot(shot.id()));
                desk.tools().showTitle();
                write.accept(shot);
            });
        });
        actions.add(
                Menu.SHOT,
                "title.write",
                "Write the title in the Lens",
                "Alt+Shift+W",
                Needs.of("a selected title", () -> TitleWriting.title(desk).isPresent()),
                () -> desk.cursor().selectedShot().ifPresent(write));
    }

    private static Set<String> ids(Desk desk) {
        return desk.document().project().shots().stream().map(Shot::id).collect(Collectors.toSet());
    }
}
