package amberlens.media.picture;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;

/** What a picture file is by its first bytes. */
enum PictureKind {
    JPEG,
    PNG,
    TIFF,
    WEBP,
    ICO,
    /** HEIC and AVIF. */
    HEIF,
    /** Camera raw, by its ending: its bytes look like those of a TIFF. */
    RAW,
    /** A drawing. */
    SVG,
    /** No package here decodes it. */
    JPEG_XL,
    OTHER;

    /** A drawing may begin with remarks. */
    private static final int HEAD = 4096;

    /** The brands of still pictures in HEIF containers: ISO/IEC 23008-12, and AV1 Image File Format. Sequences are films. */
    private static final Set<String> STILL = Set.of("heic", "heix", "heim", "heis", "mif1", "avif", "miaf");

    static PictureKind of(Path path) throws IOException {
        if (RawPreview.isRaw(path)) {
            return RAW;
        }
        try (InputStream file = Files.newInputStream(path)) {
            return of(file.readNBytes(HEAD), path);
        }
    }

    private static PictureKind of(byte[] head, Path path) {
        String text = new String(head, StandardCharsets.ISO_8859_1);
        if (text.startsWith("\u00FF\u00D8")) {
            return JPEG;
        }
        if (text.startsWith("\u0089PNG")) {
            return PNG;
        }
        if (text.startsWith("II*\0")
                || text.startsWith("MM\0*")
                || text.startsWith("II+\0")
                || text.startsWith("MM\0+")) {
            return TIFF;
        }
        if (text.startsWith("RIFF") && text.startsWith("WEBP", 8)) {
            return WEBP;
        }
        if (text.startsWith("ftyp", 4) && text.length() >= 12 && STILL.contains(text.substring(8, 12))) {
            return HEIF;
        }
        if (text.startsWith("\u00FF\n") || text.startsWith("JXL ", 4)) {
            return JPEG_XL;
        }
        if (SvgPicture.isOne(text, path)) {
            return SVG;
        }
        return text.startsWith("\0\0\1\0") ? ICO : OTHER;
    }
}
