package amberlens.media.sound;

import amberlens.core.material.sound.Samples;
import amberlens.core.model.project.FileProblem;
import amberlens.files.FileWords;
import amberlens.files.ScratchRoom;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * The sound of a file, decoded once onto the disk, so that hours of it need no memory and any place of it can be read. What is damaged is
 * left out; what was decoded goes away with this.
 */
public final class DecodedSound implements Samples, AutoCloseable {
    private static final int FRAME = CHANNELS * Float.BYTES;

    /** The longest sound that is read, in pairs: ten hours. */
    private static final long MOST = 10L * 3600 * RATE;

    private final FileChannel channel;
    private final long length;
    private final SoundFacts facts;

    private DecodedSound(FileChannel channel, long length, SoundFacts facts) {
        this.channel = channel;
        this.length = length;
        this.facts = facts;
    }

    /**
     * Decodes a file as it is.
     *
     * @param goesOn asked again and again whether to go on
     * @throws FileProblem when it holds no sound that can be read, or reading was ended
     */
    public static DecodedSound of(Path path, BooleanSupplier goesOn) throws FileProblem {
        return of(path, 1, goesOn);
    }

    /**
     * Decodes a file, faster or slower at the same pitch. The sound of a film begins where its picture does: what comes before is left
     * out, what comes late is late.
     *
     * @param tempo 1 as it is, 2 twice as fast; above 0
     * @param goesOn asked again and again whether to go on
     * @throws FileProblem when it holds no sound that can be read, or reading was ended
     */
    public static DecodedSound of(Path path, double tempo, BooleanSupplier goesOn) throws FileProblem {
        return of(path, tempo, ScratchRoom.usual(), goesOn);
    }

    static DecodedSound of(Path path, double tempo, ScratchRoom room, BooleanSupplier goesOn) throws FileProblem {
        try (SoundStream stream = new SoundStream(path);
                Blocks blocks = new Blocks(stream, tempo)) {
            return decoded(path, stream, blocks, tempo, room, goesOn);
        } catch (RuntimeException e) {
            throw new FileProblem(path + " is damaged: it cannot be read (" + FileWords.reason(e) + ").", e);
        }
    }

    private static DecodedSound decoded(
            Path path, SoundStream stream, Blocks blocks, double tempo, ScratchRoom room, BooleanSupplier goesOn)
            throws FileProblem {
        FileChannel channel = null;
        try {
            channel = room.open("sound-");
            boolean silenced = false;
            long pairs = 0;
            float[] block = blocks.next();
            while (block.length > 0 && pairs < MOST) {
                if (!goesOn.getAsBoolean()) {
                    throw new FileProblem("Reading " + path + " was stopped.");
                }
                silenced |= silenceStrange(block);
                room.append(channel, bytes(block));
                pairs += block.length / CHANNELS;
                block = blocks.next();
            }
            if (pairs == 0) {
                throw new FileProblem(path + " holds no sound that can be read; it is empty or cut off.");
            }
            var facts = new SoundFacts(
                    stream.rate(),
                    stream.channels(),
                    stream.codecName(),
                    stream.streams(),
                    silenced
                            || stream.damaged() > 0
                            || pairs * tempo < 0.98 * stream.saidSeconds() * RATE - RATE / 10.0);
            return new DecodedSound(channel, pairs, facts);
        } catch (IOException e) {
            giveUp(channel);
            throw new FileProblem(
                    "There is no room for the sound of " + path + " in " + room.folder() + ": " + FileWords.reason(e)
                            + ".",
                    e);
        } catch (FileProblem | RuntimeException | Error e) {
            giveUp(channel);
            throw e;
        }
    }

    /** An open channel would keep its room. */
    private static void giveUp(@Nullable FileChannel channel) {
        try {
            if (channel != null) {
                channel.close();
            }
        } catch (IOException _) {
            // it goes when the program ends
        }
    }

    /** Samples that are no numbers count as silence: one of them would silence all that is mixed with it. */
    private static boolean silenceStrange(float[] block) {
        boolean any = false;
        for (int i = 0; i < block.length; i++) {
            if (!Float.isFinite(block[i])) {
                block[i] = 0;
                any = true;
            }
        }
        return any;
    }

    private static ByteBuffer bytes(float[] pairs) {
        ByteBuffer bytes = ByteBuffer.allocate(pairs.length * Float.BYTES).order(ByteOrder.nativeOrder());
        bytes.asFloatBuffer().put(pairs);
        return bytes;
    }

    /** What its file says. */
    public SoundFacts facts() {
        return facts;
    }

    @Override
    public long length() {
        return length;
    }

    @Override
    public void read(long from, int count, float[] into, int at) {
        int first = (int) Math.clamp(-from, 0, count);
        int last = (int) Math.clamp(length - from, first, count);
        Arrays.fill(into, CHANNELS * at, CHANNELS * (at + count), 0);
        if (last <= first) {
            return;
        }
        ByteBuffer bytes = ByteBuffer.allocate((last - first) * FRAME).order(ByteOrder.nativeOrder());
        try {
            long place = (from + first) * FRAME;
            while (bytes.hasRemaining()) {
                int read = channel.read(bytes, place + bytes.position());
                if (read < 0) {
                    break;
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("the decoded sound is gone", e);
        }
        bytes.flip().asFloatBuffer().get(into, CHANNELS * (at + first), bytes.limit() / Float.BYTES);
    }

    @Override
    public void close() {
        giveUp(channel);
    }
}
