package amberlens.desktop.app;

import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.desktop.actions.Action.Menu;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.camera.CameraPane;
import amberlens.desktop.export.ExportPanel;
import amberlens.desktop.lens.LensPane;
import amberlens.desktop.lineup.LineUpPane;
import amberlens.desktop.look.Overlay;
import amberlens.desktop.play.Playback;
import amberlens.desktop.score.ScorePane;
import amberlens.desktop.services.Services;
import amberlens.desktop.shelf.ShelfPane;
import amberlens.desktop.store.Store;
import amberlens.desktop.store.Subscription;
import amberlens.desktop.table.TablePane;
import amberlens.media.export.ExportFormat;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.geometry.Orientation;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.SplitPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The one main window: puts the views together and gives them what they share. */
public final class Bench implements AutoCloseable {
    private static final double SHELF_WIDTH = 170;
    private static final double RIGHT_WIDTH = 440;

    private final Store store = new Store();
    private final Services services = new Services(store);
    private final Playback playback = new Playback(store);
    private final Actions actions = new Actions();
    private final Overlay overlay = new Overlay();
    private final FileChoice files;
    private final ProjectSession session;
    private final PictureImport importer;
    private final List<Subscription> views;
    private final Scene scene;
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            playback.tick(now);
        }
    };

    /**
     * @param files asks for files
     * @param settings the folder where lists such as the recent projects are kept
     */
    public Bench(FileChoice files, Path settings, double width, double height) {
        this.files = files;
        session = new ProjectSession(store, overlay, services.background(), files, new RecentProjects(settings));
        importer = new PictureImport(store, services, overlay);
        projectActions();
        BenchActions.addTo(actions, store, services, playback);
        TopBar top = new TopBar(store, services, actions, session::recent, session::openSafely);
        ShelfPane shelf = new ShelfPane(store, services, actions, importer::add);
        TablePane table = new TablePane(store, services, this::find);
        LensPane lens = new LensPane(store, services, actions);
        CameraPane camera = new CameraPane(store, actions);
        LineUpPane lineUp = new LineUpPane(store, services, shelf::conform);
        ScorePane score = new ScorePane(store, services);
        StatusLine status = new StatusLine(store, services);
        views = List.of(top, shelf, table, lens, camera, lineUp, score, status);
        var root = new StackPane(layout(top, shelf, table, lens, camera, lineUp, score, status), overlay);
        scene = new Scene(root, width, height);
        scene.getStylesheets()
                .add(Bench.class.getResource("/amberlens/desktop/amber.css").toExternalForm());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        timer.start();
    }

    private static BorderPane layout(
            TopBar top,
            ShelfPane shelf,
            TablePane table,
            LensPane lens,
            CameraPane camera,
            LineUpPane lineUp,
            ScorePane score,
            StatusLine status) {
        shelf.setMinWidth(SHELF_WIDTH);
        shelf.setMaxWidth(SHELF_WIDTH);
        VBox right = new VBox(lens, camera);
        VBox.setVgrow(lens, Priority.ALWAYS);
        right.setMinWidth(RIGHT_WIDTH);
        right.setMaxWidth(RIGHT_WIDTH);
        right.getStyleClass().add("right-column");
        HBox.setHgrow(table, Priority.ALWAYS);
        HBox upper = new HBox(shelf, table, right);
        lineUp.setMinHeight(62);
        lineUp.setMaxHeight(62);
        VBox.setVgrow(score, Priority.ALWAYS);
        VBox lower = new VBox(lineUp, score);
        SplitPane seam = new SplitPane(upper, lower);
        seam.setOrientation(Orientation.VERTICAL);
        seam.setDividerPositions(0.58);
        SplitPane.setResizableWithParent(lower, false);
        BorderPane bench = new BorderPane(seam);
        bench.setTop(top);
        bench.setBottom(status);
        bench.getStyleClass().add("bench");
        return bench;
    }

    private void projectActions() {
        actions.add(Menu.PROJECT, "project.new", "New project", "Shortcut+N", () -> true, session::startNew);
        actions.add(Menu.PROJECT, "project.open", "Open…", "Shortcut+O", () -> true, session::chooseAndOpen);
        actions.add(Menu.PROJECT, "project.save", "Save", "Shortcut+S", () -> true, session::save);
        actions.add(Menu.PROJECT, "project.save-as", "Save as…", "Shortcut+Shift+S", () -> true, session::saveAs);
        actions.add(
                Menu.PROJECT,
                "media.add",
                "Add pictures…",
                "Shortcut+I",
                () -> true,
                () -> importer.add(files.picturesToAdd()));
        actions.add(Menu.PROJECT, "project.frame", "Name and frame…", "Shortcut+F", () -> true, this::askFrame);
        actions.add(
                Menu.SHOT,
                "shot.name-and-length",
                "Name and length…",
                "Shortcut+L",
                () -> store.selectedShot().isPresent(),
                () -> store.selectedShot()
                        .ifPresent(shot -> overlay.show(new ShotPanel(store, overlay, shot), overlay::close)));
        actions.add(
                Menu.PROJECT,
                "project.export",
                "Export…",
                "Shortcut+E",
                () -> !store.project().shots().isEmpty(),
                this::showExport);
    }

    private void askFrame() {
        overlay.show(new FramePanel(store, overlay), overlay::close);
    }

    /** Opens the export dialog. */
    public void showExport() {
        store.setPlaying(false);
        Path folder = store.file()
                .map(file -> file.toAbsolutePath().getParent())
                .orElse(Path.of(System.getProperty("user.home")));
        Path proposed = folder.resolve(
                store.project().name().replaceAll("[^\\p{L}\\p{N} _-]", "") + ExportFormat.MP4_H264.ending());
        ExportPanel panel = new ExportPanel(store, services, overlay, proposed, files::exportTo);
        overlay.show(panel, panel::cancel);
    }

    private void find(Media media) {
        files.pictureInsteadOf(Path.of(media.path())).ifPresent(file -> importer.find(media, file));
    }

    /** Shortcuts, wherever the focus is; plain keys go to a text field that is being typed in. */
    private void key(KeyEvent event) {
        if (overlay.isOpen()) {
            return;
        }
        var focus = scene.getFocusOwner();
        boolean plain = !event.isShortcutDown() && !event.isAltDown();
        if (plain && focus instanceof TextInputControl) {
            return;
        }
        boolean presses = event.getCode() == javafx.scene.input.KeyCode.SPACE
                && focus instanceof ButtonBase
                && focus.isFocusVisible();
        if (presses) {
            return;
        }
        actions.matching(event).ifPresent(action -> {
            event.consume();
            actions.run(action.id());
        });
    }

    public Scene scene() {
        return scene;
    }

    public Store store() {
        return store;
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

    /** The words for the window's title. */
    public String title() {
        Project project = store.project();
        Optional<Path> file = store.file();
        String name = file.map(path -> path.getFileName().toString()).orElse(project.name());
        return (store.unsaved() ? "• " : "") + name + " – Amber Lens";
    }

    @Override
    public void close() {
        timer.stop();
        views.forEach(Subscription::close);
        playback.close();
        services.close();
    }
}
