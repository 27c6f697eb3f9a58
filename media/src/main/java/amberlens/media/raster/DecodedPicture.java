package amberlens.media.raster;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import java.util.Optional;

/** A picture of a format that has a reader of its own here, opened. For one thread. */
public interface DecodedPicture extends AutoCloseable {
    /** What people call the format. */
    String format();

    /** The size before it is set upright. */
    Size stored();

    Orientation orientation();

    /** Of each channel. */
    int bits();

    /** How its colours are kept, in words. */
    String colour();

    /** What is to be known, to continue the file's name; empty when all is well. */
    Optional<String> remark();

    /**
     * All its pixels, upright.
     *
     * @throws FileProblem when none of it can be decoded
     */
    Raster read(Rows rows) throws FileProblem;

    /** Whether a part of what was read was damaged. */
    boolean damaged();

    @Override
    void close();
}
