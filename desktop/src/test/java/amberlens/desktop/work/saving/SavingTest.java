package amberlens.desktop.work.saving;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.edit.edits.ProjectEdits;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import amberlens.project.ProjectFile;
import amberlens.project.safe.EarlierVersions;
import amberlens.project.safe.Safe;
import amberlens.project.safe.Safe.LeftBehind;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Saving and keeping safe, with this test's thread as the interface thread. */
class SavingTest {
    @TempDir
    private Path folder;

    private final LinkedBlockingQueue<Runnable> interfaceThread = new LinkedBlockingQueue<>();
    private final Desk desk = new Desk();
    private final List<Saver.Outcome> outcomes = new ArrayList<>();
    private EarlierVersions versions;
    private Saver saver;
    private SafeKeeping keeping;
    private Path film;

    @BeforeEach
    void open() {
        film = folder.resolve("film.amber");
        versions = new EarlierVersions(folder.resolve("versions"));
        saver = new Saver(interfaceThread::add, versions, InstantSource.system());
        keeping = keeping();
    }

    private SafeKeeping keeping() {
        return new SafeKeeping(
                desk, saver, folder.resolve("safe"), (_, _) -> null, InstantSource.system(), interfaceThread::add);
    }

    @AfterEach
    void close() {
        keeping.close();
        saver.close();
    }

