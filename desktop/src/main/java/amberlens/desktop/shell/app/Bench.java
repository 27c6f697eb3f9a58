package amberlens.desktop.shell.app;

import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.commands.ShotLength;
import amberlens.desktop.desk.menu.Menus;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Preferences;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.desk.state.WindowLayout;
import amberlens.desktop.dialogs.advice.AdviceActions;
import amberlens.desktop.dialogs.check.EdgeActions;
import amberlens.desktop.dialogs.delivery.DeliveryActions;
import amberlens.desktop.dialogs.edit.EditActions;
import amberlens.desktop.dialogs.exchange.ExchangeActions;
import amberlens.desktop.dialogs.folder.FolderFilmActions;
import amberlens.desktop.dialogs.follow.FollowActions;
import amberlens.desktop.dialogs.moves.CarryActions;
import amberlens.desktop.dialogs.moves.MoveActions;
import amberlens.desktop.dialogs.proof.ProofActions;
import amberlens.desktop.dialogs.sealing.SealPane;
import amberlens.desktop.dialogs.session.FileChoice;
import amberlens.desktop.dialogs.session.Leaving;
import amberlens.desktop.dialogs.session.ProjectActions;
import amberlens.desktop.dialogs.session.ProjectSession;
import amberlens.desktop.dialogs.session.RecentProjects;
import amberlens.desktop.dialogs.shot.ShotActions;
import amberlens.desktop.dialogs.trace.TraceActions;
import amberlens.desktop.inspector.camera.AnchorRemark;
import amberlens.desktop.inspector.camera.CameraPane;
import amberlens.desktop.inspector.looks.LookActions;
import amberlens.desktop.inspector.planes.PlaneActions;
import amberlens.desktop.inspector.titles.TitleActions;
import amberlens.desktop.kit.style.LazyParts;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.WindowTheme;
import amberlens.desktop.picture.aim.AimActions;
import amberlens.desktop.picture.lens.LensPane;
import amberlens.desktop.picture.marks.MarkActions;
import amberlens.desktop.picture.table.TablePane;
import amberlens.desktop.shelf.intake.Drops;
import amberlens.desktop.shelf.intake.MediaImport;
import amberlens.desktop.shelf.intake.PictureLaying;
import amberlens.desktop.shelf.intake.PictureReplacing;
import amberlens.desktop.shelf.intake.SoundLaying;
import amberlens.desktop.shelf.panes.ShelfPane;
import amberlens.desktop.shelf.panes.ShelfTab;
import amberlens.desktop.shell.firstmove.FirstMoveBar;
import amberlens.desktop.shell.firstmove.WaysIn;
import amberlens.desktop.time.beats.BeatActions;
import amberlens.desktop.time.hearing.Listening;
import amberlens.desktop.time.hearing.MeterView;
import amberlens.desktop.time.hearing.SoundActions;
import amberlens.desktop.time.lineup.LineUpActions;
import amberlens.desktop.time.lineup.LineUpPane;
import amberlens.desktop.time.play.MakingReady;
import amberlens.desktop.time.play.PlayActions;
import amberlens.desktop.time.play.Playback;
import amberlens.desktop.time.score.ScorePane;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.services.KeptShakes;
import amberlens.desktop.work.services.Services;
import amberlens.desktop.work.tracking.FilmTraces;
import amberlens.files.Folders;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import javafx.animation.AnimationTimer;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Window;

/** The one main window: puts the views together and gives them what they share. */
public final class Bench implements AutoCloseable {
    /** The demo project, where the launcher says it is. */
    private static final Optional<Path> DEMO =
            Optional.ofNullable(System.getProperty("amber.demo")).map(Path::of).filter(Files::exists);

    /** What changes nothing in what can be done. */
    private static final Set<Change> PLAYING =
            EnumSet.of(Change.PLAYING, Change.MESSAGE, Change.PICTURES, Change.SOUNDS);

    /** What is painted now is seen until the screen is painted again. */
    private static final double HALF_A_PULSE = 1 / 120.0;

