package amberlens.media.picture;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.TreeMap;

/** Writes uncompressed TIFFs of any kind of samples, byte by byte as TIFF 6.0 (1992) lays them out. */
final class TiffBuilder {
    private static final int SHORT = 3;
    private static final int LONG = 4;
    private static final int UNDEFINED = 7;

    private record Entry(int type, long[] values) {}

    private final TreeMap<Integer, Entry> entries = new TreeMap<>();
    private final byte[] pixels;
    private final ByteOrder order;

    /**
     * @param format 1 whole numbers, 2 signed ones, 3 floating point, as tag 339 says
     * @param photometric 1 black is zero, 2 RGB, as tag 262 says
     */
    TiffBuilder(
            int width, int height, int samples, int bits, int format, int photometric, ByteOrder order, byte[] pixels) {
        this.pixels = pixels;
        this.order = order;
        put(256, LONG, width);
        put(257, LONG, height);
        put(258, SHORT, repeated(samples, bits));
        put(259, SHORT, 1);
        put(262, SHORT, photometric);
        put(273, LONG, 0);
        put(277, SHORT, samples);
        put(278, LONG, height);
        put(279, LONG, pixels.length);
        put(339, SHORT, repeated(samples, format));
    }

    /** What the samples beyond the colours are: 0 unspecified, 1 premultiplied alpha, 2 alpha, as tag 338 says. */
    TiffBuilder extra(long... kinds) {
        put(338, SHORT, kinds);
        return this;
    }

    TiffBuilder put(int tag, int type, long... values) {
        entries.put(tag, new Entry(type, values));
        return this;
    }

    /** A tag of bytes without meaning to TIFF, type 7. */
    TiffBuilder bytes(int tag, byte[] data) {
        long[] values = new long[data.length];
        for (int i = 0; i < values.length; i++) {
            values[i] = data[i];
        }
        return put(tag, UNDEFINED, values);
    }

    private static long[] repeated(int times, long value) {
        long[] all = new long[times];
        java.util.Arrays.fill(all, value);
        return all;
    }

    Path write(Path file) throws IOException {
        int directory = 8;
        int after = directory + 2 + entries.size() * 12 + 4;
        var beyond = new ByteArrayOutputStream();
        int data = after;
        for (Entry entry : entries.values()) {
            data += size(entry) > 4 ? size(entry) : 0;
        }
        put(273, LONG, data);
        ByteBuffer head = ByteBuffer.allocate(after).order(order);
        head.put(order == ByteOrder.LITTLE_ENDIAN ? new byte[] {'I', 'I'} : new byte[] {'M', 'M'});
        head.putShort((short) 42).putInt(directory).putShort((short) entries.size());
        for (var tagged : entries.entrySet()) {
            Entry entry = tagged.getValue();
            head.putShort(tagged.getKey().shortValue())
                    .putShort((short) entry.type)
                    .putInt(entry.values.length);
            byte[] values = values(entry);
            if (values.length <= 4) {
                head.put(java.util.Arrays.copyOf(values, 4));
            } else {
                head.putInt(after + beyond.size());
                beyond.writeBytes(values);
            }
        }
        head.putInt(0);
        var whole = new ByteArrayOutputStream();
        whole.writeBytes(head.array());
        whole.writeBytes(beyond.toByteArray());
        whole.writeBytes(pixels);
        return Files.write(file, whole.toByteArray());
    }

    private static int size(Entry entry) {
        return entry.values.length * (entry.type == SHORT ? 2 : entry.type == UNDEFINED ? 1 : 4);
    }

    private byte[] values(Entry entry) {
        ByteBuffer values = ByteBuffer.allocate(size(entry)).order(order);
        for (long value : entry.values) {
            if (entry.type == UNDEFINED) {
                values.put((byte) value);
            } else if (entry.type == SHORT) {
                values.putShort((short) value);
            } else {
                values.putInt((int) value);
            }
        }
        return values.array();
    }
}
