package amberlens.desktop.dialogs.folder;

import amberlens.core.base.words.Counted;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Arithmetic;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import amberlens.media.folder.FolderContents;
import amberlens.media.folder.FolderFilm;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

/** How a film of a folder is wanted. The folder is read, and its music listened to, in the background. */
final class FolderFilmPanel extends FormPanel {
    private static final int TOLD = 12;

    private final Services services;
    private final Overlay overlay;
    private final Path folder;
    private final BiConsumer<Project, Runnable> begin;
    private final FrameFormat frame;
    private final TextField seconds = new TextField("5");
    private final ComboBox<FolderContents.Order> order;
    private final CheckBox music = new CheckBox("its first sound, with the cuts on the beats");
    private final Label state = DialogParts.quiet("");
    private boolean working;

    /** @param begin opens the project that comes of it, and then runs something */
    FolderFilmPanel(Desk desk, Services services, Overlay overlay, Path folder, BiConsumer<Project, Runnable> begin) {
        super("Film from a folder", "Make it", overlay::close);
        this.services = services;
        this.overlay = overlay;
        this.folder = folder;
        this.begin = begin;
        frame = desk.document().project().frame();
        seconds.setPrefColumnCount(5);
        seconds.setId("film-seconds");
        order = Choices.of(
                List.of(FolderContents.Order.values()),
                FolderFilmPanel::words,
                FolderContents.Order.NAME,
                "film-order");
        music.setSelected(true);
        music.setId("film-music");
        HBox each = new HBox(6, seconds, DialogParts.quiet("s, about"));
        each.setAlignment(Pos.CENTER_LEFT);
        Label name = new Label(String.valueOf(folder.getFileName()));
        TextSizes.maxWidth(name, 320);
        row("Folder", name);
        row("In the order of", order);
        row("Each picture", each);
        row("Music", music);
        row("Frame", new Label(frame.size() + ", " + frame.rate() + " frames a second, as it is now"));
        explain(
                "Pictures get moves that show no edge. A text file that is called like a picture is its title. What comes of it is a project of"
                        + " its own, to be changed and exported.");
        state.setId("film-state");
        state.managedProperty().bind(state.textProperty().isNotEmpty());
        body(state);
    }

    private static String words(FolderContents.Order order) {
        return switch (order) {
            case NAME -> "their names";
            case DATE -> "their dates";
        };
    }

    @Override
    protected void take() {
        if (working) {
            return;
        }
        var film = new FolderFilm(frame.size(), frame.rate(), Arithmetic.value(seconds.getText()), 1);
        FolderContents.Order wanted = order.getValue();
        boolean heard = music.isSelected();
        working = true;
        say("");
        state.setText("Looking at the files …");
        services.background()
                .start(Work.<Laid>watched(work -> make(film, wanted, heard, work), this::laid, this::refused)
                        .forEveryProject()
                        .takesLong());
    }

    /** What was made of the folder, and what there is to say. */
    private record Laid(Project project, List<String> told) {}

    private Laid make(FolderFilm film, FolderContents.Order wanted, boolean heard, Work<?> work) throws FileProblem {
        FolderContents contents = FolderContents.of(folder, wanted, services.distrusted());
        if (contents.seen().isEmpty()) {
            throw new FileProblem("This folder holds no picture or film that can be used.");
        }
        work.tell(() -> state.setText(
                Counted.of(contents.seen().size(), "shot") + (heard ? "; listening to the music …" : " …")));
        List<String> told = new ArrayList<>(contents.problems());
        Optional<FolderFilm.Music> tune = heard ? FolderFilm.Music.of(contents, told::add) : Optional.empty();
        FolderFilm.Made made = film.make(String.valueOf(folder.getFileName()), contents, tune);
        Project project = made.project().withFrame(frame);
        told.addAll(made.remarks());
        return new Laid(project, told);
    }

    /** What was being read comes to nothing when the dialog has been closed. */
    private void laid(Laid laid) {
        if (getScene() != null) {
            overlay.close();
            begin.accept(laid.project, () -> tell(laid.told));
        }
    }

    private void refused(String why) {
        working = false;
        state.setText("");
        say(why);
    }

    private void tell(List<String> lines) {
        if (!lines.isEmpty()) {
            List<String> first = lines.subList(0, Math.min(TOLD, lines.size()));
            overlay.tell(
                    "Film made, with notes",
                    String.join("\n", first)
                            + (lines.size() > TOLD ? "\n… and " + (lines.size() - TOLD) + " more." : ""));
        }
    }
}
