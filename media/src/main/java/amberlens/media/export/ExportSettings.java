package amberlens.media.export;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.OutputTimes;
import amberlens.core.model.project.FrameFormat;
import amberlens.media.film.Piece;
import amberlens.media.film.Quality;
import java.nio.file.Path;
import java.util.Optional;

/**
 * What to export.
 *
 * @param frames line-up frames, both ends included
 * @param size output pixels, of the shape of the project's frame
 * @param rate another rate than the project's; moves are then sampled at the time of each output frame
 * @param transparent whether nothing stands behind the pictures, for formats that can keep that
 * @param destination the film file, or the name that numbers are added to
 * @param overwrite whether existing files may be replaced
 * @param loudness what the sound is brought to, in LUFS; empty for as it is
 * @param piece which piece of it alone; empty for all
 * @param remark what a film says of itself in its file; empty for nothing. The mark of a piece goes before it
 * @param fast whether a graphics card may make the film, where one can
 */
public record ExportSettings(
        FrameSpan frames,
        Size size,
        Optional<FrameRate> rate,
        ExportFormat format,
        Quality quality,
        boolean transparent,
        Path destination,
        boolean overwrite,
        Optional<Double> loudness,
        Optional<Piece> piece,
        Optional<String> remark,
        boolean fast) {
    /** In good quality at the project's own rate. */
    public ExportSettings(FrameSpan frames, Size size, ExportFormat format, Path destination, boolean overwrite) {
        this(frames, size, Optional.empty(), format, Quality.GOOD, false, destination, overwrite);
    }

    /** With its sound as it is. */
    public ExportSettings(
            FrameSpan frames,
            Size size,
            Optional<FrameRate> rate,
            ExportFormat format,
            Quality quality,
            boolean transparent,
            Path destination,
            boolean overwrite) {
        this(
                frames,
                size,
                rate,
                format,
                quality,
                transparent,
                destination,
                overwrite,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false);
    }

    public ExportSettings withFrames(FrameSpan span) {
        return new ExportSettings(
                span, size, rate, format, quality, transparent, destination, overwrite, loudness, piece, remark, fast);
    }

    public ExportSettings withQuality(Quality newQuality) {
        return new ExportSettings(
                frames,
                size,
                rate,
                format,
                newQuality,
                transparent,
                destination,
                overwrite,
                loudness,
                piece,
                remark,
                fast);
    }

    public ExportSettings withTransparent(boolean see) {
        return new ExportSettings(
                frames, size, rate, format, quality, see, destination, overwrite, loudness, piece, remark, fast);
    }

    public ExportSettings withDestination(Path path) {
        return new ExportSettings(
                frames, size, rate, format, quality, transparent, path, overwrite, loudness, piece, remark, fast);
    }

    public ExportSettings withOverwrite(boolean replace) {
        return new ExportSettings(
                frames, size, rate, format, quality, transparent, destination, replace, loudness, piece, remark, fast);
    }

    /** @param target LUFS; empty for as it is */
    public ExportSettings withLoudness(Optional<Double> target) {
        return new ExportSettings(
                frames, size, rate, format, quality, transparent, destination, overwrite, target, piece, remark, fast);
    }

    /** A piece of it alone. */
    public ExportSettings withPiece(Optional<Piece> only) {
        return new ExportSettings(
                frames, size, rate, format, quality, transparent, destination, overwrite, loudness, only, remark, fast);
    }

    public ExportSettings withRemark(String words) {
        return new ExportSettings(
                frames,
                size,
                rate,
                format,
                quality,
                transparent,
                destination,
                overwrite,
                loudness,
                piece,
                Optional.of(words),
                fast);
    }

    /** @param byCard whether a graphics card may make the film */
    public ExportSettings withFast(boolean byCard) {
        return new ExportSettings(
                frames,
                size,
                rate,
                format,
                quality,
                transparent,
                destination,
                overwrite,
                loudness,
                piece,
                remark,
                byCard);
    }

    /** When the line-up of a project of this format is looked at. */
    public OutputTimes times(FrameFormat project) {
        return new OutputTimes(
                frames,
                project.rate(),
                rate.orElse(project.rate()),
                (double) size.width() / project.size().width());
    }
}
