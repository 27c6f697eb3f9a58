package amberlens.media.marks;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.material.mark.FoundMark;
import amberlens.core.material.mark.Mark;
import amberlens.core.material.mark.MarkFinder;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Fingerprint;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.PictureRef;
import amberlens.files.WholeFile;
import amberlens.media.intake.Fingerprints;
import amberlens.media.pixels.PixelCache;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletionException;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What was found in pictures, kept on the disk under what a file holds, so that each is looked at once. What cannot be kept is found again.
 * Safe for use from several threads.
 */
public final class KeptMarks {
    /** What is found by other means is kept apart. */
    private static final String WAY = "1";

    private static final Logger LOG = LoggerFactory.getLogger(KeptMarks.class);

    private final Path folder;
    private final Supplier<MarkFinder> ready;

    /** @param cache where what can be made again is kept */
    public KeptMarks(Path cache) {
        this(cache, new Supplier<>() {
            private Optional<MarkFinder> made = Optional.empty();

            @Override
            public synchronized MarkFinder get() {
                MarkFinder finder = made.orElseGet(PictureMarks::new);
                made = Optional.of(finder);
                return finder;
            }
        });
    }

    /** @param finder asked for when something must be looked at for the first time */
    KeptMarks(Path cache, Supplier<MarkFinder> finder) {
        folder = cache.resolve("marks-" + WAY);
        ready = finder;
    }

    /** Whether something may be found in it: in a picture, or the first frame of footage. */
    public static boolean isLookedAt(Media media) {
        return media.isSeen() && media.hasFile();
    }

    /** What was found in it earlier; empty where it was not looked at yet. Reads a small file. */
    public Optional<List<FoundMark>> known(Media media) {
        try {
            Path file = file(media);
            return Files.exists(file) ? Optional.of(read(file)) : Optional.empty();
        } catch (IOException | IllegalArgumentException e) {
            LOG.warn("what was found in {} cannot be read", media.fileName(), e);
            return Optional.empty();
        }
    }

    /**
     * What is found in it, the most important first. Takes a second or so when it is looked at for the first time.
     *
     * @throws FileProblem when it cannot be read
     */
    public List<FoundMark> find(Media media, PixelCache pictures) throws FileProblem {
        Optional<List<FoundMark>> before = known(media);
        if (before.isPresent()) {
            return before.get();
        }
        List<FoundMark> found = ready.get().find(pixels(media, pictures));
        keep(media, found);
        return found;
    }

    private static Pyramid pixels(Media media, PixelCache pictures) throws FileProblem {
        try {
            return pictures.glance(PictureRef.of(media, 0)).join();
        } catch (CompletionException e) {
            if (e.getCause() instanceof FileProblem problem) {
                throw problem;
            }
            throw new FileProblem(media.fileName() + " could not be read.", e);
        }
    }

    private Path file(Media media) throws IOException {
        Fingerprint seen = media.fingerprint()
                .or(() -> Fingerprints.of(Path.of(media.path())))
                .orElseThrow(() -> new IOException(media.path() + " cannot be read"));
        return folder.resolve(seen.hash() + "-" + seen.bytes() + "-" + media.page() + ".txt");
    }

    private void keep(Media media, List<FoundMark> found) {
        try {
            WholeFile.makeFolder(file(media));
            List<String> lines = found.stream().map(KeptMarks::line).toList();
            WholeFile.write(file(media), String.join("\n", lines));
        } catch (IOException e) {
            LOG.warn("what was found in {} is not kept", media.fileName(), e);
        }
    }

    private static String line(FoundMark mark) {
        PictureBox box = mark.box();
        return String.format(
                Locale.ROOT,
                "%s %.0f %.0f %.0f %.0f %.2f",
                mark.kind().word(),
                box.left(),
                box.top(),
                box.width(),
                box.height(),
                mark.sure());
    }

    private static List<FoundMark> read(Path file) throws IOException {
        List<FoundMark> found = new ArrayList<>();
        for (String line : Files.readAllLines(file)) {
            String[] parts = line.split(" ");
            if (parts.length != 6) {
                throw new IllegalArgumentException("a mark has a kind, a box and how sure it is, not \"" + line + "\"");
            }
            double[] numbers = new double[5];
            for (int i = 0; i < numbers.length; i++) {
                numbers[i] = Double.parseDouble(parts[i + 1]);
            }
            found.add(new FoundMark(
                    Mark.Kind.of(parts[0])
                            .orElseThrow(() -> new IllegalArgumentException("no mark is a \"" + parts[0] + "\"")),
                    new PictureBox(numbers[0], numbers[1], numbers[2], numbers[3]),
                    numbers[4]));
        }
        return found;
    }
}
