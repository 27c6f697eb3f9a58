package amberlens.desktop.titles;

import amberlens.core.edit.TitleEdits;
import amberlens.core.model.Shot;
import amberlens.core.title.Title;
import amberlens.desktop.actions.Action.Menu;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.actions.Needs;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Selection;
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
