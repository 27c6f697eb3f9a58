package amberlens.trials;

import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;

/** An examiner in a process of its own, which is replaced when it dies or does not answer. For use by one thread. */
final class Watched implements AutoCloseable {
    /**
     * The AV1 encoder by which seeds are made asks for real-time scheduling where the user may have it. Processes started after
     * that inherit it, and would keep each other from the cores for longer than the patience with them.
     */
    private static final List<String> PLAIN_TURNS =
            Files.isExecutable(Path.of("/usr/bin/chrt")) ? List.of("/usr/bin/chrt", "--other", "0") : List.of();

    /** Whoever has not answered by then, on however busy a machine, waits for something that does not come. */
    private static final Duration STANDSTILL = Duration.ofMinutes(5);

    private final Duration patience;
    private @Nullable Process process;

    /** @param patience how much time of processors a file may take */
    Watched(Duration patience) {
        this.patience = patience;
    }

    /** What is wrong with how a file was treated; empty when it holds. */
    Optional<String> fault(Kind kind, Path file) throws IOException {
        Process examiner = running();
        var answer = new CompletableFuture<@Nullable String>();
        Thread.ofPlatform().daemon().start(() -> ask(examiner, kind, file, answer));
        long began = System.nanoTime();
        Duration before = worked(examiner);
        try {
            while (true) {
                try {
                    return outcome(examiner, answer.get(100, TimeUnit.MILLISECONDS));
                } catch (TimeoutException _) {
                    boolean late = worked(examiner).minus(before).compareTo(patience) > 0
                            || System.nanoTime() - began > STANDSTILL.toNanos();
                    if (late) {
                        close();
                        return Optional.of("no answer within " + patience.toSeconds() + " s");
                    }
                }
            }
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
            close();
            return Optional.empty();
        } catch (ExecutionException e) {
            throw new IOException(e);
        }
    }

    private Optional<String> outcome(Process examiner, @Nullable String said) throws InterruptedException {
        if (said == null) {
            boolean gone = examiner.waitFor(5, TimeUnit.SECONDS);
            close();
            return Optional.of("the process died" + (gone ? " with " + examiner.exitValue() : ""));
        }
        return said.equals(Examiner.READ) || said.equals(Examiner.REFUSED) ? Optional.empty() : Optional.of(said);
    }

    /** How much time of processors it has had; nothing where the system does not tell. */
    private static Duration worked(Process examiner) {
        return examiner.info().totalCpuDuration().orElse(Duration.ZERO);
    }

    private static void ask(Process examiner, Kind kind, Path file, CompletableFuture<@Nullable String> answer) {
        try {
            BufferedWriter to = examiner.outputWriter(StandardCharsets.UTF_8);
            to.write(kind + " " + file);
            to.newLine();
            to.flush();
            BufferedReader from = examiner.inputReader(StandardCharsets.UTF_8);
            answer.complete(from.readLine());
        } catch (IOException _) {
            answer.complete(null);
        }
    }

    private Process running() throws IOException {
        if (process == null || !process.isAlive()) {
            var command = new ArrayList<>(PLAIN_TURNS);
            command.addAll(List.of(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-Xmx3g",
                    "-XX:-CreateCoredumpOnCrash",
                    "-XX:ErrorFile=/dev/null",
                    "-Djava.awt.headless=true",
                    "--enable-native-access=ALL-UNNAMED",
                    "--sun-misc-unsafe-memory-access=allow",
                    "-cp",
                    System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                    Examiner.class.getName()));
            process = new ProcessBuilder(command)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
        }
        return process;
    }

    @Override
    public void close() {
        if (process != null) {
            process.destroyForcibly();
            process = null;
        }
    }
}
