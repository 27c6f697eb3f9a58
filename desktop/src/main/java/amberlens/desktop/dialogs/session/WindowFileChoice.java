package amberlens.desktop.dialogs.session;

import amberlens.exchange.MoveFormat;
import amberlens.exchange.take.TakeIn;
import amberlens.media.export.ExportFormat;
import amberlens.media.intake.MediaProbe;
import amberlens.project.LookFile;
import amberlens.project.MoveFile;
import amberlens.project.ShakeFile;
import java.io.File;
import java.net.URI;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** The system's file dialogs. */
public final class WindowFileChoice implements FileChoice {
    private static final FileChooser.ExtensionFilter PROJECTS =
            new FileChooser.ExtensionFilter("Amber Lens projects", "*.amber");
    private static final FileChooser.ExtensionFilter FILMS =
            filter("Films", MediaProbe.FILM_ENDINGS.stream().sorted());

    private static final FileChooser.ExtensionFilter PICTURES = filter(
            "Pictures, footage and sounds",
            Stream.of(
                            Stream.of(
                                    "jpg", "jpeg", "png", "tif", "tiff", "webp", "bmp", "gif", "heic", "heif", "avif",
                                    "jp2", "j2k", "jpf", "psd", "svg", "svgz"),
                            MediaProbe.FILM_ENDINGS.stream().sorted(),
                            MediaProbe.SOUND_ENDINGS.stream().sorted())
                    .flatMap(endings -> endings));

    private static FileChooser.ExtensionFilter filter(String words, Stream<String> endings) {
        return new FileChooser.ExtensionFilter(
                words,
                endings.flatMap(ending -> Stream.of("*." + ending, "*." + ending.toUpperCase(Locale.ROOT)))
                        .toList());
    }

    private final Window owner;

    private final Consumer<URI> shows;

    /** @param shows opens an address in the program that the system has for it */
    public WindowFileChoice(Window owner, Consumer<URI> shows) {
        this.owner = owner;
        this.shows = shows;
    }

    @Override
    public void showFolder(Path file) {
        Path folder = file.toAbsolutePath().getParent();
        shows.accept((folder == null ? file : folder).toUri());
    }

    @Override
    public Optional<Path> projectToOpen() {
        return path(chooser("Open a project", PROJECTS).showOpenDialog(owner));
    }

    @Override
    public Optional<Path> projectToSave(String proposedName) {
        FileChooser chooser = chooser("Save the project", PROJECTS);
        chooser.setInitialFileName(proposedName);
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public List<Path> mediaToAdd() {
        List<File> files = chooser("Add pictures, footage and sounds", PICTURES).showOpenMultipleDialog(owner);
        return files == null ? List.of() : files.stream().map(File::toPath).toList();
    }

    @Override
    public Optional<Path> pictureInsteadOf(Path missing) {
        return path(chooser("Find " + missing.getFileName(), PICTURES).showOpenDialog(owner));
    }

    @Override
    public Optional<Path> looksToTake() {
        return path(chooser("Import looks", new FileChooser.ExtensionFilter("Kept looks", "*" + LookFile.ENDING))
                .showOpenDialog(owner));
    }

    @Override
    public Optional<Path> filmToTrace() {
        return path(chooser("Take the move of a film", FILMS).showOpenDialog(owner));
    }

    @Override
    public Optional<Path> moveToTake() {
        return path(chooser(
                        "Import kept move",
                        new FileChooser.ExtensionFilter(
                                "Kept moves and shakes", "*" + MoveFile.ENDING, "*" + ShakeFile.ENDING))
                .showOpenDialog(owner));
    }

    @Override
    public Optional<Path> folderToSearch() {
        return folder("Look for missing pictures in");
    }

    @Override
    public Optional<Path> folderToFilm() {
        return folder("Make a film of");
    }

    private Optional<Path> folder(String title) {
        var chooser = new DirectoryChooser();
        chooser.setTitle(title);
        return path(chooser.showDialog(owner));
    }

    @Override
    public Optional<Path> proofTo(String proposedName) {
        FileChooser chooser = chooser("Write the proof", new FileChooser.ExtensionFilter("Pages", "*.html"));
        chooser.setInitialFileName(proposedName);
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> editToTake() {
        var edits = new FileChooser.ExtensionFilter(
                "Timelines, edit lists, tables of keys, moves",
                TakeIn.endings().stream().map(ending -> "*" + ending).toList());
        return path(chooser("Import", edits).showOpenDialog(owner));
    }

    @Override
    public Optional<Path> moveTo(MoveFormat format, String proposedName) {
        FileChooser chooser =
                chooser("Export to", new FileChooser.ExtensionFilter(format.words(), "*" + format.ending()));
        chooser.setInitialFileName(proposedName);
        return path(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> exportTo(ExportFormat format) {
        return path(chooser("Export to", new FileChooser.ExtensionFilter(format.words(), "*" + format.ending()))
                .showSaveDialog(owner));
    }

    private static FileChooser chooser(String title, FileChooser.ExtensionFilter filter) {
        var chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().addAll(filter, new FileChooser.ExtensionFilter("All files", "*"));
        return chooser;
    }

    private static Optional<Path> path(@org.jspecify.annotations.Nullable File file) {
        return Optional.ofNullable(file).map(File::toPath);
    }
}
