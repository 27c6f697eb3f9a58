package amberlens.desktop.shell.shooting;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.shell.app.AmberLens;
import amberlens.desktop.shell.app.Bench;
import amberlens.desktop.time.hearing.Listening;
import amberlens.files.FileWords;
import amberlens.files.Folders;
import amberlens.media.film.StillFile;
import amberlens.project.ProjectFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;

/** Takes pictures of the views without a screen. */
public final class Shooting {
    /** The window system without a screen has no room for more; a larger bench is drawn without a window. */
    private static final Size SCREEN = new Size(1280, 800);

    /** Where the project seems to lie when its folder would show in the picture. */
    private static final Path ANYWHERE = Path.of("/films/fernhollow.amber");

    private static final int PATIENCE_SECONDS = 180;
    private static final Duration STEP = Duration.millis(250);
    private static final int STEPS = 10;

    private Shooting() {}

    /** Opens the bench offscreen, waits until its pictures are there, and saves what it looks like. */
    public static void shoot(Order order, Path output) throws FileProblem {
        Path own = ownFolder();
        Optional<Project> project =
                order.file().isPresent() && order.view() != View.EMPTY && order.view() != View.FIRST_MOVE
                        ? Optional.of(ProjectFile.open(order.file().get()))
                        : Optional.empty();
        var taken = new CompletableFuture<FrameRaster>();
        Platform.startup(() -> open(Folders.below(own), order, project, taken));
        try {
            StillFile.write(taken.get(PATIENCE_SECONDS, TimeUnit.SECONDS), StillFile.Kind.PNG, output);
        } catch (TimeoutException e) {
            throw new FileProblem(
                    "The view was not ready within " + PATIENCE_SECONDS + " s; the machine may be busy. Try again.", e);
        } catch (ExecutionException e) {
            throw new FileProblem("The view could not be shown: " + FileWords.reason(e) + ".", e);
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
            Folders folders, Order order, Optional<Project> project, CompletableFuture<FrameRaster> taken) {
        try {
            AmberLens.dress();
            Size size = order.size();
            Bench bench = new Bench(new NoFiles(), folders, size.width(), size.height());
            bench.desk().prefer(to -> {
                to.setArrangement(order.arrangement());
                Staging.prepare(order.view(), to);
                to.setShelfOpen(order.shelf());
                to.setTextPercent(order.text());
                to.setAppearance(order.appearance());
                to.setSoundDevice(Listening.NONE);
            });
            if (size.width() <= SCREEN.width() && size.height() <= SCREEN.height()) {
                Stage stage = new Stage();
                stage.setScene(bench.scene());
                stage.show();
            }
            project.ifPresent(loaded -> {
                bench.desk()
                        .document()
                        .load(loaded, order.view() == View.EXPORT ? Optional.of(ANYWHERE) : order.file());
                bench.desk().cursor().seek(order.frame());
            });
            bench.scene().snapshot(null); // lays out what has no window
            whenSoundsAreThere(bench, () -> {
                Staging.set(bench, order.view());
                whenPicturesAreThere(bench, () -> takeSoon(bench, size, taken));
            });
        } catch (RuntimeException e) {
            taken.completeExceptionally(e);
        }
    }

    /** Waves and beats, and marks of pictures; they are found within seconds. */
    private static void whenSoundsAreThere(Bench bench, Runnable then) {
        if (!bench.services().sounds().isBusy() && bench.services().marks().isDone()) {
            then.run();
            return;
        }
        var waiting = new Timeline(new KeyFrame(STEP, _ -> {}));
        waiting.setOnFinished(_ -> whenSoundsAreThere(bench, then));
        waiting.play();
    }

    private static void whenPicturesAreThere(Bench bench, Runnable then) {
        var all = bench.desk().document().project().media().stream()
                .filter(media -> media.hasPixels())
                .flatMap(media -> Stream.concat(Stream.of(PictureRef.of(media, 0)), PictureRef.cutOuts(media).stream()))
                .map(bench.services().cache()::request)
                .toArray(CompletableFuture[]::new);
        bench.services().background().whenEnded(CompletableFuture.allOf(all), then);
    }

    private static boolean isTracing(Bench bench) {
        Node take = bench.scene().lookup("#trace-take");
        return take != null && take.isDisabled();
    }

    /** Views without a window are laid out only when a picture is taken of them, so several are, until all has settled. */
    private static void takeSoon(Bench bench, Size size, CompletableFuture<FrameRaster> taken) {
        var settling = new Timeline(new KeyFrame(STEP, _ -> bench.scene().snapshot(null)));
        settling.setCycleCount(STEPS);
        settling.setOnFinished(_ -> {
            if (bench.services().thumbnails().isBusy() || isTracing(bench)) {
                takeSoon(bench, size, taken);
                return;
            }
            WritableImage image = bench.scene().snapshot(null);
            int[] argb = new int[size.width() * size.height()];
            image.getPixelReader()
                    .getPixels(
                            0, 0, size.width(), size.height(), PixelFormat.getIntArgbInstance(), argb, 0, size.width());
            taken.complete(new FrameRaster(size, argb));
        });
        settling.play();
    }
}
