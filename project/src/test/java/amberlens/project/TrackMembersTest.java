package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TrackMembersTest {
    @TempDir
    private Path folder;

    private Path saved() throws FileProblem {
        List<Spot> spots = List.of(
                new Spot(new PicturePoint(310.25, 122.5), 1, 0, 1),
                new Spot(new PicturePoint(312.75, 121), 1.0125, -0.5, 0.91),
                new Spot(new PicturePoint(-4, 119.5), 0.98, 181.25, 0));
        Track track = new Track("t1", "Ferry", 7, spots, new TreeSet<>(List.of(7)), 48.5, Extras.NONE);
        Media pond = Media.footage(
                        "m1",
                        Media.Kind.FILM,
                        folder.resolve("pond.mp4").toString(),
                        new Size(1920, 1080),
                        new Footage(FrameRate.of(25), 10))
                .withTracks(List.of(track));
        Project project = Project.empty("Fernhollow").withMedia(List.of(pond));
        Path file = folder.resolve("film.amber");
        ProjectFile.save(project, file);
        assertThat(ProjectFile.open(file)).isEqualTo(project);
        return file;
    }

    private Path changed(String what, String to) throws IOException, FileProblem {
        Path file = saved();
        String text = Files.readString(file);
        assertThat(text).containsPattern(what);
        Files.writeString(file, text.replaceFirst(what, to));
        return file;
    }

    /** An older program shows what it showed, and keeps the members. */
    @Test
    void tracks_come_back_as_they_were_and_raise_no_version() throws IOException, FileProblem {
        assertThat(Files.readString(saved())).contains("\"version\": 1").contains("\"name\": \"Ferry\"");
    }

    @Test
    void what_a_newer_program_wrote_beside_a_track_is_kept() throws IOException, FileProblem {
        Path file = changed("\"name\": \"Ferry\",", "\"name\": \"Ferry\", \"colour\": \"red\",");
        ProjectFile.save(ProjectFile.open(file), file);
        assertThat(Files.readString(file)).contains("\"colour\": \"red\"");
    }

    @Test
    void tracks_that_cannot_be_are_refused_in_words() throws IOException, FileProblem {
        Path late = changed("\"first\": 7", "\"first\": 8");
        assertThatThrownBy(() -> ProjectFile.open(late))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("a spot in every frame that was given");
        Path beyond = changed("\"frames\": 10", "\"frames\": 9");
        assertThatThrownBy(() -> ProjectFile.open(beyond))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("within their footage");
        Path tiny = changed("\"radius\": 48.5", "\"radius\": 0");
        assertThatThrownBy(() -> ProjectFile.open(tiny))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("/media/0/tracks/0/radius");
    }
}
