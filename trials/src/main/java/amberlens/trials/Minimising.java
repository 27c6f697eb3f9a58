package amberlens.trials;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/** Makes a file smaller as long as it stays a fault: stretches are left out, half as long each time. */
final class Minimising {
    private static final int MOST_TRIES = 120;
    private static final long MOST_NANOS = 40_000_000_000L;

    private Minimising() {}

    static byte[] of(byte[] fault, Kind kind, Path scratch, Watched examiner) throws IOException {
        byte[] smallest = fault;
        int tries = 0;
        long end = System.nanoTime() + MOST_NANOS;
        for (int stretch = fault.length / 2; stretch > 0 && tries < MOST_TRIES; stretch /= 2) {
            for (int at = 0; at < smallest.length && tries < MOST_TRIES && System.nanoTime() < end; ) {
                byte[] less = without(smallest, at, Math.min(smallest.length, at + stretch));
                tries++;
                Files.write(scratch, less);
                if (examiner.fault(kind, scratch).isPresent()) {
                    smallest = less;
                } else {
                    at += stretch;
                }
            }
        }
        return smallest;
    }

    private static byte[] without(byte[] bytes, int from, int to) {
        byte[] rest = Arrays.copyOf(bytes, bytes.length - (to - from));
        System.arraycopy(bytes, to, rest, from, bytes.length - to);
        return rest;
    }
}
