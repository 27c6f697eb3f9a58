package amberlens.media.picture;

import amberlens.media.raster.IccProfiles;
import amberlens.media.raster.Orientation;
import com.twelvemonkeys.imageio.metadata.CompoundDirectory;
import com.twelvemonkeys.imageio.metadata.Directory;
import com.twelvemonkeys.imageio.metadata.Entry;
import com.twelvemonkeys.imageio.metadata.tiff.TIFFReader;
import java.io.IOException;
import java.lang.reflect.Array;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;
import java.util.Optional;
import javax.imageio.stream.FileImageInputStream;

/** What one of the directories of a TIFF file says of its pixels (TIFF 6.0; tags by number). */
final class TiffDirectory {
    private static final int BITS_PER_SAMPLE = 258;
    private static final int ORIENTATION = 274;
    private static final int STRIP_OFFSETS = 273;
    private static final int STRIP_LENGTHS = 279;
    private static final int TILE_OFFSETS = 324;
    private static final int TILE_LENGTHS = 325;
    private static final int EXTRA_SAMPLES = 338;
    private static final int ICC_PROFILE = 34675;
    private static final int UNKNOWN = 65_000;
    private static final int ASSOCIATED_ALPHA = 1;
    private static final int ALPHA = 2;

    private final Directory directory;
    private final boolean littleEndian;

    private TiffDirectory(Directory directory, boolean littleEndian) {
        this.directory = directory;
        this.littleEndian = littleEndian;
    }

    /**
     * Empty where the directory cannot be read; the decoder then says what is wrong.
     *
     * @param index from 0
     */
    static Optional<TiffDirectory> of(Path path, int index) {
        try (var stream = new FileImageInputStream(path.toFile())) {
            boolean littleEndian = stream.read() == 'I';
            stream.seek(0);
            Directory all = new TIFFReader().read(stream);
            Directory first = all instanceof CompoundDirectory several ? several.getDirectory(index) : all;
            return Optional.of(new TiffDirectory(first, littleEndian));
        } catch (IOException | RuntimeException _) {
            return Optional.empty();
        }
    }

    private long[] numbers(int tag) {
        Entry entry = directory.getEntryById(tag);
        Object value = entry == null ? null : entry.getValue();
        if (value instanceof Number number) {
            return new long[] {number.longValue()};
        }
        if (value == null || !value.getClass().isArray()) {
            return new long[0];
        }
        long[] all = new long[Array.getLength(value)];
        for (int i = 0; i < all.length; i++) {
            all[i] = Array.get(value, i) instanceof Number number ? number.longValue() : 0;
        }
        return all;
    }

    /** How it stands; upright where it does not say. */
    Orientation orientation() {
        long[] tag = numbers(ORIENTATION);
        return tag.length == 0 ? Orientation.UPRIGHT : Orientation.ofTag((int) tag[0]);
    }

    /** Whether pixels should stand where the file has ended already. */
    boolean isCutOff(long bytes) {
        return beyond(STRIP_OFFSETS, STRIP_LENGTHS, bytes) || beyond(TILE_OFFSETS, TILE_LENGTHS, bytes);
    }

    private boolean beyond(int offsetTag, int lengthTag, long bytes) {
        long[] offsets = numbers(offsetTag);
        long[] lengths = numbers(lengthTag);
        for (int i = 0; i < Math.min(offsets.length, lengths.length); i++) {
            if (offsets[i] + lengths[i] > bytes) {
                return true;
            }
        }
        return false;
    }

    /**
     * Which of the samples beyond the colours is the alpha: the first that says so, else the first that says nothing, as is common
     * practice; −1 for none.
     */
    int alpha() {
        long[] kinds = numbers(EXTRA_SAMPLES);
        for (int i = 0; i < kinds.length; i++) {
            if (kinds[i] == ASSOCIATED_ALPHA || kinds[i] == ALPHA) {
                return i;
            }
        }
        return kinds.length > 0 ? 0 : -1;
    }

    /** Whether the colours were multiplied by the alpha. */
    boolean premultiplied() {
        long[] kinds = numbers(EXTRA_SAMPLES);
        int alpha = alpha();
        return alpha >= 0 && kinds[alpha] == ASSOCIATED_ALPHA;
    }

    /** Whether samples of three bytes come out of the decoder in the wrong order: it reads all of them as big-endian. */
    boolean swapsThreeBytes() {
        long[] bits = numbers(BITS_PER_SAMPLE);
        return littleEndian && bits.length > 0 && bits[0] == 24;
    }

    /** Whether it has a profile that cannot be used. */
    boolean brokenProfile() {
        Entry entry = directory.getEntryById(ICC_PROFILE);
        return entry != null
                && !(entry.getValue() instanceof byte[] data
                        && IccProfiles.usable(data, 0).isPresent());
    }

    /** The file with the tag of its profile made unknown. */
    static Mended withoutProfile(byte[] file) {
        ByteBuffer bytes = ByteBuffer.wrap(file).order(file[0] == 'I' ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        boolean big = bytes.getShort(2) == 43;
        long first = big ? bytes.getLong(8) : bytes.getInt(4) & 0xFFFFFFFFL;
        long count = big ? bytes.getLong((int) first) : bytes.getShort((int) first) & 0xFFFF;
        int entries = (int) first + (big ? 8 : 2);
        for (int i = 0; i < count; i++) {
            int at = entries + i * (big ? 20 : 12);
            if ((bytes.getShort(at) & 0xFFFF) == ICC_PROFILE) {
                bytes.putShort(at, (short) UNKNOWN);
            }
        }
        return new Mended(file, true);
    }
}
