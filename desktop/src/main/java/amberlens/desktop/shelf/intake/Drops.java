package amberlens.desktop.shelf.intake;

import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.DragFormats;
import amberlens.media.intake.MediaProbe;
import amberlens.project.ProjectFile;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;
import org.jspecify.annotations.Nullable;

/** Pictures from the Shelf and files from other programs, dropped anywhere they make sense. A project that is dropped opens. */
public final class Drops {
    /** What a drop of a project does anywhere. */
    public static final String OPENS = "Open the project";

    /** The endings of projects, and of edits of other programs. */
    private static final List<String> OPENED = List.of(ProjectFile.ENDING, ".otio", ".edl");

    private final Desk desk;
    private final MediaImport importer;
    private final Consumer<Path> opener;
    private final MoveOfFilm moves;
    private @Nullable DropPlace lit;

    /**
     * @param importer reads files
     * @param opener opens a project, or an edit of another program
     * @param moves takes the move of a film that is dropped as a link
     */
    public Drops(Desk desk, MediaImport importer, Consumer<Path> opener, MoveOfFilm moves) {
        this.desk = desk;
        this.importer = importer;
        this.opener = opener;
        this.moves = moves;
    }

    /** Lets a view take what is dropped on it. */
    public void serve(Node view, DropPlace place) {
        view.addEventHandler(DragEvent.DRAG_OVER, event -> {
            if (isWanted(event.getDragboard())) {
                event.acceptTransferModes(offered(event.getDragboard(), place, event.getX(), event.getY()));
                light(place);
                place.over(event);
                event.consume();
            }
        });
        view.addEventHandler(DragEvent.DRAG_EXITED, _ -> goneFrom(place));
        view.addEventHandler(DragEvent.DRAG_DROPPED, event -> {
            goneFrom(place);
            event.setDropCompleted(
                    isMove(event, desk.document().project())
                                    && place.moved(event.getX(), event.getY()).isPresent()
                            ? takeMove(
                                    event.getDragboard(),
                                    place.moved(event.getX(), event.getY()).orElseThrow())
                            : drop(event.getDragboard(), place, event.getX(), event.getY()));
            event.consume();
        });
    }

    /** One place at a time shows what a drop would do. */
    private void light(DropPlace place) {
        if (lit != null && lit != place) {
            lit.gone();
        }
        lit = place;
    }

    private void goneFrom(DropPlace place) {
        place.gone();
        if (lit == place) {
            lit = null;
        }
    }

    private static boolean isWanted(Dragboard board) {
        return board.hasFiles() || board.hasContent(DragFormats.MEDIA);
    }

    /** A film over a shot may be dropped as a link too, which is what the keys for links ask for. */
    private TransferMode[] offered(Dragboard board, DropPlace place, double x, double y) {
        boolean moves = isFilm(board, desk.document().project())
                && place.moved(x, y).filter(this.moves::takesMoves).isPresent();
        return moves
                ? new TransferMode[] {TransferMode.COPY, TransferMode.LINK}
                : new TransferMode[] {TransferMode.COPY};
    }

    /** Whether a drag brings one film, and the keys for links are held: what is wanted is its move. */
    public static boolean isMove(DragEvent event, Project project) {
        return event.getTransferMode() == TransferMode.LINK && isFilm(event.getDragboard(), project);
    }

    private static boolean isFilm(Dragboard board, Project project) {
        if (board.getContent(DragFormats.MEDIA) instanceof String ids) {
            return project.media(ids).filter(Media::moves).isPresent();
        }
        return board.getFiles().size() == 1
                && MediaProbe.isFilm(board.getFiles().getFirst().toPath());
    }

    private boolean takeMove(Dragboard board, Shot shot) {
        if (board.getContent(DragFormats.MEDIA) instanceof String id) {
            desk.document().project().media(id).ifPresent(film -> moves.take(shot, film));
        } else {
            moves.take(shot, board.getFiles().getFirst().toPath());
        }
        return true;
    }

    private boolean drop(Dragboard board, DropPlace place, double x, double y) {
        if (board.getContent(DragFormats.MEDIA) instanceof String ids) {
            List<Media> media = Stream.of(ids.split("\n"))
                    .flatMap(id -> desk.document().project().media(id).stream())
                    .toList();
            if (!media.isEmpty()) {
                place.take(media, x, y);
            }
            return !media.isEmpty();
        }
        List<Path> files = board.getFiles().stream().map(File::toPath).toList();
        Optional<Path> project =
                files.stream().filter(file -> isOpened(file.toString())).findFirst();
        if (project.isPresent()) {
            opener.accept(project.get());
        } else {
            importer.add(files, media -> place.take(media, x, y));
        }
        return !files.isEmpty();
    }

    /** Whether a drag brings one picture only, which may take the place of another; a folder may hold many. */
    public static boolean isSingle(DragEvent event, Project project) {
        if (event.getDragboard().getContent(DragFormats.MEDIA) instanceof String ids) {
            return project.media(ids).filter(Media::isSeen).isPresent();
        }
        List<File> files = event.getDragboard().getFiles();
        return files.size() == 1
                && !files.getFirst().isDirectory()
                && !MediaProbe.isSound(files.getFirst().toPath());
    }

    /** Whether a drag brings something that is seen, and no project. */
    public static boolean hasPictures(DragEvent event, Project project) {
        return !isProject(event) && !isHeard(event, project);
    }

    /** Whether a drag brings nothing but sounds. */
    private static boolean isHeard(DragEvent event, Project project) {
        return event.getDragboard().getContent(DragFormats.MEDIA) instanceof String ids
                ? Stream.of(ids.split("\n"))
                        .allMatch(id -> project.media(id).filter(Media::isSeen).isEmpty())
                : event.getDragboard().getFiles().stream().allMatch(file -> MediaProbe.isSound(file.toPath()));
    }

    /**
     * What a drop does, in words.
     *
     * @param replaced the shot whose picture it takes the place of
     * @param under the shot whose picture one picture alone would take the place of
     */
    public static String words(DragEvent event, Project project, Optional<Shot> replaced, Optional<Shot> under) {
        if (isProject(event)) {
            return OPENS;
        }
        if (isHeard(event, project)) {
            return "A clip of sound";
        }
        if (isMove(event, project) && under.isPresent()) {
            return "Take the move of the film for " + under.get().name();
        }
        if (isSingle(event, project)) {
            return replaced.map(shot -> "Replace the picture of " + shot.name()).orElse("A new shot");
        }
        return under.map(shot -> "New shots, in order; only a single picture replaces that of " + shot.name())
                .orElse("New shots, in order");
    }

    private static boolean isOpened(String name) {
        return OPENED.stream().anyMatch(name.toLowerCase(Locale.ROOT)::endsWith);
    }

    /** Whether a drag brings a project or an edit, which opens wherever it is dropped. */
    public static boolean isProject(DragEvent event) {
        return event.getDragboard().hasFiles()
                && event.getDragboard().getFiles().stream().anyMatch(file -> isOpened(file.getName()));
    }
}
