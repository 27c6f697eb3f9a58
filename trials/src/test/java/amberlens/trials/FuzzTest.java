package amberlens.trials;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A short run over always the same damaged files; {@code ./amber fuzz} goes on from there. */
class FuzzTest {
    @TempDir
    private Path folder;

    @ParameterizedTest
    @CsvSource({"PROJECT, 500", "PICTURE, 400", "FILM, 100", "SOUND, 150", "TAKEN, 400"})
    void damaged_files_are_read_or_refused_in_words_and_in_time(Kind kind, int count) throws Exception {
        var fuzz = new Fuzz(kind, folder);
        var left = new AtomicInteger(count);
        fuzz.run(0, () -> left.getAndDecrement() > 0);
        assertThat(fuzz.tried()).isEqualTo(count);
        assertThat(fuzz.faults()).extracting(Fuzz.Fault::what).isEmpty();
    }

    @Test
    void the_good_files_themselves_are_read() throws Exception {
        try (var examiner = new Watched(Duration.ofSeconds(60))) {
            for (Kind kind : Kind.values()) {
                for (Seeds.Seed seed : Seeds.of(kind, folder)) {
                    Path file = Files.write(folder.resolve("good" + seed.ending()), seed.bytes());
                    assertThat(examiner.fault(kind, file))
                            .as(kind + seed.ending())
                            .isEmpty();
                    kind.examine(file);
                }
            }
        }
    }

    @Test
    void a_fault_is_noticed_and_made_as_small_as_it_stays_one() throws IOException {
        byte[] text = "nothing of this is a project".getBytes(java.nio.charset.StandardCharsets.UTF_8);
        Path file = Files.write(folder.resolve("scratch"), text);
        try (var hasty = new Watched(Duration.ofNanos(1))) {
            assertThat(hasty.fault(Kind.PROJECT, file))
                    .hasValueSatisfying(what -> assertThat(what).contains("no answer"));
            assertThat(Minimising.of(text, Kind.PROJECT, file, hasty)).hasSizeLessThan(2);
        }
    }

    @Test
    void the_same_chance_makes_the_same_damage() throws Exception {
        byte[] good = Seeds.of(Kind.PROJECT, folder).getFirst().bytes();
        byte[] once = Mutation.of(good, Kind.PROJECT, new Random(5));
        assertThat(Mutation.of(good, Kind.PROJECT, new Random(5))).isEqualTo(once);
        assertThat(Mutation.of(good, Kind.PROJECT, new Random(6))).isNotEqualTo(once);
    }
}
