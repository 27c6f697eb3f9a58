package amberlens.desktop.app;

import amberlens.core.edit.CameraEdits;
import amberlens.core.edit.SealEdits;
import amberlens.core.edit.ShotEdits;
import amberlens.core.geometry.MaskShape;
import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import amberlens.core.model.LineUp;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Framings;
import amberlens.core.motion.Properties;
import amberlens.core.motion.ValueKinds;
import amberlens.core.render.FrameRaster;
import amberlens.core.seal.SealResult;
import amberlens.core.seal.SealTerms;
import amberlens.core.seal.SealWay;
import amberlens.core.time.FrameSpan;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Selection;
import amberlens.desktop.desk.Tools;
import amberlens.desktop.session.FileChoice;
import amberlens.files.FileWords;
import amberlens.files.Folders;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportJob;
import amberlens.media.export.ExportSettings;
import amberlens.media.film.StillFile;
import amberlens.media.pixels.PixelKey;
import amberlens.project.ProjectFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.control.SplitPane;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;

/** Takes pictures of the views without a screen. */
public final class Shooting {
    /** The main views. */
    public enum View {
        BENCH,
        EXPORT,
        LEG,
        CURVES,
        KEYS,
        PATH,
        SEAL,
        ROOM,
        ENDS,
        MASK,
        LAYERS,
        READY,
        CHECK,
        QUEUE,
        DEPTH,
        EMPTY
    }

    /** The window system without a screen has no room for more. */
    private static final Size SIZE = new Size(1280, 800);

    /** Where the project seems to lie when its folder would show in the picture. */
    private static final Path ANYWHERE = Path.of("/films/fernhollow.amber");

    private static final int PATIENCE_SECONDS = 90;
    /** How far up the seam stands when the curves are shown. */
    private static final double TALL_SCORE = 0.36;

    /** How far down it stands when the line-up matters. */
    private static final double LOW_SCORE = 0.6;

    private static final Duration SETTLING = Duration.millis(2500);

    private Shooting() {}

    /** Opens the bench offscreen, waits until its pictures are there, and saves what it looks like. */
    public static void shoot(View view, Optional<Path> file, int frame, Path output) throws FileProblem {
        Path own = ownFolder();
        Optional<Project> project =
                file.isPresent() && view != View.EMPTY ? Optional.of(ProjectFile.open(file.get())) : Optional.empty();
        var taken = new CompletableFuture<FrameRaster>();
        Platform.startup(() -> open(Folders.below(own), view, project, file, frame, taken));
        try {
            StillFile.write(taken.get(PATIENCE_SECONDS, TimeUnit.SECONDS), StillFile.Kind.PNG, output);
        } catch (ExecutionException | TimeoutException e) {
            throw new FileProblem("The view could not be shown: " + e.getMessage() + ".", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new FileProblem("The view was not shown.", e);
        }
    }

    /** Settings and safe of its own, so that a picture leaves nothing behind and shows nobody's settings. */
    private static Path ownFolder() throws FileProblem {
        try {
            Path own = Files.createTempDirectory("amber-shoot");
            Runtime.getRuntime().addShutdownHook(Thread.ofPlatform().unstarted(() -> remove(own)));
            return own;
        } catch (IOException e) {
            throw new FileProblem("No folder for settings could be made: " + FileWords.reason(e) + ".", e);
        }
    }

    private static void remove(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            all.sorted(Comparator.reverseOrder()).forEach(path -> path.toFile().delete());
        } catch (IOException | UncheckedIOException _) {
            // The system clears its temporary folder.
        }
    }

    private static void open(
            Folders folders,
            View view,
            Optional<Project> project,
            Optional<Path> file,
            int frame,
            CompletableFuture<FrameRaster> taken) {
        try {
            AmberLens.dress();
            Bench bench = new Bench(new NoFiles(), folders, SIZE.width(), SIZE.height());
            Stage stage = new Stage();
            stage.setScene(bench.scene());
            stage.show();
            project.ifPresent(loaded -> {
                bench.desk().document().load(loaded, view == View.EXPORT ? Optional.of(ANYWHERE) : file);
                bench.desk().cursor().seek(frame);
            });
            switch (view) {
                case EXPORT -> bench.showExport();
                case LEG, PATH ->
                    framingBefore(bench).ifPresent(from -> bench.desk().cursor().select(new Selection.LegFrom(from)));
                case CURVES -> {
                    framingBefore(bench).ifPresent(from -> bench.desk().cursor().select(new Selection.Framing(from)));
                    bench.toggleCurves();
                    ((SplitPane) bench.scene().lookup("#seam")).setDividerPositions(TALL_SCORE);
                }
                case KEYS -> bench.showKeyMap();
                case SEAL -> bench.desk().tools().setSealing(true);
                case ROOM -> takeHold(bench.desk());
                case ENDS -> bench.desk().tools().toggle(Tools.LensShow.ENDS);
                case MASK -> {
                    bench.desk().tools().setMask(Optional.of(MaskShape.PORTRAIT));
                    bench.desk().tools().setJudgingMask(true);
                    bench.desk().tools().toggle(Tools.Guide.THIRDS);
                }
                case READY -> bench.showReadyMoves();
                case CHECK -> bench.showCheck();
                case QUEUE -> queue(bench);
                case LAYERS -> {
                    select(bench, "s6");
                    ((SplitPane) bench.scene().lookup("#seam")).setDividerPositions(LOW_SCORE);
                }
                case DEPTH -> lean(bench);
                case BENCH, EMPTY -> {}
            }
            whenPicturesAreThere(bench, () -> takeSoon(bench, taken));
        } catch (RuntimeException e) {
            taken.completeExceptionally(e);
        }
    }

