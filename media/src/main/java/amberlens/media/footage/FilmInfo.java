package amberlens.media.footage;

import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.picture.AnimatedWebp;
import amberlens.media.raster.HdrCurve;
import amberlens.media.raster.Orientation;
import java.nio.file.Path;

/**
 * What a film holds.
 *
 * @param format container and codec, for people
 * @param size upright, with square pixels
 * @param variable whether its frames do not follow each other at a steady rate
 * @param colour for people
 * @param hdr whether it is marked as high dynamic range, which is tone-mapped
 * @param interlaced whether it is marked as interlaced, which is shown deinterlaced
 */
public record FilmInfo(
        String format,
        Size size,
        Footage footage,
        boolean variable,
        String colour,
        Orientation orientation,
        boolean hdr,
        boolean interlaced) {

    /** Reads a film's header and counts its frames. */
    public static FilmInfo of(Path path) throws FileProblem {
        if (AnimatedWebp.is(path)) {
            try (Film film = Film.open(path, Rows.ALONE)) {
                return film.info();
            }
        }
        try (var film = new FilmStream(path)) {
            return of(film, FilmIndex.scan(film));
        } catch (RuntimeException e) {
            throw FilmStream.damaged(path, e);
        }
    }

    static FilmInfo of(FilmStream film, FilmIndex index) {
        var parameters = film.stream().codecpar();
        var name = av_get_pix_fmt_name(parameters.format());
        boolean hdr = HdrCurve.of(parameters.color_trc()) != HdrCurve.NONE;
        int order = parameters.field_order();
        return new FilmInfo(
                film.container().iformat().long_name().getString() + ", " + film.codecName(),
                FilmPixels.size(film),
                index.footage(),
                index.variable(),
                (name == null ? "unknown" : name.getString()) + (hdr ? ", HDR, tone-mapped" : ""),
                FilmPixels.orientation(film),
                hdr,
                order > 1);
    }
}
