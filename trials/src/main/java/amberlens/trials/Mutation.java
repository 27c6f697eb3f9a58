package amberlens.trials;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Damage by chance: the same seed of chance, the same damage. */
final class Mutation {
    private static final byte[] TELLING = {0, 1, -1, 127, -128, '{', '"', '/', '0', 32};
    private static final String[] NUMBERS = {
        "0",
        "-1",
        "1e400",
        "-1e308",
        "1e-400",
        "2147483648",
        "9007199254740993",
        "0.1",
        "1e9",
        "1e999999999",
        "true",
        "null",
        "[]",
        "{}",
        "\"\"",
        "\"x\""
    };
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?|true|false|\"[^\"\\n]*\"(?=\\s*[,}\\]])");
    private static final int HEAD = 256;

    private Mutation() {}

    /** A damaged copy. */
    static byte[] of(byte[] good, Kind kind, Random chance) {
        byte[] bytes = good;
        int times = 1 + chance.nextInt(4);
        for (int i = 0; i < times; i++) {
            bytes = (kind == Kind.PROJECT || kind == Kind.TAKEN) && chance.nextInt(4) > 0
                    ? word(bytes, chance)
                    : once(bytes, chance);
        }
        return bytes;
    }

    /** Another number or text in the place of one. */
    private static byte[] word(byte[] bytes, Random chance) {
        String text = new String(bytes, StandardCharsets.UTF_8);
        Matcher numbers = NUMBER.matcher(text);
        int wanted = chance.nextInt(Math.max(1, (int) numbers.results().count()));
        numbers.reset();
        for (int i = 0; numbers.find(); i++) {
            if (i == wanted) {
                String other = NUMBERS[chance.nextInt(NUMBERS.length)];
                return (text.substring(0, numbers.start()) + other + text.substring(numbers.end()))
                        .getBytes(StandardCharsets.UTF_8);
            }
        }
        return bytes;
    }

    private static byte[] once(byte[] bytes, Random chance) {
        if (bytes.length < 2) {
            return bytes;
        }
        int at = chance.nextBoolean() ? chance.nextInt(bytes.length) : chance.nextInt(Math.min(HEAD, bytes.length));
        int length = Math.min(bytes.length - at, 1 + chance.nextInt(64));
        return switch (chance.nextInt(7)) {
            case 0 -> changed(bytes, at, (byte) (bytes[at] ^ 1 << chance.nextInt(8)));
            case 1 -> changed(bytes, at, TELLING[chance.nextInt(TELLING.length)]);
            case 2 -> changed(bytes, at, (byte) chance.nextInt());
            case 3 -> joined(bytes, at, new byte[0], at + length);
            case 4 -> joined(bytes, at, Arrays.copyOfRange(bytes, at, at + length), at);
            case 5 -> Arrays.copyOf(bytes, at);
            default -> {
                byte[] noise = new byte[length];
                chance.nextBytes(noise);
                yield joined(bytes, at, noise, at + length);
            }
        };
    }

    private static byte[] changed(byte[] bytes, int at, byte value) {
        byte[] copy = bytes.clone();
        copy[at] = value;
        return copy;
    }

    /** The beginning up to a place, something between, and the rest from another place. */
    private static byte[] joined(byte[] bytes, int until, byte[] between, int from) {
        byte[] all = new byte[until + between.length + bytes.length - from];
        System.arraycopy(bytes, 0, all, 0, until);
        System.arraycopy(between, 0, all, until, between.length);
        System.arraycopy(bytes, from, all, until + between.length, bytes.length - from);
        return all;
    }
}