    private void until(String what, BooleanSupplier fulfilled) throws InterruptedException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(120);
        while (!fulfilled.getAsBoolean()) {
            assertThat(System.nanoTime()).as(what).isLessThan(end);
            Runnable next = interfaceThread.poll(20, TimeUnit.MILLISECONDS);
            if (next != null) {
                next.run();
            }
        }
    }

    private void rename(String name) {
        desk.document().apply(ProjectEdits.rename(name));
    }

    private void save() {
        var snapshot = desk.document().snapshot();
        saver.save(snapshot, film, desk.document().stamp(), outcome -> {
            outcomes.add(outcome);
            if (outcome instanceof Saver.Outcome.Written written) {
                desk.document().saved(snapshot, film, written.stamp());
            }
        });
    }

    @Test
    void two_saves_at_once_come_one_after_the_other_and_the_later_one_stays() throws Exception {
        rename("one");
        save();
        rename("two");
        save();
        rename("three, made while both were written");
        until("both saves", () -> outcomes.size() == 2);
        assertThat(outcomes).allMatch(Saver.Outcome.Written.class::isInstance);
        assertThat(ProjectFile.open(film).name()).isEqualTo("two");
        assertThat(desk.document().unsaved()).isTrue();
        assertThat(versions.all(film)).hasSize(2);
    }

    @Test
    void a_file_that_somebody_else_has_changed_is_left_alone_until_that_is_wanted() throws Exception {
        rename("mine");
        save();
        until("the first save", () -> outcomes.size() == 1);
        ProjectFile.save(Project.empty("theirs"), film);
        rename("mine again");
        save();
        until("the second save", () -> outcomes.size() == 2);
        assertThat(outcomes.getLast()).isEqualTo(new Saver.Outcome.ChangedOutside());
        assertThat(ProjectFile.open(film).name()).isEqualTo("theirs");
        saver.save(desk.document().snapshot(), film, Optional.empty(), outcomes::add);
        until("the third save", () -> outcomes.size() == 3);
        assertThat(ProjectFile.open(film).name()).isEqualTo("mine again");
    }

    @Test
    void a_save_that_fails_says_why_and_the_document_stays_unsaved() throws Exception {
        film = folder.resolve("missing/film.amber");
        rename("lost?");
        save();
        until("the answer", () -> outcomes.size() == 1);
        assertThat(outcomes.getFirst())
                .isInstanceOfSatisfying(Saver.Outcome.Failed.class, failed -> assertThat(failed.why())
                        .contains("its folder is not there"));
        assertThat(desk.document().unsaved()).isTrue();
    }

    @Test
    void soon_after_the_last_edit_the_work_is_safe_and_another_start_finds_it() throws Exception {
        rename("A pond that was never saved");
        until("the work kept safe", () -> keeping.kept().isPresent());
        keeping.close();
        saver.close();
        try (LeftBehind left = Safe.leftBehind(folder.resolve("safe")).getFirst()) {
            LeftBehind.Work work = left.entries().getFirst();
            assertThat(work.entry().name()).isEqualTo("A pond that was never saved");
            assertThat(work.entry().edits()).isEqualTo(1);
            assertThat(ProjectFile.open(work.project()))
                    .isEqualTo(desk.document().project());
        }
    }

    @Test
    void what_is_saved_or_given_up_is_forgotten_in_the_safe() throws Exception {
        rename("First");
        until("the first work", () -> keeping.kept().isPresent());
        save();
        until("the save", () -> !desk.document().unsaved());
        rename("Second");
        until("the second work", () -> keeping.kept().isPresent());
        desk.document().load(Project.empty("Another"), Optional.empty());
        assertThat(keeping.kept()).isEmpty();
        keeping.close();
        saver.close();
        assertThat(Safe.leftBehind(folder.resolve("safe"))).isEmpty();
    }

    @Test
    void a_gesture_that_is_not_finished_is_not_kept_but_what_was_before_it_is() throws Exception {
        rename("Before the drag");
        desk.document().show(ProjectEdits.rename("In the middle of it"));
        until("the work kept safe", () -> keeping.kept().isPresent());
        keeping.close();
        saver.close();
        try (LeftBehind left = Safe.leftBehind(folder.resolve("safe")).getFirst()) {
            assertThat(left.entries().getFirst().entry().name()).isEqualTo("Before the drag");
        }
    }

    @Test
    void a_place_that_cannot_be_written_to_is_told_until_it_can() throws Exception {
        Files.writeString(folder.resolve("safe"), "in the way");
        rename("First");
        until("the complaint", () -> desk.message().contains("not kept safe"));
        assertThat(keeping.kept()).isEmpty();
        assertThat(keeping.trouble()).isPresent();
        desk.say("");
        Files.delete(folder.resolve("safe"));
        rename("Second");
        until("the work kept safe", () -> keeping.kept().isPresent());
        assertThat(keeping.trouble()).isEmpty();
        assertThat(desk.message()).isEmpty();
    }

    @Test
    void what_is_kept_says_what_its_file_was_and_a_restored_document_does_not_replace_another_s_change()
            throws Exception {
        rename("mine");
        save();
        until("the save", () -> !desk.document().unsaved());
        rename("mine, edited");
        until("the work kept safe", () -> keeping.kept().isPresent());
        keeping.close();
        var closed = new AtomicBoolean();
        saver.inTurn(() -> closed.set(true));
        until("the end of the safe", closed::get);
        ProjectFile.save(Project.empty("theirs"), film);
        try (LeftBehind left = Safe.leftBehind(folder.resolve("safe")).getFirst()) {
            LeftBehind.Work work = left.entries().getFirst();
            assertThat(work.entry().file()).contains(film.toAbsolutePath());
            desk.document()
                    .restore(
                            ProjectFile.open(work.project()),
                            work.entry().file(),
                            work.entry().stamp(),
                            work.entry().edits());
        }
        save();
        until("the answer", () -> outcomes.size() == 2);
        assertThat(outcomes.getLast()).isEqualTo(new Saver.Outcome.ChangedOutside());
        assertThat(ProjectFile.open(film).name()).isEqualTo("theirs");
    }

    @Test
    void a_project_is_read_after_what_is_being_written() throws FileProblem, IOException, InterruptedException {
        ProjectFile.save(Project.empty("old"), film);
        rename("new");
        saver.save(desk.document().snapshot(), film, Optional.empty(), outcomes::add);
        List<String> names = new ArrayList<>();
        saver.open(film, read -> names.add(read.project().name()), names::add);
        saver.open(
                folder.resolve("gone.amber"), read -> names.add(read.project().name()), names::add);
        until("both", () -> names.size() == 2);
        assertThat(names.getFirst()).isEqualTo("new");
        assertThat(names.getLast()).contains("is not there");
    }

    /** A picture may take as long as everything else that is drawn: neither the work nor what waits for it waits for that. */
    @Test
    void work_is_kept_and_handed_over_before_its_picture_is_drawn() throws Exception {
        keeping.close();
        Path safes = folder.resolve("another safe");
        var kept = new CopyOnWriteArrayList<String>();
        keeping = new SafeKeeping(
                desk,
                saver,
                safes,
                (_, _) -> {
                    kept.add(
                            files(safes).stream().anyMatch(SavingTest::holdsTheBeds)
                                    ? "picture of kept work"
                                    : "picture first");
                    return null;
                },
                InstantSource.system(),
                interfaceThread::add);
        rename("The beds");
        keeping.keepNow(() -> kept.add("handed over"));
        until("the picture", () -> kept.size() == 2);
        assertThat(kept).containsExactly("handed over", "picture of kept work");
    }

    private static List<Path> files(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(Files::isRegularFile).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static boolean holdsTheBeds(Path file) {
        try {
            return ProjectFile.open(file).name().equals("The beds");
        } catch (FileProblem _) {
            return false; // a lock, or what is known of the work
        }
    }
}
