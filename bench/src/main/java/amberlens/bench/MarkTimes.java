package amberlens.bench;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.media.WorkPool;
import amberlens.media.marks.PictureMarks;
import amberlens.media.picture.PictureReader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/**
 * Faces, persons and subjects found in the demo's pictures, read before.
 *
 * @param pictures how many
 * @param middleMs the median
 * @param mostMs the longest
 */
record MarkTimes(int pictures, double middleMs, double mostMs) {
    static MarkTimes measure(Project demo) throws FileProblem {
        var finder = new PictureMarks();
        List<Double> times = new ArrayList<>();
        try (var rows = WorkPool.ofCores()) {
            for (Media media : demo.media()) {
                if (media.kind() != Media.Kind.PHOTO) {
                    continue;
                }
                Raster read = PictureReader.read(Path.of(media.path()), rows);
                Pyramid picture = Pyramid.of(read, rows);
                if (times.isEmpty()) {
                    finder.find(picture); // the networks are read with the first
                }
                long before = System.nanoTime();
                finder.find(picture);
                times.add((System.nanoTime() - before) / 1e6);
            }
        }
        Collections.sort(times);
        return new MarkTimes(times.size(), times.get(times.size() / 2), times.getLast());
    }

    List<String> rows() {
        return List.of(String.format(
                Locale.ROOT,
                "%-50s %8.0f ms in the middle of %d, %.0f ms at most  (goal: 1000 ms)",
                "marks found in a picture",
                middleMs,
                pictures,
                mostMs));
    }
}
