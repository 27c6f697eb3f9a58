package amberlens.media.intake;

import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.picture.PictureReader;
import java.nio.file.Path;
import java.util.Optional;

/**
 * What the pixels of a picture say of what the project has of their opacity. Pictures without an alpha channel are not decoded for it.
 *
 * @param bounds the opaque area, where shots are judged by it and the project has another one
 * @param remark a sentence, where there is something to know
 */
record Transparency(Optional<PictureArea> bounds, Optional<String> remark) {
    private static final Transparency NOTHING = new Transparency(Optional.empty(), Optional.empty());

    /** Of a picture without an opaque pixel, so that it is open everywhere. */
    private static final PictureArea NEXT_TO_NOTHING = new PictureArea(0, 0, new Size(1, 1));

    static Transparency of(Project project, Media media) throws FileProblem {
        boolean byOpaque = judged(project, media, true);
        boolean byWhole = judged(project, media, false);
        Path path = Path.of(media.path());
        boolean alpha = (byOpaque || byWhole) && PictureReader.info(path).hasAlpha();
        PictureArea whole = PictureArea.whole(media.size());
        if (!alpha) {
            return byOpaque
                            && media.opaque().isPresent()
                            && !media.opaque().get().equals(whole)
                    ? otherwise(media, whole)
                    : NOTHING;
        }
        Raster pixels = PictureReader.picture(path, media.page(), Rows.ALONE).pixels();
        PictureArea there = pixels.opaqueBounds().orElse(NEXT_TO_NOTHING);
        if (byOpaque && media.opaque().isPresent() && !media.opaque().get().equals(there)) {
            return otherwise(media, there);
        }
        return byWhole && !pixels.allSolid()
                ? new Transparency(
                        Optional.empty(),
                        Optional.of(
                                media.fileName() + " has transparent pixels, and edges are judged by all of it: what"
                                        + " shows through is not counted. Judge by its opaque pixels, or fill what is behind it."))
                : NOTHING;
    }

    private static boolean judged(Project project, Media media, boolean opaqueOnly) {
        return project.shots().stream()
                .filter(shot -> shot.media().equals(media.id()))
                .anyMatch(shot -> project.judges(shot) && shot.settings().opaqueOnly() == opaqueOnly);
    }

    private static Transparency otherwise(Media media, PictureArea there) {
        return new Transparency(
                Optional.of(there),
                Optional.of(media.fileName() + " is opaque within " + words(there) + ", not within "
                        + words(media.opaque().orElseThrow()) + " as the project says; it is judged as it is."));
    }

    private static String words(PictureArea area) {
        return area.size() + " px at " + area.left() + ", " + area.top();
    }
}
