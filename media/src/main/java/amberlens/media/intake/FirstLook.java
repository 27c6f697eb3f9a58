package amberlens.media.intake;

import amberlens.core.model.project.FileProblem;
import amberlens.media.Deadline;
import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A new film is first looked at in another process, which may die of it: a fault in native code then takes no work along. The process
 * is started when it is first needed, looks at one film after the other, and is replaced when it has died. Safe for use from several
 * threads; one caller at a time is served.
 */
public final class FirstLook implements FilmGuard, AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(FirstLook.class);
    private static final Duration PATIENCE = Duration.ofSeconds(15);

    private final List<String> command;
    private @Nullable Process process;

    /**
     * @param command starts a process that speaks as {@link FirstLookMain} does
     */
    FirstLook(List<String> command) {
        this.command = List.copyOf(command);
    }

    /** With the Java platform and the classes of this program. */
    public static FirstLook ofThisProgram() {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        List<String> command = new ArrayList<>(List.of(
                java,
                "-Xmx1g",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-Djava.awt.headless=true",
                "--enable-native-access=ALL-UNNAMED",
                "--sun-misc-unsafe-memory-access=allow",
                "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                FirstLookMain.class.getName()));
        return new FirstLook(command);
    }

    /**
     * Has a film looked at.
     *
     * @throws FileProblem when the process died of it, or does not answer. Whatever else is wrong with the film is for whoever
     *     opens it to say
     */
    @Override
    public synchronized void check(Path film) throws FileProblem {
        if (!Files.isRegularFile(film)) {
            return;
        }
        Process looking = running();
        if (looking == null) {
            return;
        }
        var answer = new CompletableFuture<@Nullable String>();
        Thread.ofPlatform().name("first-look").daemon().start(() -> ask(looking, film, answer));
        try {
            if (awaited(answer, looking) == null) {
                stop();
                throw new FileProblem(
                        film + " is damaged in a way that ends the program that reads it; it is left out.");
            }
        } catch (TimeoutException e) {
            stop();
            throw new FileProblem(film + " takes too long to read; it is damaged, or its disk does not answer.", e);
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
            stop();
        } catch (ExecutionException e) {
            LOG.debug("asking about {}", film, e);
            stop();
        }
    }

    /** A process that gets little of the processor's time is waited for longer. */
    private static @Nullable String awaited(CompletableFuture<@Nullable String> answer, Process looking)
            throws InterruptedException, ExecutionException, TimeoutException {
        Duration before = worked(looking);
        for (int again = 1; ; again++) {
            try {
                return answer.get(PATIENCE.toSeconds(), TimeUnit.SECONDS);
            } catch (TimeoutException e) {
                if (again == Deadline.BY_THE_CLOCK
                        || worked(looking).minus(before).compareTo(PATIENCE) > 0) {
                    throw e;
                }
            }
        }
    }

    private static Duration worked(Process process) {
        return process.info().totalCpuDuration().orElse(PATIENCE.multipliedBy(Deadline.BY_THE_CLOCK));
    }

    private @Nullable Process running() {
        if (process == null || !process.isAlive()) {
            try {
                process = new ProcessBuilder(command)
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .start();
            } catch (IOException e) {
                LOG.debug("no process can be started to look at films", e);
                process = null;
            }
        }
        return process;
    }

    /** The answer is nothing when the process ends before it gives one. */
    private static void ask(Process looking, Path film, CompletableFuture<@Nullable String> answer) {
        try {
            BufferedWriter to = looking.outputWriter(StandardCharsets.UTF_8);
            to.write(FirstLookMain.line(film));
            to.newLine();
            to.flush();
            BufferedReader from = looking.inputReader(StandardCharsets.UTF_8);
            answer.complete(from.readLine());
        } catch (IOException e) {
            answer.complete(null);
            LOG.debug("asking about {}", film, e);
        }
    }

    private void stop() {
        if (process != null) {
            process.destroyForcibly();
            process = null;
        }
    }

    @Override
    public synchronized void close() {
        stop();
    }
}
