package amberlens.project.safe;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.files.FileStamp;
import amberlens.project.ProjectFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SafeTest {
    private static final Instant NOON = Instant.parse("2026-05-01T12:00:00Z");

    @TempDir
    private Path folder;

    private static SafeEntry entry(String name, int minutes) {
        var stamp = new FileStamp(12, FileTime.from(NOON), "ab" + minutes);
        return new SafeEntry(
                name, Optional.of(Path.of("/films/" + name)), Optional.of(stamp), NOON.plusSeconds(60L * minutes), 7);
    }

    /** As if the program had ended without a word: its lock is gone, its folder is not. */
    private void leave(Project... projects) throws FileProblem {
        Safe safe = Safe.in(folder);
        for (int i = 0; i < projects.length; i++) {
            safe.keep(i, projects[i], entry(projects[i].name(), i));
            safe.keepPicture(i, new byte[] {1, 2});
        }
        safe.close();
    }

    @Test
    void what_a_program_left_is_offered_with_its_facts_until_it_is_forgotten() throws FileProblem {
        leave(Project.empty("Pond"), Project.empty("Glasshouse"));
        try (var left = Safe.leftBehind(folder).getFirst()) {
            assertThat(left.entries())
                    .extracting(Safe.LeftBehind.Work::entry)
                    .containsExactly(entry("Glasshouse", 1), entry("Pond", 0));
            var latest = left.entries().getFirst();
            assertThat(ProjectFile.open(latest.project())).isEqualTo(Project.empty("Glasshouse"));
            assertThat(latest.picture()).hasBinaryContent(new byte[] {1, 2});
            left.forget(latest);
        }
        try (var left = Safe.leftBehind(folder).getFirst()) {
            assertThat(left.entries()).extracting(work -> work.entry().name()).containsExactly("Pond");
            left.forget(left.entries().getFirst());
        }
        assertThat(Safe.leftBehind(folder)).isEmpty();
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void the_safe_of_a_program_that_runs_or_asks_is_offered_to_nobody_else() throws FileProblem {
        try (Safe running = Safe.in(folder)) {
            running.keep(0, Project.empty("Pond"), entry("Pond", 0));
            assertThat(Safe.leftBehind(folder)).isEmpty();
            running.forget(0);
        }
        leave(Project.empty("Border"));
        List<Safe.LeftBehind> first = Safe.leftBehind(folder);
        assertThat(first).hasSize(1);
        assertThat(Safe.leftBehind(folder)).isEmpty();
        first.forEach(Safe.LeftBehind::close);
        assertThat(Safe.leftBehind(folder)).hasSize(1);
    }

    /** On Linux any channel of a file that is closed gives up all locks of the program on it, so that another program could take them. */
    @Test
    void anotherProgramIsOfferedNothingOfOneThatRunsEvenAfterThisOneHasLooked() throws Exception {
        try (Safe running = Safe.in(folder)) {
            running.keep(0, Project.empty("Pond"), entry("Pond", 0));
            assertThat(Safe.leftBehind(folder)).isEmpty();
            assertThat(offeredToAnotherProgram()).isEqualTo("0");
        }
        assertThat(offeredToAnotherProgram()).isEqualTo("1");
    }

    private String offeredToAnotherProgram() throws IOException, InterruptedException {
        Process other = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Another.class.getName(),
                        folder.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(other.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        assertThat(other.waitFor()).as(said).isZero();
        return said;
    }

    /** A program that says how much is offered to it. */
    static final class Another {
        private Another() {}

        public static void main(String[] args) {
            System.out.println(Safe.leftBehind(Path.of(args[0])).size());
        }
    }

    @Test
    void aFileIsKeptWhereItIsWhateverWasTyped() {
        var typed = new SafeEntry("Pond", Optional.of(Path.of("A/pond.amber")), Optional.empty(), NOON, 1);
        assertThat(typed.file()).contains(Path.of("A/pond.amber").toAbsolutePath());
    }

    @Test
    void aRelativeFileOfAnOlderSafeIsNotLookedForElsewhere() throws FileProblem, IOException {
        leave(Project.empty("Pond"));
        try (var files = Files.walk(folder)) {
            for (Path facts :
                    files.filter(path -> path.toString().endsWith(".json")).toList()) {
                Files.writeString(facts, Files.readString(facts).replace("/films/Pond", "A/pond.amber"));
            }
        }
        try (var left = Safe.leftBehind(folder).getFirst()) {
            assertThat(left.entries().getFirst().entry().file()).isEmpty();
            assertThat(left.entries().getFirst().entry().name()).isEqualTo("Pond");
        }
    }

    @Test
    void a_document_whose_facts_were_not_written_yet_is_offered_all_the_same() throws FileProblem, IOException {
        leave(Project.empty("Pond"));
        try (var files = Files.walk(folder)) {
            for (Path facts :
                    files.filter(path -> path.toString().endsWith(".json")).toList()) {
                Files.writeString(facts, "{ \"name\": ");
            }
        }
        try (var left = Safe.leftBehind(folder).getFirst()) {
            assertThat(left.entries()).extracting(work -> work.entry().name()).containsExactly("Untitled");
        }
    }

    @Test
    void a_file_that_was_just_being_opened_is_suspected_and_one_that_did_no_harm_is_not() throws FileProblem {
        Safe safe = Safe.in(folder);
        safe.suspects().begins(Path.of("/films/good.mp4"));
        safe.suspects().ends(Path.of("/films/good.mp4"));
        safe.suspects().begins(Path.of("/films/deadly.ogv"));
        safe.close();
        try (var left = Safe.leftBehind(folder).getFirst()) {
            assertThat(left.suspects()).containsExactly(Path.of("/films/deadly.ogv"));
            left.forgetSuspects();
        }
        assertThat(Safe.leftBehind(folder)).isEmpty();
    }

    @Test
    void the_last_ten_saved_versions_of_each_file_can_be_had_back() throws FileProblem {
        var versions = new EarlierVersions(folder.resolve("versions"));
        Path film = folder.resolve("film.amber");
        for (int i = 0; i < 12; i++) {
            versions.keep(Project.empty("Version " + i), film, NOON.plusSeconds(i));
        }
        versions.keep(Project.empty("Other"), folder.resolve("other.amber"), NOON);
        List<EarlierVersions.Version> kept = versions.all(film);
        assertThat(kept).extracting(EarlierVersions.Version::saved).hasSize(10).startsWith(NOON.plusSeconds(11));
        assertThat(ProjectFile.open(kept.getLast().path()).name()).isEqualTo("Version 2");
        assertThat(versions.all(folder.resolve("other.amber"))).hasSize(1);
        assertThat(versions.all(folder.resolve("never.amber"))).isEmpty();
    }
}
