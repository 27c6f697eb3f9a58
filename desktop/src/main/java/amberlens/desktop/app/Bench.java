package amberlens.desktop.app;

import amberlens.core.edges.Conform;
import amberlens.core.model.FileProblem;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.desktop.actions.Action.Menu;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.actions.Needs;
import amberlens.desktop.aim.AimActions;
import amberlens.desktop.camera.CameraPane;
import amberlens.desktop.check.CheckPanel;
import amberlens.desktop.check.EdgeActions;
import amberlens.desktop.commands.DeskNeeds;
import amberlens.desktop.commands.ShotLength;
import amberlens.desktop.desk.Change;
import amberlens.desktop.desk.Changes;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Preferences;
import amberlens.desktop.desk.Subscription;
import amberlens.desktop.desk.Tools.Tool;
import amberlens.desktop.edit.EditActions;
import amberlens.desktop.export.ExportPanel;
import amberlens.desktop.export.QueuePanel;
import amberlens.desktop.firstmove.FirstMoveBar;
import amberlens.desktop.firstmove.WaysIn;
import amberlens.desktop.guide.GuidePanel;
import amberlens.desktop.help.ActionSearch;
import amberlens.desktop.intake.Drops;
import amberlens.desktop.intake.MediaImport;
import amberlens.desktop.intake.PictureLaying;
import amberlens.desktop.intake.PictureReplacing;
import amberlens.desktop.lens.LensPane;
import amberlens.desktop.lineup.LineUpActions;
import amberlens.desktop.lineup.LineUpPane;
import amberlens.desktop.menu.Menus;
import amberlens.desktop.moves.CarryActions;
import amberlens.desktop.moves.MoveActions;
import amberlens.desktop.play.PlayActions;
import amberlens.desktop.play.Playback;
import amberlens.desktop.score.ScorePane;
import amberlens.desktop.sealing.SealPane;
import amberlens.desktop.services.Services;
import amberlens.desktop.session.FileChoice;
import amberlens.desktop.session.Leaving;
import amberlens.desktop.session.ProjectActions;
import amberlens.desktop.session.ProjectSession;
import amberlens.desktop.session.RecentProjects;
import amberlens.desktop.settings.SettingsPanel;
import amberlens.desktop.shelf.ShelfPane;
import amberlens.desktop.shot.ShotActions;
import amberlens.desktop.style.Overlay;
import amberlens.desktop.style.OwnKeys;
import amberlens.desktop.style.Wardrobe;
import amberlens.desktop.table.TablePane;
import amberlens.files.Folders;
import amberlens.media.export.ExportFormat;
import amberlens.project.MoveFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.animation.AnimationTimer;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Window;
import org.jspecify.annotations.Nullable;

/** The one main window: puts the views together and gives them what they share. */
public final class Bench implements AutoCloseable {
    private static final double ZOOM = 1.5;

    /** The demo project, where the launcher says it is. */
    private static final Optional<Path> DEMO =
            Optional.ofNullable(System.getProperty("amber.demo")).map(Path::of).filter(Files::exists);

    /** What changes nothing in what can be done. */
    private static final Set<Change> PLAYING = EnumSet.of(Change.PLAYING, Change.MESSAGE, Change.PICTURES);

    private static final Set<KeyCode> TEXT_KEYS = EnumSet.of(
            KeyCode.A, KeyCode.C, KeyCode.X, KeyCode.V, KeyCode.LEFT, KeyCode.RIGHT, KeyCode.UP, KeyCode.DOWN);

