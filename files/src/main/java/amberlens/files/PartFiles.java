package amberlens.files;

import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Names of files that are not whole yet. They tell which process on which machine writes them, so that those of ended programs are
 * known: {@code .amber-FILE-HOST-PID-START-NUMBER.part}, with hashes for the first two.
 */
public final class PartFiles {
    private static final Pattern NAME =
            Pattern.compile("\\.amber-[0-9a-f]+-([0-9a-f]+)-([0-9]{1,18})-([0-9]{1,18})-[0-9]+\\.part");
    private static final Duration ABANDONED = Duration.ofDays(7);
    private static final String HOST = hash(host());
    private static final long PID = ProcessHandle.current().pid();
    private static final long START = started(ProcessHandle.current());

    private PartFiles() {}

    /** A name of this process, as short for the longest file name as for any other. */
    static String name(String file, long number) {
        return ".amber-" + hash(file) + "-" + HOST + "-" + PID + "-" + START + "-" + number + ".part";
    }

    /**
     * Removes what ended programs left in the folder of a destination. Those of another machine go after a week: nobody here can tell whether they
     * are still written.
     */
    public static void removeBeside(Path destination) {
        Path folder = destination.toAbsolutePath().getParent();
        if (folder == null) {
            return;
        }
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, ".amber-*.part")) {
            for (Path file : files) {
                Matcher name = NAME.matcher(file.getFileName().toString());
                if (name.matches() && abandoned(file, name)) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException | DirectoryIteratorException _) {
            // A folder that cannot be listed keeps its strays; whoever writes there hears what is wrong with it.
        }
    }

    private static boolean abandoned(Path file, Matcher name) throws IOException {
        if (!name.group(1).equals(HOST)) {
            Instant written = Files.getLastModifiedTime(file).toInstant();
            return written.isBefore(Instant.now().minus(ABANDONED));
        }
        return ProcessHandle.of(Long.parseLong(name.group(2)))
                .filter(process -> started(process) == Long.parseLong(name.group(3)))
                .isEmpty();
    }

    private static long started(ProcessHandle process) {
        return process.info().startInstant().map(Instant::getEpochSecond).orElse(0L);
    }

    private static String host() {
        try {
            return InetAddress.getLocalHost().getHostName();
        } catch (UnknownHostException _) {
            return "";
        }
    }

    private static String hash(String text) {
        return Integer.toHexString(text.hashCode());
    }
}
