package amberlens.media.heif;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.media.OpenMedia;
import amberlens.media.raster.Orientation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;
import org.bytedeco.ffmpeg.avcodec.AVPacketSideData;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avformat.AVStreamGroup;
import org.bytedeco.ffmpeg.avformat.AVStreamGroupTileGrid;
import org.bytedeco.ffmpeg.avutil.AVPixFmtDescriptor;
import org.bytedeco.javacpp.IntPointer;
import org.jspecify.annotations.Nullable;

/**
 * Of what the main picture of a file is made: of one coded picture, or of a grid of tiles, out of which a part is shown.
 *
 * @param tiles where each coded picture stands, by the number of its stream
 * @param left the first column of the grid that is shown
 * @param top the first row
 * @param shown the size of what is shown, before it is set upright
 * @param orientation how it is set upright
 * @param profile its ICC profile, if it carries one
 * @param bits of each channel
 * @param codec the name of its coding in the libraries
 */
record HeifLayout(
        List<Tile> tiles,
        int left,
        int top,
        Size shown,
        Orientation orientation,
        Optional<byte[]> profile,
        int bits,
        String codec) {
    private static final int MOST_TILES = 10_000;
    private static final int LONGEST_SIDE = 65_535;
    private static final long MOST_PIXELS = 300_000_000;

    /** A coded picture at its place in the grid. */
    record Tile(int stream, int x, int y) {}

    /**
     * That of an open file.
     *
     * @throws FileProblem when it holds no picture, or one that cannot be
     */
    static HeifLayout of(OpenMedia file) throws FileProblem {
        AVStreamGroup grid = grid(file.container());
        HeifLayout layout = grid == null ? single(file) : tiled(file, grid);
        Size size = layout.shown();
        if (size.width() > LONGEST_SIDE || size.height() > LONGEST_SIDE || size.area() > MOST_PIXELS) {
            throw new FileProblem(file.path() + " says it is " + size + " pixels; pictures up to " + LONGEST_SIDE
                    + " pixels a side and 300 million pixels can be used.");
        }
        return layout;
    }

    /** The main grid: of several the largest. */
    private static @Nullable AVStreamGroup grid(AVFormatContext container) {
        AVStreamGroup largest = null;
        long most = 0;
        for (int i = 0; i < container.nb_stream_groups(); i++) {
            AVStreamGroup group = container.stream_groups(i);
            if (group.type() == AV_STREAM_GROUP_PARAMS_TILE_GRID) {
                AVStreamGroupTileGrid tiles = group.params_tile_grid();
                long area = (long) tiles.width() * tiles.height();
                boolean main = (group.disposition() & AV_DISPOSITION_DEFAULT) != 0;
                if (largest == null || main || area > most) {
                    largest = group;
                    most = main ? Long.MAX_VALUE : area;
                }
            }
        }
        return largest;
    }

    private static HeifLayout single(OpenMedia file) throws FileProblem {
        OptionalInt index = file.best(AVMEDIA_TYPE_VIDEO);
        if (index.isEmpty()) {
            throw new FileProblem(file.path() + " holds no picture that can be decoded.");
        }
        AVStream stream = file.container().streams(index.getAsInt());
        AVCodecParameters coded = stream.codecpar();
        requireSize(file, coded.width(), coded.height());
        return new HeifLayout(
                List.of(new Tile(index.getAsInt(), 0, 0)),
                0,
                0,
                new Size(coded.width(), coded.height()),
                orientation(coded.coded_side_data(), coded.nb_coded_side_data()),
                profile(coded.coded_side_data(), coded.nb_coded_side_data()),
                bits(coded),
                avcodec_get_name(coded.codec_id()).getString());
    }

    private static HeifLayout tiled(OpenMedia file, AVStreamGroup group) throws FileProblem {
        AVStreamGroupTileGrid grid = group.params_tile_grid();
        requireSize(file, grid.width(), grid.height());
        if (grid.nb_tiles() < 1 || grid.nb_tiles() > MOST_TILES) {
            throw new FileProblem(file.path() + " is damaged: its picture is made of " + grid.nb_tiles() + " tiles.");
        }
        List<Tile> tiles = new ArrayList<>();
        for (int i = 0; i < grid.nb_tiles(); i++) {
            int of = grid.offsets_idx(i);
            if (of < 0 || of >= group.nb_streams()) {
                throw new FileProblem(file.path() + " is damaged: a tile of its picture is missing.");
            }
            tiles.add(new Tile(group.streams(of).index(), grid.offsets_horizontal(i), grid.offsets_vertical(i)));
        }
        AVCodecParameters coded = group.streams(0).codecpar();
        Optional<byte[]> own = profile(grid.coded_side_data(), grid.nb_coded_side_data());
        return new HeifLayout(
                List.copyOf(tiles),
                grid.horizontal_offset(),
                grid.vertical_offset(),
                new Size(grid.width(), grid.height()),
                orientation(grid.coded_side_data(), grid.nb_coded_side_data()),
                own.or(() -> profile(coded.coded_side_data(), coded.nb_coded_side_data())),
                bits(coded),
                avcodec_get_name(coded.codec_id()).getString());
    }

    private static void requireSize(OpenMedia file, int width, int height) throws FileProblem {
        if (width < 1 || height < 1) {
            throw new FileProblem(file.path() + " says it is " + width + " × " + height + " pixels; it is damaged.");
        }
    }

    private static int bits(AVCodecParameters coded) {
        AVPixFmtDescriptor format = av_pix_fmt_desc_get(coded.format());
        return format == null || format.isNull() ? 8 : format.comp(0).depth();
    }

    private static Optional<byte[]> profile(AVPacketSideData data, int count) {
        AVPacketSideData found = find(data, count, AV_PKT_DATA_ICC_PROFILE);
        if (found == null) {
            return Optional.empty();
        }
        byte[] bytes = new byte[(int) found.size()];
        found.data().capacity(bytes.length).get(bytes);
        return Optional.of(bytes);
    }

    private static @Nullable AVPacketSideData find(AVPacketSideData data, int count, int kind) {
        AVPacketSideData found = count == 0 ? null : av_packet_side_data_get(data, count, kind);
        return found == null || found.isNull() ? null : found;
    }

    /**
     * From the matrix that the libraries make of the properties <em>irot</em> and <em>imir</em> of ISO/IEC 23008-12: its first row is where the
     * axis to the right goes, its second where that downwards goes.
     */
    private static Orientation orientation(AVPacketSideData data, int count) {
        AVPacketSideData found = find(data, count, AV_PKT_DATA_DISPLAYMATRIX);
        if (found == null) {
            return Orientation.UPRIGHT;
        }
        IntPointer matrix = new IntPointer(found.data()).capacity(9);
        int right = Integer.signum(matrix.get(0));
        int down = Integer.signum(matrix.get(4));
        if (right != 0) {
            return right > 0
                    ? down > 0 ? Orientation.UPRIGHT : Orientation.MIRRORED_HALF_TURN
                    : down > 0 ? Orientation.MIRRORED : Orientation.HALF_TURN;
        }
        boolean rightGoesDown = matrix.get(1) > 0;
        boolean downGoesRight = matrix.get(3) > 0;
        return rightGoesDown
                ? downGoesRight ? Orientation.TRANSPOSED : Orientation.QUARTER_TURN
                : downGoesRight ? Orientation.THREE_QUARTER_TURN : Orientation.TRANSVERSED;
    }
}
