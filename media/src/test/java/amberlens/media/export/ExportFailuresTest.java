package amberlens.media.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.Quality;
import amberlens.media.film.StillSequence;
import amberlens.media.pixels.PixelCache;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What goes wrong in an export ends it in words and leaves nothing behind. */
@Timeout(300)
class ExportFailuresTest {
    private static final Size FRAME = new Size(160, 90);

    @TempDir
    private Path folder;

    private Project project = Project.empty("none");

    @BeforeEach
    void draw() throws IOException {
        project = drawn(folder, FRAME, 30);
    }

    private static Project drawn(Path folder, Size frame, int frames) throws IOException {
        Path picture = folder.resolve("bed.png");
        if (!Files.exists(picture)) {
            var image = new BufferedImage(320, 200, BufferedImage.TYPE_INT_RGB);
            image.createGraphics().fillRect(40, 40, 100, 60);
            ImageIO.write(image, "png", picture.toFile());
        }
        Media media = Media.photo("m1", picture.toString(), new Size(320, 200));
        Project with = MediaEdits.add(media)
                .apply(Project.empty("bed").withFrame(new FrameFormat(frame, FrameRate.of(25), Colour.BLACK)));
        return ShotEdits.setLength("s1", frames, ShotEdits.Timing.KEEP)
                .apply(ShotEdits.add(media, Refit.FILL, 0).apply(with));
    }

    private static ExportSettings settings(Path to, ExportFormat format, Size size, boolean overwrite) {
        return new ExportSettings(new FrameSpan(0, 29), size, format, to, overwrite);
    }

    private boolean export(ExportSettings settings, Rows rows, ExportProgress progress) throws FileProblem {
        var pictures = new PixelCache(1 << 26, Runnable::run, Rows.ALONE);
        return new Export(project, settings, pictures, rows).run(progress);
    }

    private List<String> names() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    /** Renders a few rows and then throws. */
    private static Rows failingAfter(int frames, Error error) {
        var calls = new AtomicInteger();
        return (height, work) -> {
            if (calls.incrementAndGet() > frames) {
                throw error;
            }
            work.get().rows(0, height);
        };
    }

    @Test
    void an_error_in_the_rendering_thread_ends_it_in_words_and_not_never() throws IOException {
        Path film = folder.resolve("film.mp4");
        for (Error error : List.of(new OutOfMemoryError("Java heap space"), new NoClassDefFoundError("gone"))) {
            assertThatThrownBy(() -> export(
                            settings(film, ExportFormat.MP4_H264, FRAME, false),
                            failingAfter(3, error),
                            ExportProgress.NONE))
                    .isInstanceOf(FileProblem.class)
                    .hasMessageContaining(error instanceof OutOfMemoryError ? "more memory" : "gone");
            assertThat(names()).containsExactly("bed.png");
        }
    }

    @Test
    void a_picture_whose_decoder_runs_out_of_memory_does_not_keep_anybody_waiting() throws IOException {
        Rows rows = failingAfter(0, new OutOfMemoryError("Java heap space"));
        var pictures = new PixelCache(1 << 26, Runnable::run, rows);
        var settings = settings(folder.resolve("film.mp4"), ExportFormat.MP4_H264, FRAME, false);
        assertThatThrownBy(() -> new Export(project, settings, pictures, Rows.ALONE).run(ExportProgress.NONE))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("bed.png")
                .hasMessageContaining("too large for the memory");
    }

    @Test
    void a_cancelled_sequence_leaves_the_old_frames_and_no_new_one() throws Exception {
        Path pattern = folder.resolve("frames.png");
        for (int frame = 0; frame < 30; frame++) {
            Files.writeString(StillSequence.file(pattern, frame), "old " + frame);
        }
        boolean whole =
                export(settings(pattern, ExportFormat.PNG_SEQUENCE, FRAME, true), Rows.ALONE, (done, _) -> done < 10);
        assertThat(whole).isFalse();
        assertThat(names()).hasSize(31);
        assertThat(StillSequence.file(pattern, 3)).hasContent("old 3");
    }

    @Test
    void a_folder_that_goes_away_in_the_middle_of_a_sequence_is_an_error() throws Exception {
        Path away = Files.createDirectory(folder.resolve("away"));
        assertThatThrownBy(() -> export(
                        settings(away.resolve("frames.png"), ExportFormat.PNG_SEQUENCE, FRAME, false),
                        Rows.ALONE,
                        (done, _) -> {
                            if (done == 10) {
                                remove(away);
                            }
                            return true;
                        }))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("its folder is not there");
    }

