package amberlens.media.intake;

import amberlens.media.picture.AnimatedWebp;
import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/** Whether a picture file holds several pictures that follow each other: GIF (the specification GIF89a), APNG (W3C PNG, third edition) and WebP. */
final class Animation {
    private static final int GIF_SCREEN = 13;
    private static final int EXTENSION = 0x21;
    private static final int IMAGE = 0x2C;
    private static final int TABLE = 0x80;
    private static final int ANIMATION_CONTROL = 0x6163544C; // acTL
    private static final int IMAGE_DATA = 0x49444154; // IDAT
    private static final long PNG = 0x89504E470D0A1A0AL;

    private Animation() {}

    /** Looks no further than it must; a file that cannot be read so far is none. */
    static boolean is(Path path) {
        try (var file = new DataInputStream(new BufferedInputStream(Files.newInputStream(path)))) {
            file.mark(16);
            byte[] head = file.readNBytes(8);
            if (head.length < 8) {
                return false;
            }
            file.reset();
            if (head[0] == 'R' && head[1] == 'I' && head[2] == 'F') {
                return AnimatedWebp.is(path);
            }
            if (head[0] == 'G' && head[1] == 'I' && head[2] == 'F') {
                return isGif(file);
            }
            return file.readLong() == PNG && isPng(file);
        } catch (IOException _) {
            return false;
        }
    }

    private static boolean isPng(DataInputStream file) throws IOException {
        while (true) {
            long length = file.readInt() & 0xFFFFFFFFL;
            int kind = file.readInt();
            if (kind == ANIMATION_CONTROL) {
                return file.readInt() > 1;
            }
            if (kind == IMAGE_DATA) {
                return false;
            }
            file.skipNBytes(length + 4);
        }
    }

    private static boolean isGif(DataInputStream file) throws IOException {
        byte[] screen = new byte[GIF_SCREEN];
        file.readFully(screen);
        skipTable(file, screen[10]);
        int images = 0;
        try {
            while (images < 2) {
                int block = file.readUnsignedByte();
                if (block == EXTENSION) {
                    file.skipNBytes(1);
                } else if (block == IMAGE) {
                    images++;
                    byte[] descriptor = new byte[9];
                    file.readFully(descriptor);
                    skipTable(file, descriptor[8]);
                    file.skipNBytes(1);
                } else {
                    return false;
                }
                skipBlocks(file);
            }
        } catch (EOFException _) {
            return false;
        }
        return true;
    }

    private static void skipTable(InputStream file, int flags) throws IOException {
        if ((flags & TABLE) != 0) {
            file.skipNBytes(3L << ((flags & 7) + 1));
        }
    }

    private static void skipBlocks(DataInputStream file) throws IOException {
        for (int length = file.readUnsignedByte(); length > 0; length = file.readUnsignedByte()) {
            file.skipNBytes(length);
        }
    }
}
