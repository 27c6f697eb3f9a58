package amberlens.media.export;

import amberlens.core.geometry.Size;
import amberlens.core.time.FrameSpan;
import java.nio.file.Path;

/**
 * What to export.
 *
 * @param frames line-up frames, both ends included
 * @param size output pixels, of the shape of the project's frame
 * @param destination the film file, or the name that numbers are added to
 * @param overwrite whether existing files may be replaced
 */
public record ExportSettings(FrameSpan frames, Size size, ExportFormat format, Path destination, boolean overwrite) {}