    private static void remove(Path directory) {
        try (Stream<Path> files = Files.walk(directory)) {
            for (Path file : files.sorted(java.util.Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** Exports a long film for ever, or until it is killed. */
    static final class Exporter {
        private Exporter() {}

        public static void main(String[] args) throws Exception {
            Path folder = Path.of(args[0]);
            Project project = drawn(folder, FRAME, 30);
            var pictures = new PixelCache(1 << 26, Runnable::run, Rows.ALONE);
            for (ExportFormat format : List.of(ExportFormat.PNG_SEQUENCE, ExportFormat.MP4_H264)) {
                Path to = folder.resolve("out" + format.ending());
                new Export(project, settings(to, format, FRAME, true), pictures, Rows.ALONE).run((done, _) -> {
                    if (done == 10) {
                        System.out.println("ten");
                        if (args[1].equals(format.name())) {
                            waitForEver();
                        }
                    }
                    return true;
                });
            }
        }

        private static void waitForEver() {
            try {
                new java.util.concurrent.CountDownLatch(1).await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }

    @ParameterizedTest
    @EnumSource(names = {"PNG_SEQUENCE", "MP4_H264"})
    void what_a_killed_export_left_is_removed_by_the_next_one(ExportFormat format) throws Exception {
        Process exporter = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "--enable-native-access=ALL-UNNAMED",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        Exporter.class.getName(),
                        folder.toString(),
                        format.name())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (var said = exporter.inputReader()) {
            for (int i = 0; i < (format == ExportFormat.PNG_SEQUENCE ? 1 : 2); i++) {
                assertThat(said.readLine()).isEqualTo("ten");
            }
        } finally {
            exporter.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
        }
        assertThat(names()).anyMatch(name -> name.endsWith(".part"));
        export(
                settings(folder.resolve("again.mp4"), ExportFormat.MP4_H264, FRAME, false),
                Rows.ALONE,
                ExportProgress.NONE);
        assertThat(names()).noneMatch(name -> name.endsWith(".part")).contains("again.mp4");
    }

    @Test
    void an_h264_film_beyond_what_its_encoder_takes_says_so_before_it_starts_and_what_would_do() {
        for (Size size : List.of(new Size(8, 8), new Size(4400, 2200))) {
            assertThatThrownBy(() -> FilmCodec.H264.check(size))
                    .isInstanceOf(FileProblem.class)
                    .hasMessageContaining("9.4 million")
                    .hasMessageContaining("VP9");
        }
    }

    @Test
    void the_headers_of_prores_frames_carry_the_colour_tags() throws Exception {
        Path film = folder.resolve("film.mov");
        export(settings(film, ExportFormat.PRORES_HQ, FRAME, false), Rows.ALONE, ExportProgress.NONE);
        byte[] bytes = Files.readAllBytes(film);
        String text = new String(bytes, StandardCharsets.ISO_8859_1);
        int frame = text.indexOf("icpf");
        assertThat(frame).isPositive();
        // SMPTE RDD 36, frame header: primaries, transfer and matrix are its bytes 14 to 16; 1 is BT.709.
        assertThat(bytes[frame + 4 + 14]).isEqualTo((byte) 1);
        assertThat(bytes[frame + 4 + 15]).isEqualTo((byte) 1);
        assertThat(bytes[frame + 4 + 16]).isEqualTo((byte) 1);
    }

    @Test
    void a_webp_animation_in_which_nothing_moves_keeps_its_duration() throws Exception {
        Path film = folder.resolve("film.webp");
        export(settings(film, ExportFormat.WEBP, FRAME, false), Rows.ALONE, ExportProgress.NONE);
        ByteBuffer file = ByteBuffer.wrap(Files.readAllBytes(film)).order(ByteOrder.LITTLE_ENDIAN);
        int millis = 0;
        for (int at = 12; at + 8 <= file.capacity(); ) {
            String tag = StandardCharsets.ISO_8859_1.decode(file.slice(at, 4)).toString();
            if (tag.equals("ANMF")) {
                millis += file.getInt(at + 8 + 12) & 0xFFFFFF;
            }
            int length = file.getInt(at + 4);
            at += 8 + length + length % 2;
        }
        assertThat(millis).isEqualTo(30 * 1000 / 25);
        assertThat(ImageIO.read(film.toFile()).getWidth()).isEqualTo(FRAME.width());
    }

    @Test
    void a_job_written_as_text_is_the_same_job_again_and_anything_else_is_told() throws FileProblem {
        var settings = new ExportSettings(
                new FrameSpan(0, 29),
                FRAME,
                Optional.of(new FrameRate(30000, 1001)),
                ExportFormat.WEBM_VP9,
                Quality.GOOD,
                true,
                folder.resolve("film.webm"),
                true);
        var job = new ExportJob("Pond", project, settings);
        assertThat(JobText.read(JobText.of(job), project)).isEqualTo(job);
        assertThatThrownBy(() -> JobText.read("from=yesterday", project)).isInstanceOf(FileProblem.class);
    }
}
