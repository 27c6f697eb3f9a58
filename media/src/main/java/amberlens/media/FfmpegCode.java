package amberlens.media;

import static org.bytedeco.ffmpeg.global.avutil.AV_ERROR_MAX_STRING_SIZE;
import static org.bytedeco.ffmpeg.global.avutil.av_strerror;

import java.nio.charset.StandardCharsets;

/** What the codes of the FFmpeg libraries mean. */
public final class FfmpegCode {
    private FfmpegCode() {}

    /** An error in the library's own words. */
    public static String words(int code) {
        byte[] text = new byte[AV_ERROR_MAX_STRING_SIZE];
        av_strerror(code, text, text.length);
        return new String(text, StandardCharsets.UTF_8).replace("\0", "").strip();
    }
}