    private final Desk desk;
    private final Services services;
    private final KeptShakes shakes;
    private final Listening listening;
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
    private final MeterView meter;
    private final LineUpPane lineUp;
    private final ScorePane score;
    private final BenchLayout layout;
    private final LensWindow lensWindow;
    private final FirstMoveBar firstMove;
    private final WaysIn waysIn;
    private final Scene scene;
    private final RecentProjects recent;
    private final WindowTheme wardrobe = new WindowTheme();
    private final Subscription changing;
    private final Dialogs dialogs;
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            playback.tick(now);
            meter.tick();
        }
    };

    /**
     * @param files asks for files
     * @param folders where settings and data are kept
     */
    public Bench(FileChoice files, Folders folders, double width, double height) {
        this.files = files;
        Path settings = folders.settings();
        Executor notes = Background.oneAfterTheOther("notes");
        desk = new Desk(new Preferences(settings, notes));
        recent = new RecentProjects(settings, notes);
        services = new Services(desk, folders.data());
        shakes = new KeptShakes(settings, services.background(), desk::say);
        listening = new Listening(desk, services.sounds(), services.background()::show);
        playback = new Playback(desk, listening, HALF_A_PULSE);
        var making = new MakingReady(desk, services.made());
        actions = new Actions(desk.preferences()::shortcut, desk::say);
        dialogs = new Dialogs(desk, services, actions, overlay, files);
        var lengths = new ShotLength(desk, overlay);
        importer = new MediaImport(desk, services, overlay, this::showPictures);
        session = new ProjectSession(desk, services, overlay, files, recent, importer::conform);
        var replacing = new PictureReplacing(desk, overlay);
        var exchange = new ExchangeActions(desk, services, overlay, files, session::startWith);
        var traced = new TraceActions(
                desk, services, overlay, files, shakes, new FilmTraces(services.background(), services.rows()));
        addActions(exchange, lengths, traced);
        making.addTo(actions);
        var menus = new Menus(actions, session::recent, session::openSafely);
        firstMove = new FirstMoveBar(desk, actions);
        waysIn = new WaysIn(actions, DEMO, session::openCopy, session::openSafely);
        TopBar top = new TopBar(desk, services, actions, menus);
        var drops = new Drops(desk, importer, exchange.orOpening(session::openSafely), traced);
        SoundLaying soundLaying = new SoundLaying(desk, services.sounds());
        var laying =
                new PictureLaying(desk, actions, this::conform, soundLaying, services.marks()::of, this::handToTable);
        shelf = new ShelfPane(desk, services, actions, drops, laying, replacing::ask, shakes, settings);
        table = new TablePane(desk, services, actions, menus, waysIn, drops, laying, replacing::ask, this::find);
        lens = new LensPane(desk, services, actions, menus);
        CameraPane camera = new CameraPane(desk, services, actions, overlay);
        SealPane seal = new SealPane(desk, services);
        meter = new MeterView(listening, () -> actions.run("sound.master"));
        lineUp = new LineUpPane(desk, services, menus, drops, laying, lengths, meter, replacing::ask);
        score = new ScorePane(desk, services, menus);
        StatusLine status = new StatusLine(desk, services, actions::run);
        var rail = new ShelfRail(desk, shelf);
        var cameraOrSeal = new StackPane();
        LazyParts.fill(cameraOrSeal, List.of(camera, seal));
        layout = new BenchLayout(desk, rail, shelf, table, lens, cameraOrSeal, firstMove, lineUp, score);
        layout.setTop(top);
        layout.setBottom(status);
        drops.serve(layout, shelf.place());
        var anchorRemark = new AnchorRemark(desk, services.background());
        views = List.of(
                top,
                shelf,
                table,
                lens,
                camera,
                seal,
                lineUp,
                score,
                status,
                layout,
                firstMove,
                soundLaying,
                making,
                anchorRemark,
                new Gathering(desk));
        scene = new Scene(new StackPane(layout, overlay), width, height);
        wardrobe.dress(scene);
        var keys = new BenchKeys(desk, actions, overlay, this::lensWindow);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, keys::pressed);
        scene.addEventFilter(KeyEvent.KEY_RELEASED, keys::released);
        scene.windowProperty().flatMap(Window::renderScaleXProperty).orElse(1.0).subscribe(_ -> renderFor());
        lensWindow = new LensWindow(lens, scene, wardrobe, keys::pressed, keys::released, layout::setLensHere);
        changing = desk.subscribe(this::changed);
        waysIn.showRecent(session.recent());
        dress();
        timer.start();
    }

    /** All that can be done, in the order of the menus. */
    private void addActions(ExchangeActions exchange, ShotLength lengths, TraceActions traced) {
        new ProjectActions(desk, services, overlay, files, importer)
                .addTo(actions, session, dialogs::showExport, dialogs::showExports);
        FolderFilmActions.addTo(actions, desk, services, overlay, files, session::startWith);
        exchange.addTo(actions);
        DeliveryActions.addTo(actions, desk, services, overlay);
        ProofActions.addTo(actions, desk, services, overlay, files);
        MarkActions.addTo(actions, desk, services);
        EditActions.addTo(actions, desk, overlay);
        ShotActions.addTo(actions, desk, overlay, lengths);
        EdgeActions.addTo(actions, desk, services, overlay);
        LineUpActions.addTo(actions, desk, overlay, this::showWholeLineUp);
        SoundActions.addTo(actions, desk, services.sounds(), services.background(), overlay);
        BeatActions.addTo(actions, desk, services.sounds(), listening, overlay);
        MoveActions.addTo(actions, desk, services, overlay, shakes);
        AdviceActions.addTo(actions, desk, services, overlay);
        CarryActions.addTo(actions, desk, services, overlay);
        LookActions.addTo(actions, desk);
        TitleActions.addTo(actions, desk, this::write);
        AimActions.addTo(actions, desk);
        FollowActions.addTo(actions, desk, services, overlay);
        traced.addTo(actions);
        PlaneActions.addTo(actions, desk, services);
        ViewActions.addTo(actions, desk, this::table);
        PlayActions.addTo(actions, desk, playback, overlay);
        new BenchActions(desk, this, dialogs, overlay, files).add(actions);
    }

    private void changed(Changes changes) {
        if (changes.contains(Change.PREFERENCES)) {
            dress();
        }
        if (!changes.only(PLAYING) && changes.beyondGesture()) {
            actions.refresh();
        }
        if (changes.contains(Change.FILE)) {
            waysIn.showRecent(session.recent());
        }
    }

    /** Appearance and text size as they are chosen. */
    private void dress() {
        wardrobe.wear(desk.preferences().appearance(), desk.preferences().textPercent());
        layout.setText(wardrobe.text());
        renderFor();
    }

    /** Small pictures are made for the pixels of the screen that they take. */
    private void renderFor() {
        double device = scene.getWindow() == null ? 1 : scene.getWindow().getRenderScaleX();
        services.thumbnails().setDeviceScale(device * wardrobe.text());
    }

    /** New shots are framed next. */
    private void handToTable() {
        table.takeFocus();
    }

    private Refit conform() {
        return shelf.conform();
    }

    private void showPictures() {
        shelf.show(ShelfTab.PICTURES);
        openShelf();
    }

    private void openShelf() {
        if (!desk.preferences().shelfOpen() && desk.preferences().arrangement() != WindowLayout.GATHER) {
            desk.prefer(to -> to.setShelfOpen(true));
        }
    }

    /** Brings a tab of the Shelf to the front. */
    public void show(ShelfTab tab) {
        shelf.show(tab);
        openShelf();
    }

    private void showWholeLineUp() {
        lineUp.showAll();
    }

    /** Pulls the lanes of the Score tall, or closes them. */
    public void toggleCurves() {
        score.toggleCurves();
    }

    private void find(Media media) {
        files.pictureInsteadOf(Path.of(media.path())).ifPresent(file -> importer.find(media, file));
    }

    private void write(Shot shot) {
        lens.write(shot);
    }

    private TablePane table() {
        return table;
    }

    ShelfPane shelf() {
        return shelf;
    }

    LensPane lens() {
        return lens;
    }

    Listening listening() {
        return listening;
    }

    ScorePane score() {
        return score;
    }

    LensWindow lensWindow() {
        return lensWindow;
    }

    FirstMoveBar firstMove() {
        return firstMove;
    }

    Dialogs dialogs() {
        return dialogs;
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
        dialogs.close();
        lensWindow.close();
        views.forEach(Subscription::close);
        playback.close();
        listening.close();
        services.close();
        desk.preferences().close();
        recent.close();
    }
}
