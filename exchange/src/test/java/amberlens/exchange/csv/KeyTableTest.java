package amberlens.exchange.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.property.Properties;
import amberlens.exchange.MoveFormat;
import amberlens.exchange.MoveOut;
import amberlens.exchange.Moves;
import amberlens.exchange.cut.Taken;
import amberlens.exchange.take.TakeIn;
import amberlens.exchange.take.TakeIn.Wishes;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeyTableTest {
    @TempDir
    Path folder;

    private Path picture = Path.of("");

    @BeforeEach
    void picture() throws IOException {
        picture = Files.createFile(folder.resolve("a, \"plan\".jpg"));
    }

    private Taken back(String text) throws IOException, FileProblem {
        Path file = Files.writeString(folder.resolve("keys.csv"), text);
        return TakeIn.from(
                file, new Wishes(Optional.of(picture), Optional.of(Moves.FRAME), Optional.empty()), Moves.PROBE);
    }

    @Test
    void a_move_comes_back_from_its_table_with_few_keys() throws Exception {
        for (var camera : List.of(Moves.still(), Moves.moving(99), Moves.leaning(99))) {
            Project project = Moves.project(picture, List.of(Moves.shot("s1", 0, 100, camera)));
            Shot shot = project.shots().getFirst();
            Path file = folder.resolve("move.csv");
            MoveOut.write(project, shot, MoveFormat.CSV, file);
            Taken taken = TakeIn.from(file, Wishes.NONE, Moves.PROBE);
            assertThat(taken.remarks()).isEmpty();
            Shot found = taken.project().shots().getFirst();
            assertThat(found.length()).isEqualTo(100);
            assertThat(taken.project().mediaOf(found).path()).isEqualTo(picture.toString());
            assertThat(taken.project().frame().size()).isEqualTo(Moves.FRAME);
            assertThat(Moves.apart(project, shot, taken.project(), found)).isLessThan(0.1);
            assertThat(found.camera().rotation().keys()).hasSizeLessThan(90);
            assertThat(found.camera().anchor().animated()).isFalse();
        }
    }

    /** The table says all that is seen: read back without the rig, the picture is where it was below it. */
    @Test
    void what_a_rig_does_is_in_the_poses_too() throws Exception {
        for (var camera : List.of(Moves.moving(99), Moves.leaning(99))) {
            Project flat = Moves.project(picture, List.of(Moves.shot("s1", 0, 100, camera)));
            Project project = Moves.underRig(flat, Set.of("s1"));
            Shot shot = project.shots().getFirst();
            Path file = folder.resolve("move.csv");
            MoveOut.write(project, shot, MoveFormat.CSV, file);
            Project taken = TakeIn.from(file, Wishes.NONE, Moves.PROBE).project();
            Shot found = taken.shots().getFirst();
            assertThat(Moves.apart(flat, flat.shots().getFirst(), taken, found)).isGreaterThan(50);
            assertThat(Moves.apart(project, shot, taken, found)).isLessThan(0.1);
        }
    }

    /** The map of a still pose by hand: 60 % about the picture's middle in the frame's middle. */
    @Test
    void every_row_has_the_map_of_its_frame() throws Exception {
        Project project = Moves.project(picture, List.of(Moves.shot("s1", 0, 3, Moves.still())));
        Path file = folder.resolve("move.csv");
        MoveOut.write(project, project.shots().getFirst(), MoveFormat.CSV, file);
        List<String> lines = Files.readAllLines(file);
        assertThat(lines).hasSize(4);
        assertThat(lines.get(0))
                .startsWith("frame,seconds,scale_x,scale_y,position_x,position_y,rotation,anchor_x,anchor_y,m11,");
        assertThat(lines.get(2))
                .startsWith(
                        "1,0.04,60,60,640,360,0,1500,1000,0.6,0,-260,0,0.6,-240,0,0,1,none,\"a, \"\"plan\"\".jpg\"");
    }

    @Test
    void keys_are_read_with_their_legs_and_empty_fields_are_none() throws Exception {
        Taken taken = back("""
                frame,scale_x,scale_y,position_x,position_y,leg
                0,60,60,640,360,0.42 0 0.58 1
                20,,,700,360,hold
                48,90,90,,,
                """);
        Shot shot = taken.project().shots().getFirst();
        assertThat(shot.length()).isEqualTo(49);
        assertThat(shot.camera().scale().keys())
                .containsExactly(Key.of(0, Scale.uniform(60), Moves.EASED), Key.of(48, Scale.uniform(90), Leg.LINEAR));
        assertThat(shot.camera().position().keys())
                .containsExactly(
                        Key.of(0, new FramePoint(640, 360), Moves.EASED),
                        Key.of(20, new FramePoint(700, 360), Leg.HOLD));
        assertThat(shot.camera().rotation().animated()).isFalse();
    }

    @Test
    void older_names_of_columns_are_read() throws Exception {
        Taken taken = back("frame,tilt,swivel,distance\n0,10,-5,3\n20,0,0,3\n");
        var camera = taken.project().shots().getFirst().camera();
        assertThat(camera.get(Properties.PITCH).at(0)).isEqualTo(10);
        assertThat(camera.get(Properties.YAW).at(0)).isEqualTo(-5);
        assertThat(camera.get(Properties.VIEWING_DISTANCE).at(10)).isEqualTo(3);
    }

    @Test
    void tables_of_spreadsheets_with_semicolons_and_decimal_commas_are_read() throws Exception {
        Taken taken = back("\uFEFF\"frame\";\"rotation\"\r\n0;1,5\r\n10;-2,25\r\n");
        var rotation = taken.project().shots().getFirst().camera().rotation();
        assertThat(rotation.at(0)).isCloseTo(1.5, within(1e-12));
        assertThat(rotation.at(10)).isCloseTo(-2.25, within(1e-12));
    }

    @Test
    void what_is_wrong_is_named_by_row_and_column() {
        assertThatThrownBy(() -> back("frame,rotation\n0,left\n")).hasMessageContaining("row 2, column \"rotation\"");
        assertThatThrownBy(() -> back("frame,rotation\n40,1\n0,left\n20,2\n"))
                .as("rows are counted as they stand in the file")
                .hasMessageContaining("row 3, column \"rotation\"");
        assertThatThrownBy(() -> back("frame,rotation\n1.5,3\n")).hasMessageContaining("row 2, column \"frame\"");
        assertThatThrownBy(() -> back("frame,rotation\n1,3\n1,4\n")).hasMessageContaining("two rows are of frame 1");
        assertThatThrownBy(() -> back("frame,rotation,leg\n1,3,fast\n2,4,\n")).hasMessageContaining("column \"leg\"");
        assertThatThrownBy(() -> back("frame,scale_x,scale_y\n1,-3,5\n")).hasMessageContaining("scale_x");
        assertThatThrownBy(() -> back("frame,colour\n1,red\n")).hasMessageContaining("at least one property");
        assertThatThrownBy(() -> TakeIn.from(
                        Files.writeString(folder.resolve("k.csv"), "frame,rotation\n0,1\n"), Wishes.NONE, Moves.PROBE))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("--media");
    }
}
