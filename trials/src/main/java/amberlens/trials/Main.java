package amberlens.trials;

import amberlens.core.model.project.FileProblem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** The command {@code amber fuzz}. */
@Command(
        name = "fuzz",
        description =
                "Damages projects, pictures, films, sounds and edits of other programs by chance and has each examined in a process of its own. A file holds when"
                        + " it is read or refused in words within 10 s of processor time. Exit code 1: some did not; they are kept, made as small as they stay faults.",
        mixinStandardHelpOptions = true)
public final class Main implements Callable<Integer> {
    @Option(names = "--minutes", required = true, paramLabel = "N", description = "How long.")
    private double minutes;

    @Option(
            names = "--kind",
            paramLabel = "KIND",
            description =
                    "project, picture, film, sound or taken (edits and moves of other programs); all if left out.")
    private List<Kind> kinds = List.of(Kind.values());

    @Option(
            names = "--seed",
            paramLabel = "N",
            description = "The number of the first file (default: ${DEFAULT-VALUE}).")
    private int seed = 1_000_000;

    @Option(names = "--out", paramLabel = "FOLDER", description = "Where faults are kept (default: ${DEFAULT-VALUE}).")
    private Path out = Path.of("amber-faults");

    private Main() {}

    public static void main(String[] args) {
        System.exit(new CommandLine(new Main())
                .setCaseInsensitiveEnumValuesAllowed(true)
                .execute(args));
    }

    @Override
    public Integer call() throws IOException, FileProblem, InterruptedException {
        long end = System.nanoTime() + (long) (minutes * 60e9);
        Path scratch = Files.createTempDirectory("amber-fuzz");
        List<Fuzz> runs = new ArrayList<>();
        try (var threads = Executors.newFixedThreadPool(kinds.size())) {
            List<Future<?>> running = new ArrayList<>();
            for (Kind kind : kinds) {
                var fuzz = new Fuzz(kind, Files.createDirectories(scratch.resolve(kind.name())));
                runs.add(fuzz);
                running.add(threads.submit(() -> {
                    fuzz.run(seed, () -> System.nanoTime() < end);
                    return kind;
                }));
            }
            for (Future<?> one : running) {
                one.get((long) minutes + 30, TimeUnit.MINUTES);
            }
        } catch (ExecutionException | java.util.concurrent.TimeoutException e) {
            throw new IOException(e);
        }
        return report(runs);
    }

    private int report(List<Fuzz> runs) throws IOException {
        int count = 0;
        for (int i = 0; i < runs.size(); i++) {
            Fuzz run = runs.get(i);
            System.out.println(kinds.get(i).name().toLowerCase(Locale.ROOT) + ": " + run.tried() + " tried, "
                    + run.faults().size() + " do not hold");
            for (Fuzz.Fault fault : run.faults()) {
                Path kept = Files.createDirectories(out)
                        .resolve(fault.kind().name().toLowerCase(Locale.ROOT) + "-" + ++count);
                Files.write(kept, fault.file());
                System.out.println("  " + kept + ": " + fault.what());
            }
        }
        return count == 0 ? 0 : 1;
    }
}
