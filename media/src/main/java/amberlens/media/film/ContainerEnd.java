package amberlens.media.film;

import java.io.EOFException;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Path;

/**
 * Whether a file of a film is as long as its own parts say, so that what is cut off is found however little it is. Sources: ISO/IEC 14496-12,
 * section 4.2 (boxes); RFC 8794, sections 4 and 5 (elements of EBML), and RFC 9559 (the segment of Matroska).
 */
final class ContainerEnd {
    private static final int EBML = 0x1A45DFA3;
    private static final int SEGMENT = 0x18538067;
    private static final int BOX_HEAD = 8;

    private ContainerEnd() {}

    static boolean isMissing(Path path) throws IOException {
        try (var file = new RandomAccessFile(path.toFile(), "r")) {
            int first = file.readInt();
            file.seek(0);
            return first == EBML ? matroska(file) : boxes(file);
        } catch (EOFException _) {
            return true;
        }
    }

    private static boolean boxes(RandomAccessFile file) throws IOException {
        long at = 0;
        while (at < file.length()) {
            file.seek(at);
            long size = file.readInt() & 0xFFFFFFFFL;
            file.readInt();
            if (size == 1) {
                size = file.readLong();
            } else if (size == 0) {
                return false; // up to the end, wherever that is
            }
            if (size < BOX_HEAD || at + size > file.length()) {
                return true;
            }
            at += size;
        }
        return false;
    }

    private static boolean matroska(RandomAccessFile file) throws IOException {
        while (file.getFilePointer() < file.length()) {
            int id = file.readInt();
            long size = size(file);
            if (size < 0) {
                return false; // not known when it was written
            }
            long end = file.getFilePointer() + size;
            if (end > file.length()) {
                return true;
            }
            if (id == SEGMENT) {
                return false;
            }
            file.seek(end);
        }
        return true;
    }

    /** A number of one to eight bytes whose first one tells how many; −1 for one that is not known. */
    private static long size(RandomAccessFile file) throws IOException {
        int first = file.readUnsignedByte();
        int more = Integer.numberOfLeadingZeros(first) - 24;
        long value = first & (0x7F >> more);
        boolean known = value != 0x7F >> more;
        for (int i = 0; i < more; i++) {
            int next = file.readUnsignedByte();
            known |= next != 0xFF;
            value = value << 8 | next;
        }
        return known ? value : -1;
    }
}
