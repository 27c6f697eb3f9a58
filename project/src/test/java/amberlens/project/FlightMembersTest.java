package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FlightMembersTest {
    private static final String FILM = """
            { "format": "amber-lens/project", "version": 6, "name": "Beds",
              "frame": { "width": 1600, "height": 900, "rate": "25/1" },
              "media": [ { "id": "m1", "kind": "photo", "path": "beds.png", "width": 6400, "height": 3600 } ],
              "shots": [ { "id": "s1", "media": "m1", "start": 0, "length": 100,
                "camera": { "scale": { "keys": [ { "at": 0, "value": [60, 60], "leg": { "kind": "flight"%s } }, { "at": 99, "value": [60, 60] } ] },
                            "position": { "keys": [ { "at": 0, "value": [500, 450], "leg": { "kind": "flight"%s } }, { "at": 99, "value": [1100, 450] } ] },
                            "rotation": { "value": 0 }, "anchor": { "value": [3200, 1800] } } } ] }
            """;

    @TempDir
    private Path folder;

    private Project read(String more) throws IOException, FileProblem {
        Path file = Files.writeString(folder.resolve("film.amber"), FILM.formatted(more, more));
        Project project = ProjectFile.open(file);
        Path again = folder.resolve("again.amber");
        ProjectFile.save(project, again);
        assertThat(ProjectFile.open(again)).isEqualTo(project);
        assertThat(Files.readString(again)).contains("\"version\": 6");
        return project;
    }

    private static Leg.Flight leg(Project project) {
        return (Leg.Flight)
                project.shots().getFirst().camera().scale().keys().getFirst().leg();
    }

    @Test
    void a_flight_that_says_nothing_is_the_usual_one_about_the_middle_of_the_frame() throws Exception {
        assertThat(leg(read(""))).isEqualTo(new Leg.Flight(1.42, TimingCurve.STEADY, new FramePoint(800, 450), 1600));
        assertThat(read("").shots().getFirst().camera().at(50).scale().x()).isLessThan(60);
    }

    @Test
    void height_and_gentle_ends_come_back() throws Exception {
        assertThat(leg(read(", \"rho\": 0.9, \"handles\": [0.42, 0, 0.58, 1]")))
                .isEqualTo(new Leg.Flight(0.9, new TimingCurve(0.42, 0, 0.58, 1), new FramePoint(800, 450), 1600));
    }

    @Test
    void a_height_that_cannot_be_is_named_with_its_place() {
        assertThatThrownBy(() -> read(", \"rho\": 9"))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("/leg/rho");
    }
}
