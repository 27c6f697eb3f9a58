package amberlens.desktop.dialogs.trace;

import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.dialogs.session.FileChoice;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.shelf.intake.MoveOfFilm;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.KeptShakes;
import amberlens.desktop.work.services.Services;
import amberlens.desktop.work.tracking.FilmTraces;
import amberlens.media.intake.MediaProbe;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** The move of a film for the selected shot: from the menu, or by a film that is dropped on it. */
public final class TraceActions implements MoveOfFilm {
    private final Desk desk;
    private final Services services;
    private final Overlay overlay;
    private final FileChoice files;
    private final KeptShakes shakes;
    private final FilmTraces traces;

    public TraceActions(
            Desk desk, Services services, Overlay overlay, FileChoice files, KeptShakes shakes, FilmTraces traces) {
        this.desk = desk;
        this.services = services;
        this.overlay = overlay;
        this.files = files;
        this.shakes = shakes;
        this.traces = traces;
    }

    public void addTo(Actions actions) {
        Needs shot = Needs.of("a selected shot with a picture", () -> shot().isPresent());
        actions.add(
                Menu.MOVE, "move.film", "Take the move of a film…", "Alt+F", shot, () -> shot().ifPresent(this::ask));
    }

    private Optional<Shot> shot() {
        return desk.cursor().selectedShot().filter(this::takesMoves);
    }

    @Override
    public boolean takesMoves(Shot shot) {
        Project project = desk.document().project();
        return !project.isRig(shot) && !project.isTitle(shot);
    }

    /** Where the project has footage, the first of it is traced at once; else a file is asked for. */
    private void ask(Shot shot) {
        List<Media> footage =
                desk.document().project().media().stream().filter(Media::moves).toList();
        if (footage.isEmpty()) {
            another(film -> open(shot, List.of(film)));
        } else {
            open(shot, footage);
        }
    }

    @Override
    public void take(Shot shot, Media film) {
        List<Media> others = desk.document().project().media().stream()
                .filter(media -> media.moves() && !media.equals(film))
                .toList();
        open(shot, Stream.concat(Stream.of(film), others.stream()).toList());
    }

    @Override
    public void take(Shot shot, Path file) {
        read(file, film -> take(shot, film));
    }

    private void open(Shot shot, List<Media> films) {
        desk.cursor().transport().setPlaying(false);
        new TracePanel(desk, services, overlay, shakes, traces, shot, films, this::another).open();
    }

    private void another(Consumer<Media> then) {
        files.filmToTrace().ifPresent(file -> read(file, then));
    }

    private void read(Path file, Consumer<Media> then) {
        services.background()
                .start(Work.of(
                        () -> {
                            Media media =
                                    MediaProbe.file(file, services.distrusted()).media();
                            if (!media.moves()) {
                                throw new IllegalArgumentException(
                                        file.getFileName() + " does not move; only the move of a film can be taken.");
                            }
                            return media;
                        },
                        then,
                        why -> overlay.tell("That film cannot be traced", why)));
    }
}