    private final Desk desk;
    private final Services services;
    private final Playback playback;
    private final Actions actions;
    private final Overlay overlay = new Overlay();
    private final FileChoice files;
    private final ProjectSession session;
    private final MediaImport importer;
    private final List<Subscription> views;
    private final ShelfPane shelf;
    private final TablePane table;
    private final LensPane lens;
    private final LineUpPane lineUp;
    private final ScorePane score;
    private final BenchLayout layout;
    private final LensWindow lensWindow;
    private final FirstMoveBar firstMove;
    private final WaysIn waysIn;
    private final Scene scene;
    private final Wardrobe wardrobe = new Wardrobe();
    private final Subscription changing;
    private @Nullable Subscription listening;
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            playback.tick(now);
        }
    };

    /**
     * @param files asks for files
     * @param folders where settings and data are kept
     */
    public Bench(FileChoice files, Folders folders, double width, double height) {
        this.files = files;
        Path settings = folders.settings();
        desk = new Desk(new Preferences(settings));
        services = new Services(desk, folders.data());
        playback = new Playback(desk);
        actions = new Actions(desk.preferences()::shortcut, desk::say);
        var lengths = new ShotLength(desk, overlay);
        importer = new MediaImport(desk, services, overlay, this::showPictures);
        session = new ProjectSession(desk, services, overlay, files, new RecentProjects(settings), importer::conform);
        var replacing = new PictureReplacing(desk, overlay);
        new ProjectActions(desk, services, overlay, files, importer)
                .addTo(actions, session, this::showExport, this::showExports);
        EditActions.addTo(actions, desk, overlay);
        ShotActions.addTo(actions, desk, overlay, lengths);
        EdgeActions.addTo(actions, desk, services, overlay);
        LineUpActions.addTo(actions, desk, overlay, this::showWholeLineUp);
        MoveActions.addTo(actions, desk);
        CarryActions.addTo(actions, desk, overlay);
        AimActions.addTo(actions, desk);
        ViewActions.addTo(actions, desk, this::table);
        PlayActions.addTo(actions, desk, playback, overlay);
        viewActions();
        var menus = new Menus(actions, session::recent, session::openSafely);
        firstMove = new FirstMoveBar(desk, actions);
        waysIn = new WaysIn(actions, DEMO, session::openCopy, session::openSafely);
        TopBar top = new TopBar(desk, services, actions, menus);
        var drops = new Drops(desk, importer, session::openSafely);
        var laying = new PictureLaying(desk, actions, this::conform, this::handToTable);
        shelf = new ShelfPane(desk, services, actions, drops, laying, replacing::ask, settings);
        table = new TablePane(desk, services, actions, menus, waysIn, drops, laying, replacing::ask, this::find);
        lens = new LensPane(desk, services, actions, menus);
        CameraPane camera = new CameraPane(desk, services, actions, overlay);
        SealPane seal = new SealPane(desk, services);
        lineUp = new LineUpPane(desk, services, menus, drops, laying, lengths, replacing::ask);
        score = new ScorePane(desk, services, menus);
        StatusLine status = new StatusLine(desk, services);
        var rail = new ShelfRail(desk, shelf);
        layout = new BenchLayout(desk, rail, shelf, table, lens, new StackPane(camera, seal), firstMove, lineUp, score);
        layout.setTop(top);
        layout.setBottom(status);
        drops.serve(layout, shelf.place());
        views = List.of(top, shelf, table, lens, camera, seal, lineUp, score, status, layout, firstMove);
        scene = new Scene(new StackPane(layout, overlay), width, height);
        wardrobe.dress(scene);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        scene.addEventFilter(KeyEvent.KEY_RELEASED, this::released);
        scene.windowProperty().flatMap(Window::renderScaleXProperty).orElse(1.0).subscribe(_ -> renderFor());
        lensWindow = new LensWindow(lens, scene, wardrobe, this::key, this::released, layout::setLensHere);
        changing = desk.subscribe(this::changed);
        waysIn.showRecent(session.recent());
        dress();
        timer.start();
    }

    private void changed(Changes changes) {
        if (changes.contains(Change.PREFERENCES)) {
            dress();
        }
        if (!changes.only(PLAYING)) {
            actions.refresh();
        }
        if (changes.contains(Change.FILE)) {
            waysIn.showRecent(session.recent());
        }
    }

    /** Appearance and text size as they are chosen. */
    private void dress() {
        wardrobe.wear(desk.preferences().appearance(), desk.preferences().textPercent());
        layout.setText(wardrobe.text().get());
        renderFor();
    }

    /** Small pictures are made for the pixels of the screen that they take. */
    private void renderFor() {
        double device = scene.getWindow() == null ? 1 : scene.getWindow().getRenderScaleX();
        services.thumbnails().setDeviceScale(device * wardrobe.text().get());
    }

    /** What acts on a view rather than on the project. */
    private void viewActions() {
        actions.add(Menu.PLAY, "go.time", "Type a time", "T", Needs.NOTHING, () -> lens.askTime());
        actions.add(Menu.KEYS, "score.curves", "Curves in the Score", "C", Needs.NOTHING, () -> score.toggleCurves());
        actions.add(
                Menu.KEYS,
                "score.tall",
                "Pull the lanes of the selected keys tall",
                "Enter",
                Needs.NOTHING,
                () -> score.toggleTall());
        actions.add(
                Menu.KEYS, "score.closer", "Closer in time", "Equals", Needs.NOTHING, () -> score.zoomTime(1 / ZOOM));
        actions.add(
                Menu.KEYS, "score.further", "More time at once", "Minus", Needs.NOTHING, () -> score.zoomTime(ZOOM));
        actions.add(
                Menu.VIEW, "lens.full", "Lens: fill the screen", "F11", Needs.NOTHING, () -> lensWindow.toggle(true));
        actions.add(
                Menu.VIEW,
                "lens.window",
                "Lens: a window of its own",
                "Shift+F11",
                Needs.NOTHING,
                () -> lensWindow.toggle(false));
        actions.add(
                Menu.SHOT,
                "shelf.lay",
                "Lay the selected pictures into the Line-up",
                "Shortcut+Enter",
                Needs.of(
                        "a picture on the Shelf",
                        () -> !desk.document().project().media().isEmpty()),
                () -> shelf.laySelected());
        actions.add(Menu.VIEW, "shelf.ready", "Pictures or ready moves", "Y", Needs.NOTHING, this::toggleReady);
        actions.add(
                Menu.MOVE,
                "aim.places",
                "Pan and zoom between two places",
                "J",
                DeskNeeds.shot(desk),
                () -> shelf.panBetweenPlaces());
        actions.add(Menu.MOVE, "move.open", "Take a kept move from a file…", "", Needs.NOTHING, this::takeMove);
        actions.add(
                Menu.EDGES,
                "edges.check-all",
                "Check all shots…",
                "Shortcut+B",
                DeskNeeds.shots(desk),
                this::showCheck);
        actions.add(Menu.PROJECT, "settings.show", "Settings…", "Shortcut+I", Needs.NOTHING, this::showSettings);
        actions.add(
                Menu.HELP,
                "help.first-move",
                "Your first move in five steps",
                "",
                Needs.NOTHING,
                () -> firstMove.begin());
        actions.add(Menu.HELP, "help.guide", "Guide", "Shift+F1", Needs.NOTHING, this::showGuide);
        actions.add(Menu.HELP, "help.keys", "Find an action…", "F1", Needs.NOTHING, this::showActionSearch);
    }

    /** New shots are framed next. */
    private void handToTable() {
        table.takeFocus();
    }

    private Conform conform() {
        return shelf.conform();
    }

    private void takeMove() {
        files.moveToTake().ifPresent(file -> {
            try {
                shelf.take(MoveFile.open(file));
            } catch (FileProblem e) {
                overlay.tell("That move cannot be used", e.getMessage());
            }
        });
    }

    /** Opens the table of all shots. */
    public void showCheck() {
        showListening(new CheckPanel(desk, services, this::closeListening));
    }

    private void showPictures() {
        shelf.showPictures();
        openShelf();
    }

    private void openShelf() {
        if (!desk.preferences().shelfOpen()) {
            desk.prefer(to -> to.setShelfOpen(true));
        }
    }

    /** Shows the pictures or the ready moves on the Shelf. */
    public void toggleReady() {
        shelf.toggleReady();
        openShelf();
    }

    private void showWholeLineUp() {
        lineUp.showAll();
    }

    /** Opens the guide. */
    public void showGuide() {
        overlay.show(new GuidePanel(overlay::close), overlay::close);
    }

    /** Opens the settings. */
    public void showSettings() {
        overlay.show(new SettingsPanel(desk, actions, overlay::close), overlay::close);
    }

    /** Opens the search over all actions. */
    public void showActionSearch() {
        var panel = new ActionSearch(actions, desk.preferences(), overlay);
        overlay.show(panel, panel::escape);
        panel.lookup("#key-search").requestFocus();
    }

    /** Pulls the lanes of the Score tall, or closes them. */
    public void toggleCurves() {
        score.toggleCurves();
    }

    /** Opens the export dialog. */
    public void showExport() {
        desk.cursor().transport().setPlaying(false);
        Path folder = desk.document()
                .file()
                .map(file -> file.toAbsolutePath().getParent())
                .orElse(Path.of(System.getProperty("user.home")));
        Path proposed = folder.resolve(
                desk.document().project().name().replaceAll("[^\\p{L}\\p{N} _-]", "") + ExportFormat.MP4_H264.ending());
        ExportPanel panel = new ExportPanel(
                desk,
                services.exports(),
                services.background(),
                proposed,
                files::exportTo,
                overlay::close,
                this::showExports);
        overlay.show(panel, overlay::close);
    }

    /** Opens the list of exports. */
    public void showExports() {
        showListening(new QueuePanel(desk, services.exports(), this::closeListening));
    }

    /** Shows a panel that listens to the desk until it is closed. */
    private <P extends Region & Subscription> void showListening(P panel) {
        closeListening();
        listening = panel;
        overlay.show(panel, this::closeListening);
    }

    private void closeListening() {
        if (listening != null) {
            listening.close();
            listening = null;
            overlay.close();
        }
    }

    private void find(Media media) {
        files.pictureInsteadOf(Path.of(media.path())).ifPresent(file -> importer.find(media, file));
    }

    private void released(KeyEvent event) {
        desk.tools().setPeek(0);
    }

    /** Shortcuts, wherever the focus is; plain keys and those of text editing go to a text field that is being typed in. */
    private void key(KeyEvent event) {
        if (overlay.isOpen()) {
            return;
        }
        if (event.getCode() == KeyCode.ESCAPE && leaveModes()) {
            event.consume();
            return;
        }
        var focus = ((Node) event.getTarget()).getScene().getFocusOwner();
        boolean plain = !event.isShortcutDown() && !event.isAltDown();
        boolean ofText = event.isShortcutDown() && TEXT_KEYS.contains(event.getCode());
        if ((plain || ofText) && focus instanceof TextInputControl) {
            return;
        }
        if (focus instanceof OwnKeys own && own.uses(event)) {
            return;
        }
        boolean presses = event.getCode() == KeyCode.SPACE && focus instanceof ButtonBase && focus.isFocusVisible();
        if (presses) {
            return;
        }
        actions.matching(event).ifPresent(action -> {
            event.consume();
            actions.run(action.id());
        });
    }

    /** Escape leaves an offer to seal, puts a tool away, or brings the Lens back. */
    private boolean leaveModes() {
        if (desk.tools().sealing()) {
            desk.document().cancel();
            desk.tools().setSealing(false);
            return true;
        }
        if (desk.tools().tool() != Tool.HAND && desk.tools().drawn().isEmpty()) {
            desk.tools().take(Tool.HAND);
            desk.say("");
            return true;
        }
        if (lensWindow.isOpen()) {
            lensWindow.close();
            return true;
        }
        return false;
    }

    private TablePane table() {
        return table;
    }

    /** Takes away whatever dialog stands over the bench, without an answer. */
    void closeDialog() {
        closeListening();
        overlay.close();
    }

    public Scene scene() {
        return scene;
    }

    public Desk desk() {
        return desk;
    }

    public Services services() {
        return services;
    }

    public Actions actions() {
        return actions;
    }

    public ProjectSession session() {
        return session;
    }

    /**
     * Asks what has to be asked before the program ends.
     *
     * @param hide takes the window away while exports go on
     * @param end ends the program
     */
    public void leave(Runnable hide, Runnable end) {
        new Leaving(session, services.exports(), overlay).leave(hide, end);
    }

    /** The words for the window's title. */
    public String title() {
        Project project = desk.document().project();
        Optional<Path> file = desk.document().file();
        String name = file.map(path -> path.getFileName().toString()).orElse(project.name());
        return (desk.document().unsaved() ? "• " : "") + name + " – Amber Lens";
    }

    @Override
    public void close() {
        timer.stop();
        changing.close();
        closeListening();
        lensWindow.close();
        views.forEach(Subscription::close);
        playback.close();
        services.close();
    }
}
