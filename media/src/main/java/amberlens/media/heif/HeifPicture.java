package amberlens.media.heif;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.OpenMedia;
import amberlens.media.heif.HeifLayout.Tile;
import amberlens.media.raster.DecodedPicture;
import amberlens.media.raster.HdrCurve;
import amberlens.media.raster.IccProfiles;
import amberlens.media.raster.Orientation;
import amberlens.media.raster.RasterRows;
import amberlens.media.raster.RowColours;
import java.awt.color.ICC_Profile;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * A picture in a HEIF container, of which the main one is read; thumbnails, depth maps and alpha are passed over. Its profile is
 * followed, wide gamuts without one and high dynamic ranges are brought plainly to an ordinary screen. For one thread.
 */
public final class HeifPicture implements DecodedPicture {
    /** All variants of the base media format go by these names. */
    private static final String DEMUXERS = "mov,mp4,m4a,3gp,3g2,mj2";

    private static final String DECODERS = "hevc,libdav1d,av1,h264,mjpeg";

    private final Path path;
    private final OpenMedia file;
    private final HeifLayout layout;
    private boolean damaged;

    /**
     * Opens it.
     *
     * @throws FileProblem when it is no such picture, cannot be decoded here, or is too large
     */
    public HeifPicture(Path path) throws FileProblem {
        this.path = path;
        file = new OpenMedia(path, "a picture", DEMUXERS, DECODERS);
        try {
            layout = HeifLayout.of(file);
        } catch (FileProblem | RuntimeException | Error e) {
            file.close();
            throw e;
        }
    }

    /** The size before it is set upright. */
    @Override
    public Size stored() {
        return layout.shown();
    }

    @Override
    public Orientation orientation() {
        return layout.orientation();
    }

    /** Of each channel. */
    @Override
    public int bits() {
        return layout.bits();
    }

    /** What people call the format. */
    @Override
    public String format() {
        return layout.codec().equals("av1") ? "AVIF" : "HEIC";
    }

    @Override
    public String colour() {
        return layout.profile().isPresent() ? "RGB, ICC profile" : "RGB";
    }

    /** What is to be known, to continue the file's name; empty when all is well. */
    @Override
    public Optional<String> remark() {
        AVStream stream = file.container().streams(layout.tiles().getFirst().stream());
        if (HdrCurve.of(stream.codecpar().color_trc()) != HdrCurve.NONE) {
            return Optional.of("has a high dynamic range and is tone-mapped.");
        }
        boolean wide =
                layout.profile().isEmpty() && WideGamut.of(stream.codecpar().color_primaries()) != WideGamut.NONE;
        return wide ? Optional.of("has a wide gamut; colours beyond sRGB are cut off.") : Optional.empty();
    }

    /** Whether a part of what was read was damaged; it is black. */
    @Override
    public boolean damaged() {
        return damaged;
    }

    /**
     * All its pixels.
     *
     * @throws FileProblem when none of it can be decoded
     */
    @Override
    public Raster read(Rows rows) throws FileProblem {
        var codes = new HeifCodes(path, layout);
        Map<Integer, List<Tile>> wanted =
                layout.tiles().stream().collect(Collectors.groupingBy(Tile::stream, HashMap::new, Collectors.toList()));
        int found = 0;
        AVPacket packet = av_packet_alloc();
        try {
            while (found < wanted.size() && !file.isTooLong() && av_read_frame(file.container(), packet) >= 0) {
                List<Tile> tiles = wanted.get(packet.stream_index());
                if (tiles != null) {
                    found += decode(file.container().streams(packet.stream_index()), packet, tiles, codes) ? 1 : 0;
                }
                av_packet_unref(packet);
            }
        } finally {
            av_packet_free(packet);
        }
        file.refuseIfTooLong();
        if (found == 0) {
            throw new FileProblem(path + " is damaged or cut off: its " + layout.codec()
                    + " picture cannot be decoded; copy it again from its source.");
        }
        damaged = found < wanted.size();
        return raster(codes, rows);
    }

    private boolean decode(AVStream stream, AVPacket packet, List<Tile> tiles, HeifCodes codes) throws FileProblem {
        AVCodec codec = avcodec_find_decoder(stream.codecpar().codec_id());
        if (codec == null || codec.isNull()) {
            throw new FileProblem(path + " is coded as " + layout.codec() + ", which cannot be decoded here.");
        }
        AVCodecContext decoder = avcodec_alloc_context3(codec);
        AVFrame frame = av_frame_alloc();
        try {
            avcodec_parameters_to_context(decoder, stream.codecpar());
            boolean ready = avcodec_open2(decoder, codec, (AVDictionary) null) >= 0
                    && avcodec_send_packet(decoder, packet) >= 0
                    && avcodec_send_packet(decoder, null) >= 0
                    && avcodec_receive_frame(decoder, frame) >= 0;
            if (ready) {
                for (Tile tile : tiles) {
                    codes.put(frame, tile.x(), tile.y());
                }
            }
            return ready;
        } finally {
            av_frame_free(frame);
            avcodec_free_context(decoder);
        }
    }

    private Raster raster(HeifCodes codes, Rows rows) {
        HdrCurve hdr = HdrCurve.of(codes.transfer());
        Optional<ICC_Profile> profile = hdr != HdrCurve.NONE
                ? Optional.empty()
                : layout.profile().flatMap(bytes -> IccProfiles.usable(bytes, 3));
        WideGamut gamut =
                profile.isPresent() || hdr != HdrCurve.NONE ? WideGamut.NONE : WideGamut.of(codes.primaries());
        boolean plain = profile.isEmpty() && hdr == HdrCurve.NONE && gamut == WideGamut.NONE;
        RasterRows.Depth depth = codes.deep() || hdr != HdrCurve.NONE || gamut != WideGamut.NONE
                ? RasterRows.Depth.SIXTEEN_BITS
                : plain ? RasterRows.Depth.EIGHT_BITS : RasterRows.Depth.TEN_BITS;
        return RasterRows.convert(layout.shown(), layout.orientation(), depth, rows, () -> {
            var colours = profile.map(own -> new RowColours(own, layout.shown().width()));
            return new Source(codes, colours, hdr, gamut);
        });
    }

    private record Source(HeifCodes codes, Optional<RowColours> colours, HdrCurve hdr, WideGamut gamut)
            implements RasterRows.Source {
        @Override
        public void read(int y, int height, int[] rgba) {
            codes.row(y, rgba);
            colours.ifPresent(own -> own.convert(rgba, 3));
            if (hdr != HdrCurve.NONE) {
                hdr.toLinear(rgba);
            } else if (gamut != WideGamut.NONE) {
                gamut.toLinear(rgba);
            }
        }

        @Override
        public boolean opaque() {
            return true;
        }

        @Override
        public boolean linear() {
            return hdr != HdrCurve.NONE || gamut != WideGamut.NONE;
        }
    }

    @Override
    public void close() {
        file.close();
    }
}
