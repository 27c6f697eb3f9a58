package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * How films are coded: container and encoder by their names in the FFmpeg libraries, and the pixels that are handed to the encoder.
 */
public enum FilmCodec {
    H264("mp4", "libopenh264", AV_PIX_FMT_YUV420P, 2, 2, false),
    /** Only by a graphics card: there is no encoder of it here. */
    HEVC("mp4", "", AV_PIX_FMT_YUV420P, 2, 2, false),
    VP9("webm", "libvpx-vp9", AV_PIX_FMT_YUV420P, 2, 2, false),
    AV1("mp4", "libsvtav1", AV_PIX_FMT_YUV420P, 2, 2, false),
    AV1_TEN("mp4", "libsvtav1", AV_PIX_FMT_YUV420P10, 2, 2, false),
    DNXHR_HQX("mov", "dnxhd", AV_PIX_FMT_YUV422P10, 2, 1, false),
    PRORES_HQ("mov", "prores_ks", AV_PIX_FMT_YUV422P10, 2, 1, false),
    PRORES_4444("mov", "prores_ks", AV_PIX_FMT_YUVA444P10, 1, 1, true),
    FFV1("matroska", "ffv1", AV_PIX_FMT_GBRAP16, 1, 1, true),
    GIF("gif", "gif", AV_PIX_FMT_PAL8, 1, 1, false),
    APNG("apng", "apng", AV_PIX_FMT_RGBA, 1, 1, true),
    WEBP("webp", "libwebp_anim", AV_PIX_FMT_YUVA420P, 1, 1, true);

    /** 36 864 macroblocks of 16 × 16, level 5.2 of ITU-T H.264, table A-1. */
    private static final long H264_MOST_PIXELS = 36_864L * 256;

    private final String container;
    private final String encoder;
    private final int pixels;
    private final int acrossMultiple;
    private final int downMultiple;
    private final boolean alpha;

    FilmCodec(String container, String encoder, int pixels, int acrossMultiple, int downMultiple, boolean alpha) {
        this.container = container;
        this.encoder = encoder;
        this.pixels = pixels;
        this.acrossMultiple = acrossMultiple;
        this.downMultiple = downMultiple;
        this.alpha = alpha;
    }

    String container() {
        return container;
    }

    String encoder() {
        return encoder;
    }

    int pixels() {
        return pixels;
    }

    /** How its sound is coded; empty where it cannot hold any. */
    public Optional<SoundCodec> sound() {
        return SoundCodec.of(this);
    }

    /** Whether this program can make it by itself, without a graphics card. */
    public boolean isMadeHere() {
        return !encoder.isEmpty();
    }

    /** Whether what is transparent stays so. */
    public boolean alpha() {
        return alpha;
    }

    /** Whether frames of 16 bits are worth more to it than such of 8. */
    public boolean deep() {
        return alpha || this == PRORES_HQ || this == DNXHR_HQX || this == AV1_TEN;
    }

    /** Whether colours are kept as luma and two differences, by BT.709 in the limited range. */
    boolean luma() {
        return this != FFV1 && this != GIF && this != APNG && this != WEBP;
    }

    /** Refuses a size that the format cannot hold, and says which would do. */
    public void check(Size size) throws FileProblem {
        if (size.width() % acrossMultiple != 0 || size.height() % downMultiple != 0) {
            throw new FileProblem("This film needs an even width" + (downMultiple == 2 ? " and height" : "")
                    + ", because its colour is kept for blocks of " + acrossMultiple + " × " + downMultiple
                    + " pixels, and "
                    + size + " is odd; use "
                    + new Size(lower(size.width(), acrossMultiple), lower(size.height(), downMultiple))
                    + " or a PNG sequence.");
        }
        if ((this == AV1 || this == AV1_TEN) && (size.width() < 64 || size.height() < 64)) {
            throw new FileProblem("An AV1 film has at least 64 × 64 pixels, not " + size + "; use another format.");
        }
        if (this == DNXHR_HQX && (size.width() < 256 || size.height() < 120)) {
            throw new FileProblem("A DNxHR film has at least 256 × 120 pixels, not " + size + "; use another format.");
        }
        if (this == H264 && (Math.min(size.width(), size.height()) < 16 || size.area() > H264_MOST_PIXELS)) {
            throw new FileProblem("An H.264 film has 16 × 16 to about 9.4 million pixels here, not " + size
                    + "; VP9, ProRes, FFV1 or a PNG sequence can hold it.");
        }
        int longest = Math.max(size.width(), size.height());
        if ((this == GIF && longest > 65535) || (this == WEBP && longest > 16383)) {
            throw new FileProblem("A " + name() + " cannot be " + size + "; use a smaller size.");
        }
    }

    private static int lower(int length, int multiple) {
        return Math.max(multiple, length - length % multiple);
    }

    /** Bits for each pixel of a frame, where the encoder is steered by its rate. */
    double bitsPerPixel(Quality quality) {
        double ofH264 =
                switch (quality) {
                    case SMALL -> 0.07;
                    case GOOD -> 0.2;
                    case BEST -> 0.5;
                };
        return ofH264 * (this == HEVC ? 0.65 : this == AV1 ? 0.5 : 1);
    }

    /** The encoder's own options. */
    Map<String, String> options(Quality quality) {
        int step = quality.ordinal();
        Map<String, String> options = new LinkedHashMap<>();
        switch (this) {
            case H264 -> {
                options.put("rc_mode", "quality");
                options.put("allow_skip_frames", "0");
                options.put("profile", "high");
                options.put("coder", "cabac");
            }
            case VP9 -> {
                options.put("crf", new String[] {"40", "31", "20"}[step]);
                options.put("b", "0");
                options.put("deadline", "good");
                options.put("cpu-used", "5");
                options.put("row-mt", "1");
            }
            case AV1, AV1_TEN -> {
                options.put("crf", new String[] {"45", "35", "24"}[step]);
                options.put("preset", "10");
            }
            case DNXHR_HQX -> options.put("profile", "dnxhr_hqx");
            case PRORES_HQ -> options.put("profile", "3");
            case PRORES_4444 -> options.put("profile", "4");
            case FFV1 -> options.put("level", "3");
            case WEBP -> {
                options.put("quality", new String[] {"60", "85", "97"}[step]);
                options.put("loop", "0");
            }
            case HEVC, GIF, APNG -> {}
        }
        return options;
    }
}
