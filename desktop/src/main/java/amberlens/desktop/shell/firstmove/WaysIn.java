package amberlens.desktop.shell.firstmove;

import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Hint;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What an empty bench offers: pictures of one's own, the demo, a project opened lately; and a first move in five steps. */
public final class WaysIn extends VBox {
    private static final int MOST_RECENT = 4;

    private final VBox recent = new VBox(1);
    private final Consumer<Path> opener;

    /**
     * @param demo the demo project, where this build has it
     * @param openDemo opens it
     * @param opener opens a project
     */
    public WaysIn(Actions actions, Optional<Path> demo, Consumer<Path> openDemo, Consumer<Path> opener) {
        this.opener = opener;
        setId("ways-in");
        Button add = actions.bind(new Button("Add pictures…"), "media.add");
        add.setId("way-add");
        add.getStyleClass().add("main-button");
        Button open = actions.bind(new Button("Open a project…"), "project.open");
        open.setId("way-open");
        List.of(add, open).forEach(way -> way.setMinWidth(USE_PREF_SIZE));
        open.getStyleClass().add("quiet-button");
        FlowPane ways = new FlowPane(8, 8, add);
        demo.ifPresent(file -> {
            Button show = new Button("Open the demo");
            show.setId("way-demo");
            show.getStyleClass().add("quiet-button");
            Hint.of(show, "A film about Fernhollow Garden, to try everything with");
            show.setOnAction(_ -> openDemo.accept(file));
            show.setMinWidth(USE_PREF_SIZE);
            ways.getChildren().add(show);
        });
        ways.getChildren().add(open);
        Hyperlink first = new Hyperlink("Your first move in five steps");
        first.setId("way-first-move");
        first.getStyleClass().add("status-action");
        first.setOnAction(_ -> actions.run("help.first-move"));
        Label drop = DialogParts.sentence("Pictures, footage and projects can be dropped anywhere here.");
        recent.setId("way-recent");
        recent.managedProperty().bind(recent.visibleProperty());
        getChildren().addAll(DialogParts.title("A still picture, and a camera"), drop, ways, recent, first);
        setSpacing(14);
        setAlignment(Pos.CENTER_LEFT);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        getStyleClass().add("placeholder");
        managedProperty().bind(visibleProperty());
    }

    /** Shows the projects opened lately. */
    public void showRecent(List<Path> files) {
        recent.getChildren().clear();
        recent.setVisible(!files.isEmpty());
        if (!files.isEmpty()) {
            Label heading = new Label("Recent projects");
            heading.getStyleClass().add("list-heading");
            recent.getChildren().add(heading);
        }
        for (Path file : files.stream().limit(MOST_RECENT).toList()) {
            Button row = new Button(file.getFileName().toString());
            row.setMnemonicParsing(false);
            row.getStyleClass().add("list-row");
            Hint.of(row, file.toString());
            row.setOnAction(_ -> opener.accept(file));
            recent.getChildren().add(row);
        }
    }
}
