package amberlens.trials;

import amberlens.core.model.project.FileProblem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;

/** Damages files of one kind, one after the other, and collects those that do not hold. */
final class Fuzz {
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    /** A file that does not hold, and how. */
    record Fault(Kind kind, String what, byte[] file) {}

    private final Kind kind;
    private final Path folder;
    private final List<Seeds.Seed> seeds;
    private final List<Fault> faults = new ArrayList<>();
    private int tried;

    /**
     * @param folder for the files that are tried
     */
    Fuzz(Kind kind, Path folder) throws IOException, FileProblem {
        this.kind = kind;
        this.folder = folder;
        seeds = Seeds.of(kind, folder);
    }

    /**
     * Tries files as long as somebody wants to.
     *
     * @param first the number of the first file: the same numbers are the same files
     */
    void run(int first, BooleanSupplier goesOn) throws IOException {
        try (var examiner = new Watched(PATIENCE)) {
            for (int number = first; goesOn.getAsBoolean(); number++) {
                var chance = new Random(31L * number + kind.ordinal());
                Seeds.Seed seed = seeds.get(chance.nextInt(seeds.size()));
                byte[] bytes = Mutation.of(seed.bytes(), kind, chance);
                Path file =
                        folder.resolve(kind.name().toLowerCase(java.util.Locale.ROOT) + "-" + number + seed.ending());
                Files.write(file, bytes);
                Optional<String> fault = examiner.fault(kind, file);
                tried++;
                if (fault.isPresent()) {
                    faults.add(new Fault(kind, fault.get(), Minimising.of(bytes, kind, file, examiner)));
                }
                Files.deleteIfExists(file);
            }
        }
    }

    int tried() {
        return tried;
    }

    List<Fault> faults() {
        return List.copyOf(faults);
    }
}
