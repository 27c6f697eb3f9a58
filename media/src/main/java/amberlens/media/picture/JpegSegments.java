package amberlens.media.picture;

import amberlens.media.raster.IccProfiles;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The segments before the pixels of a JPEG file (ITU-T T.81, annex B.1.1). Some programs leave bytes between them, and some leave
 * a colour profile (ICC.1, annex B.4) that is not whole; the decoder takes either for damage.
 */
final class JpegSegments {
    private static final int MARKER = 0xFF;
    private static final int START_OF_IMAGE = 0xD8;
    private static final int START_OF_SCAN = 0xDA;
    private static final int APP2 = 0xE2;
    private static final byte[] ICC = "ICC_PROFILE\0".getBytes(StandardCharsets.ISO_8859_1);
    private static final int ICC_HEAD = 4 + ICC.length + 2;

    /** From the marker up to the end of the segment. */
    private record Segment(int from, int to, int marker) {}

    private final byte[] file;
    private final List<Segment> segments = new ArrayList<>();
    private boolean padded;
    private int scan;

    private JpegSegments(byte[] file) {
        this.file = file;
    }

    /** Whether a file that begins so wants mending; empty when its pixels begin further on. */
    static Optional<Boolean> wantsMending(byte[] head) {
        var read = new JpegSegments(head);
        return read.parse() ? Optional.of(read.padded || read.brokenProfile()) : Optional.empty();
    }

    /** The file as the decoder likes it. */
    static Mended mended(byte[] file) {
        var read = new JpegSegments(file);
        return read.parse() ? read.mended() : new Mended(file, false);
    }

    private boolean parse() {
        int at = 2;
        if (file.length < 4 || byteAt(0) != MARKER || byteAt(1) != START_OF_IMAGE) {
            return false;
        }
        while (at + 4 <= file.length) {
            int marker = at;
            while (marker + 1 < file.length && (byteAt(marker) != MARKER || !starts(byteAt(marker + 1)))) {
                marker++;
            }
            padded |= marker != at;
            if (marker + 4 > file.length) {
                return false;
            }
            if (byteAt(marker + 1) == START_OF_SCAN) {
                scan = marker;
                return true;
            }
            int end = marker + 2 + (byteAt(marker + 2) << 8 | byteAt(marker + 3));
            if (end > file.length || end < marker + 4) {
                return false;
            }
            segments.add(new Segment(marker, end, byteAt(marker + 1)));
            at = end;
        }
        return false;
    }

    /** Whether a byte behind 0xFF begins a segment of the head: tables, frames, application data and comments. */
    private static boolean starts(int code) {
        return code >= 0xC0 && code <= 0xFE && !(code >= 0xD0 && code <= 0xD9);
    }

    private int byteAt(int index) {
        return file[index] & 0xFF;
    }

    private List<Segment> profile() {
        return segments.stream().filter(this::ofProfile).toList();
    }

    private boolean brokenProfile() {
        List<Segment> profile = profile();
        return !profile.isEmpty() && IccProfiles.usable(joined(profile), 0).isEmpty();
    }

    private Mended mended() {
        List<Segment> profile = profile();
        boolean broken = brokenProfile();
        var clean = new ByteArrayOutputStream(file.length);
        clean.write(file, 0, 2);
        for (Segment segment : segments) {
            if (!broken || !profile.contains(segment)) {
                clean.write(file, segment.from, segment.to - segment.from);
            }
        }
        clean.write(file, scan, file.length - scan);
        return new Mended(clean.toByteArray(), broken);
    }

    private boolean ofProfile(Segment segment) {
        int name = segment.from + 4;
        return segment.marker == APP2
                && segment.to - segment.from >= ICC_HEAD
                && Arrays.equals(file, name, name + ICC.length, ICC, 0, ICC.length);
    }

    private byte[] joined(List<Segment> profile) {
        var data = new ByteArrayOutputStream();
        profile.stream()
                .sorted(Comparator.comparingInt(segment -> byteAt(segment.from + 4 + ICC.length)))
                .forEach(segment -> data.write(file, segment.from + ICC_HEAD, segment.to - segment.from - ICC_HEAD));
        return data.toByteArray();
    }
}