    private static void select(Bench bench, String shot) {
        bench.desk().document().project().shot(shot).ifPresent(found -> bench.desk()
                .cursor()
                .select(Selection.shot(found.id())));
    }

    /** The selected shot leans, sealed, with its depth at hand. */
    private static void lean(Bench bench) {
        Desk desk = bench.desk();
        desk.tools().showDepth(true);
        desk.cursor().selectedShot().ifPresent(shot -> {
            Project leaning = desk.document()
                    .project()
                    .mapShot(
                            shot.id(),
                            found -> found.withCamera(found.camera()
                                    .with(Properties.TILT, Channel.constant(ValueKinds.NUMBER, 12.0))
                                    .with(Properties.SWIVEL, Channel.constant(ValueKinds.NUMBER, -16.0))));
            SealResult sealed =
                    SealEdits.seal(leaning, leaning.shot(shot.id()).orElseThrow(), SealWay.LIFT, SealTerms.free());
            if (sealed instanceof SealResult.Sealed found) {
                desk.document().apply(ShotEdits.setCamera("lean", shot.id(), found.camera()));
            }
        });
    }

    /** Exports of all shots, small and into a folder that goes away. */
    private static void queue(Bench bench) {
        Project project = bench.desk().document().project();
        Path folder = Path.of(
                System.getProperty("java.io.tmpdir"),
                "amber-shoot-" + ProcessHandle.current().pid());
        folder.toFile().deleteOnExit();
        var settings = new ExportSettings(
                new FrameSpan(0, 0),
                project.frameSize().fittedInto(640, 360),
                ExportFormat.WEBM_VP9,
                folder.resolve("fernhollow.webm"),
                true);
        ExportJob.perShot(
                        project,
                        LineUp.inTime(project)
                                .subList(0, Math.min(4, project.shots().size())),
                        settings)
                .forEach(job -> bench.services().exports().add(job, false));
        bench.showExports();
    }

    /** As if a hand held the gate: a drag in progress that has changed nothing yet. */
    private static void takeHold(Desk desk) {
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .show(CameraEdits.setFraming(
                        "move of the gate",
                        shot.id(),
                        desk.cursor().shotFrame(),
                        desk.document().project().pose(shot, desk.cursor().shotFrame()))));
    }

    private static Optional<Integer> framingBefore(Bench bench) {
        return bench.desk()
                .cursor()
                .selectedShot()
                .flatMap(shot ->
                        Framings.before(shot.camera(), bench.desk().cursor().shotFrame()));
    }

    private static void whenPicturesAreThere(Bench bench, Runnable then) {
        var all = bench.desk().document().project().media().stream()
                .filter(media -> media.kind() != Media.Kind.RIG)
                .map(media -> bench.services().cache().request(PixelKey.of(media, 0)))
                .toArray(CompletableFuture[]::new);
        var _ = CompletableFuture.allOf(all).whenComplete((_, _) -> Platform.runLater(then));
    }

    private static void takeSoon(Bench bench, CompletableFuture<FrameRaster> taken) {
        PauseTransition settling = new PauseTransition(SETTLING);
        settling.setOnFinished(_ -> {
            WritableImage image = bench.scene().snapshot(null);
            int[] argb = new int[SIZE.width() * SIZE.height()];
            image.getPixelReader()
                    .getPixels(
                            0, 0, SIZE.width(), SIZE.height(), PixelFormat.getIntArgbInstance(), argb, 0, SIZE.width());
            taken.complete(new FrameRaster(SIZE, argb));
        });
        settling.play();
    }

    /** Nobody is there to choose files. */
    private static final class NoFiles implements FileChoice {
        @Override
        public Optional<Path> projectToOpen() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> projectToSave(String proposedName) {
            return Optional.empty();
        }

        @Override
        public List<Path> mediaToAdd() {
            return List.of();
        }

        @Override
        public Optional<Path> pictureInsteadOf(Path missing) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> moveToTake() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> folderToSearch() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> exportTo(ExportFormat format) {
            return Optional.empty();
        }
    }
}
