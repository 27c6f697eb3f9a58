package amberlens.desktop.dialogs.exchange;

import amberlens.core.edit.edits.Edit;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.dialogs.session.FileChoice;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import amberlens.exchange.MoveFormat;
import amberlens.exchange.MoveOut;
import amberlens.exchange.cut.Probe;
import amberlens.exchange.cut.Taken;
import amberlens.exchange.take.TakeIn;
import amberlens.media.intake.MediaProbe;
import amberlens.project.ProjectFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;

/** Moves and edits to other programs and from them. Files are read and written in the background. */
public final class ExchangeActions {
    private static final int TOLD = 12;

    private final Desk desk;
    private final Services services;
    private final Overlay overlay;
    private final FileChoice files;
    private final BiConsumer<Project, Runnable> begin;

    /** @param begin opens a project that has no file yet, after asking about unsaved changes, and then runs something */
    public ExchangeActions(
            Desk desk, Services services, Overlay overlay, FileChoice files, BiConsumer<Project, Runnable> begin) {
        this.desk = desk;
        this.services = services;
        this.overlay = overlay;
        this.files = files;
        this.begin = begin;
    }

    public void addTo(Actions actions) {
        actions.add(Menu.PROJECT, "project.take", "Import edit…", "", Needs.NOTHING, () -> files.editToTake()
                .ifPresent(this::begin));
        actions.add(Menu.LINE_UP, "lineup.timeline", "Export timeline…", "", DeskNeeds.shots(desk), () -> files.moveTo(
                        MoveFormat.OTIO, desk.document().proposedName() + MoveFormat.OTIO.ending())
                .ifPresent(this::timeline));
        actions.add(
                Menu.MOVE,
                "move.out",
                "Export move…",
                "",
                DeskNeeds.shot(desk),
                () -> overlay.show(new MoveOutPanel(overlay::close, this::handOn), overlay::close));
        actions.add(Menu.MOVE, "move.in", "Import move…", "", DeskNeeds.shot(desk), () -> files.editToTake()
                .ifPresent(this::takeMove));
    }

    private void handOn(MoveFormat format) {
        Project project = desk.document().project();
        Optional<Shot> selected = desk.cursor().selectedShot();
        selected.flatMap(shot -> files.moveTo(format, shot.name() + format.ending()))
                .ifPresent(file -> work(() -> {
                    List<String> notes = MoveOut.write(project, selected.get(), format, file);
                    return () -> tell("Move exported to " + file, notes);
                }));
    }

    private void timeline(Path file) {
        Project project = desk.document().project();
        work(() -> {
            List<String> notes = MoveOut.lineUp(project, file);
            return () -> tell("Timeline exported to " + file, notes);
        });
    }

    /** Opens projects, and begins with the edits that are in other files. */
    public Consumer<Path> orOpening(Consumer<Path> projects) {
        return file -> {
            if (file.toString().endsWith(ProjectFile.ENDING)) {
                projects.accept(file);
            } else {
                begin(file);
            }
        };
    }

    private void begin(Path file) {
        Project now = desk.document().project();
        Optional<Path> picture = desk.cursor().selectedShot().map(now::mediaOf).flatMap(ExchangeActions::file);
        work(() -> {
            Taken taken = TakeIn.from(file, new TakeIn.Wishes(picture, Optional.empty(), Optional.empty()), probe());
            return () -> begin.accept(taken.project(), () -> tellIfAny("Imported, with notes", taken.remarks()));
        });
    }

    /** Puts the move that is in a file on the selected shot. */
    private void takeMove(Path file) {
        Project project = desk.document().project();
        Shot shot = desk.cursor().selectedShot().orElseThrow();
        var wishes = new TakeIn.Wishes(
                file(project.mediaOf(shot)),
                Optional.of(project.frameSize()),
                Optional.of(project.frame().rate()));
        work(() -> {
            Taken taken = TakeIn.from(file, wishes, probe());
            if (taken.project().shots().size() != 1) {
                throw new FileProblem(file + " holds a whole edit, not one move; begin a project with it.");
            }
            Shot from = taken.project().shots().getFirst();
            return () -> {
                desk.document()
                        .apply(Edit.ofShot(
                                "import move",
                                shot.id(),
                                found -> found.withCamera(found.camera().withMoveOf(from.camera()))));
                tellIfAny("Move imported, with notes", taken.remarks());
            };
        });
    }

    private static Optional<Path> file(Media media) {
        return media.hasPixels() ? Optional.of(Path.of(media.path())) : Optional.empty();
    }

    private Probe probe() {
        return new Probe(
                path -> MediaProbe.file(path, services.distrusted()).media(),
                (first, rate) -> MediaProbe.sequence(List.of(first), rate).media(),
                MediaProbe::isFilm);
    }

    /** Something that is done in the background, and then shown. */
    private void work(Work.Compute<Runnable> compute) {
        services.background()
                .start(Work.of(compute, Runnable::run, why -> overlay.tell("That could not be done", why))
                        .takesLong());
    }

    private void tell(String title, List<String> lines) {
        if (lines.isEmpty()) {
            desk.say(title + ".");
        } else {
            tellIfAny(title, lines);
        }
    }

    private void tellIfAny(String title, List<String> lines) {
        if (!lines.isEmpty()) {
            List<String> first = lines.subList(0, Math.min(TOLD, lines.size()));
            String more = lines.size() > TOLD ? "\n… and " + (lines.size() - TOLD) + " more." : "";
            overlay.tell(title, String.join("\n", first) + more);
        }
    }
}
