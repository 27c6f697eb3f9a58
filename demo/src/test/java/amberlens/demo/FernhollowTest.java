package amberlens.demo;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.edit.edits.Advice;
import amberlens.core.edit.edits.Adviser;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.media.intake.MediaProbe;
import amberlens.project.ProjectFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The demo as it is shipped. */
class FernhollowTest {
    private static final Path FILE = Path.of("fernhollow", "fernhollow.amber").toAbsolutePath();

    @Test
    void the_pictures_are_there_in_their_true_sizes_and_not_too_heavy() throws IOException, FileProblem {
        for (Media media : ProjectFile.open(FILE).media()) {
            if (!media.hasFile()) {
                continue;
            }
            Path file = Path.of(media.path());
            Media found = (media.kind() == Media.Kind.SEQUENCE
                            ? MediaProbe.sequence(
                                    List.of(file), media.footage().orElseThrow().rate())
                            : MediaProbe.file(file))
                    .media();
            assertThat(found.size()).as(media.id()).isEqualTo(media.size());
            assertThat(found.footage()).as(media.id()).isEqualTo(media.footage());
            assertThat(found.fingerprint()).as(media.id()).isEqualTo(media.fingerprint());
            assertThat(Files.size(file)).isLessThan(4_000_000);
        }
    }

    @Test
    void one_shot_opens_in_its_middle_only_and_all_others_are_sealed() throws FileProblem {
        Project project = ProjectFile.open(FILE);
        assertThat(project.shots()).hasSizeGreaterThanOrEqualTo(5);
        for (Shot shot : project.shots()) {
            if (!shot.fillsFrame()) {
                continue;
            }
            EdgeReport report = EdgeReport.of(project.take(shot));
            if (shot.id().equals("s1")) {
                assertThat(report.open()).hasSize(1);
                assertThat(report.open().getFirst().span().from()).isGreaterThan(10);
                assertThat(report.open().getFirst().span().to()).isLessThan(shot.lastFrame() - 10);
            } else {
                assertThat(report.isSealed()).as(shot.name()).isTrue();
            }
            assertThat(Enlargement.greatest(project.take(shot)).percent())
                    .isLessThanOrEqualTo(project.mediaOf(shot).moves() ? Enlargement.UNNOTICED : Enlargement.CRISP);
        }
    }

    /** The plan shows an open edge and a hasty move; whoever begins learns from the others. */
    @Test
    void no_other_shot_is_hasty_or_soft() throws Exception {
        Project project = ProjectFile.open(FILE);
        for (Shot shot : project.shots()) {
            List<Advice> advice = Adviser.of(project, shot);
            if (shot.id().equals("s1")) {
                assertThat(advice).isNotEmpty();
            } else {
                assertThat(advice).as(shot.name()).isEmpty();
            }
        }
    }

    @Test
    void the_film_can_be_laid_out_anew_from_the_same_pictures_and_sounds(@TempDir Path folder) throws Exception {
        Project shipped = ProjectFile.open(FILE);
        Project laid = Main.heard(
                FernhollowFilm.of(
                        shipped.media().stream().filter(Media::hasPixels).toList(),
                        shipped.shot("s6")
                                .orElseThrow()
                                .settings()
                                .shake()
                                .orElseThrow()
                                .shake()),
                folder);
        assertThat(laid.withMedia(shipped.media())).isEqualTo(shipped);
        assertThat(laid.media())
                .extracting(Media::fingerprint)
                .isEqualTo(shipped.media().stream().map(Media::fingerprint).toList());
    }

    @Test
    void a_drawing_is_the_same_each_time() {
        var once = SeedCabinet.draw();
        var again = SeedCabinet.draw();
        for (int i = 0; i < 2000; i++) {
            int x = i * 37 % once.getWidth();
            int y = i * 91 % once.getHeight();
            assertThat(again.getRGB(x, y)).isEqualTo(once.getRGB(x, y));
        }
    }
}
