package amberlens.exchange.otio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.layering.Layering;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.property.Properties;
import amberlens.exchange.MoveOut;
import amberlens.exchange.Moves;
import amberlens.exchange.cut.CutEvent;
import amberlens.exchange.cut.CutList;
import amberlens.exchange.cut.Taken;
import amberlens.exchange.take.TakeIn;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TimelineTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @TempDir
    Path folder;

    private Path picture = Path.of("");

    @BeforeEach
    void picture() throws IOException {
        picture = Files.createFile(folder.resolve("a plan.jpg"));
    }

    private Project lineUp() {
        Shot first = Moves.shot("s1", 0, 100, Moves.moving(99));
        Shot over = Moves.shot("s2", 85, 75, Moves.still())
                .withLayering(Layering.PLAIN.withEnter(Optional.of(Fade.over(15))));
        Shot later = Moves.shot("s3", 200, 50, Moves.leaning(49));
        Shot above = Moves.shot("s4", 20, 30, Moves.still()).withTrack(2);
        return Moves.project(
                picture,
                List.of(first, over, later.withSettings(later.settings().withMirror(Mirror.HORIZONTAL)), above));
    }

    private Taken back(Path file) throws FileProblem {
        return TakeIn.from(file, TakeIn.Wishes.NONE, Moves.PROBE);
    }

    @Test
    void a_line_up_comes_back_as_it_was() throws FileProblem {
        Project project = lineUp();
        Path file = folder.resolve("edit.otio");
        assertThat(MoveOut.lineUp(project, file)).isEmpty();
        Taken taken = back(file);
        assertThat(taken.remarks()).isEmpty();
        Project found = taken.project();
        assertThat(found.frame()).isEqualTo(project.frame());
        assertThat(found.media()).extracting(media -> Path.of(media.path())).containsExactly(picture);
        assertThat(found.shots()).hasSize(4);
        for (Shot was : project.shots()) {
            Shot is = found.shots().stream()
                    .filter(shot -> shot.name().equals(was.name()))
                    .findFirst()
                    .orElseThrow();
            assertThat(is.start()).as(was.name()).isEqualTo(was.start());
            assertThat(is.length()).as(was.name()).isEqualTo(was.length());
            assertThat(is.track()).as(was.name()).isEqualTo(was.track());
            assertThat(is.camera()).as(was.name()).isEqualTo(was.camera());
            assertThat(is.settings().mirror()).isEqualTo(was.settings().mirror());
            assertThat(is.layering().enter().map(Fade::frames))
                    .isEqualTo(was.layering().enter().map(Fade::frames));
        }
    }

    /** The schema beside this test; it says where its members come from. */
    @Test
    void what_is_written_is_as_the_format_documents_it() throws Exception {
        Path file = folder.resolve("edit.otio");
        MoveOut.lineUp(lineUp(), file);
        JsonNode written = JSON.readTree(file.toFile());
        try (InputStream schema = TimelineTest.class.getResourceAsStream("timeline.schema.json")) {
            var documented = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                    .getSchema(JSON.readTree(schema));
            assertThat(documented.validate(written)).isEmpty();
            ((ObjectNode) written.at("/tracks/children/0/children/0")).remove("media_references");
            assertThat(documented.validate(written)).as("a clip without media").isNotEmpty();
        }
    }

    @Test
    void a_clip_that_another_program_has_trimmed_keeps_its_move_where_it_was() throws Exception {
        Project project = Moves.project(picture, List.of(Moves.shot("s1", 0, 100, Moves.moving(99))));
        Path file = folder.resolve("edit.otio");
        MoveOut.lineUp(project, file);
        JsonNode root = JSON.readTree(file.toFile());
        JsonNode range = root.at("/tracks/children/0/children/0/source_range");
        ((ObjectNode) range.get("start_time")).put("value", 20);
        ((ObjectNode) range.get("duration")).put("value", 50);
        Files.writeString(file, root.toString());
        Project found = back(file).project();
        Shot shot = found.shots().getFirst();
        assertThat(shot.length()).isEqualTo(50);
        CameraTrack was = project.shots().getFirst().camera();
        for (int frame = 0; frame < 50; frame++) {
            assertThat(shot.camera().at(frame)).isEqualTo(was.at(frame + 20.0));
        }
    }

    /** A timeline as others write it: clips of version 1, times at several rates, a dissolve, a warp, and what is not known. */
    @Test
    void timelines_of_others_are_read() throws Exception {
        String time = "{\"OTIO_SCHEMA\": \"RationalTime.1\", \"rate\": %s, \"value\": %s}";
        String range = "{\"OTIO_SCHEMA\": \"TimeRange.1\", \"start_time\": %s, \"duration\": %s}";
        String tenAt24 = range.formatted(time.formatted("24", "48"), time.formatted("24", "240"));
        String fiveAt30 = range.formatted(time.formatted("30", "0"), time.formatted("30", "150"));
        JsonNode root =
                JSON.readTree("""
                {"OTIO_SCHEMA": "Timeline.1", "name": "Cut", "tracks": {"OTIO_SCHEMA": "Stack.1", "children": [
                  {"OTIO_SCHEMA": "Track.1", "kind": "Video", "children": [
                    {"OTIO_SCHEMA": "Clip.1", "name": "one", "source_range": %1$s,
                     "media_reference": {"OTIO_SCHEMA": "ExternalReference.1", "target_url": "file:///gone/one.mp4"}, "effects": []},
                    {"OTIO_SCHEMA": "Transition.1", "transition_type": "SMPTE_Dissolve",
                     "in_offset": %3$s, "out_offset": %4$s},
                    {"OTIO_SCHEMA": "Clip.1", "name": "two", "source_range": %2$s, "media_reference": {"OTIO_SCHEMA": "MissingReference.1"},
                     "effects": [{"OTIO_SCHEMA": "LinearTimeWarp.1", "time_scalar": 0.5}, {"OTIO_SCHEMA": "Effect.1", "effect_name": "Glow"}]},
                    {"OTIO_SCHEMA": "Gap.1", "source_range": %2$s},
                    {"OTIO_SCHEMA": "Stack.1", "source_range": %2$s},
                    {"OTIO_SCHEMA": "Clip.1", "name": "three", "source_range": %1$s}]},
                  {"OTIO_SCHEMA": "Track.1", "kind": "Audio", "name": "voice", "children": []}]}}
                """.formatted(tenAt24, fiveAt30, time.formatted("24", "6"), time.formatted("24", "12")));
        CutList cut = TimelineReader.read(root, "file", Optional.empty());
        assertThat(cut.name()).isEqualTo("Cut");
        assertThat(cut.rate()).isEqualTo(FrameRate.of(24));
        assertThat(cut.events()).extracting(CutEvent::start).containsExactly(0, 240 - 6, 240 + 120 * 3);
        assertThat(cut.events()).extracting(CutEvent::length).containsExactly(240 + 12, 120 + 6, 240);
        assertThat(cut.events().get(0).sourceSeconds()).isEqualTo(2);
        assertThat(cut.events().get(1).enter()).isEqualTo(18);
        assertThat(cut.events().get(1).speed()).isEqualTo(50);
        assertThat(cut.remarks())
                .hasSize(3)
                .anyMatch(line -> line.contains("Glow"))
                .anyMatch(line -> line.contains("stack within a track"))
                .anyMatch(line -> line.contains("voice"));
    }

    @Test
    void numbered_pictures_come_back_as_footage_from_where_they_were() throws Exception {
        Path first = Files.createFile(folder.resolve("mill pond-0007.png"));
        Media pond = Media.footage(
                "m1", Media.Kind.SEQUENCE, first.toString(), Moves.PICTURE, new Footage(FrameRate.of(25), 40));
        Shot shot = Moves.shot("s1", 0, 20, Moves.moving(19));
        Project project = Moves.project(picture, List.of(shot))
                .withMedia(List.of(pond))
                .withShots(List.of(shot.withSource(shot.source().withIn(3))));
        Path file = folder.resolve("pond.otio");
        assertThat(MoveOut.lineUp(project, file)).isEmpty();
        JsonNode reference =
                JSON.readTree(file.toFile()).findValue("media_references").get("DEFAULT_MEDIA");
        assertThat(reference.path("name_prefix").asText()).isEqualTo("mill pond-");
        assertThat(reference.path("start_frame").asInt()).isEqualTo(7);
        assertThat(reference.path("frame_zero_padding").asInt()).isEqualTo(4);
        Project read = back(file).project();
        assertThat(read.media().getFirst().kind()).isEqualTo(Media.Kind.SEQUENCE);
        assertThat(read.media().getFirst().path()).isEqualTo(first.toString());
        assertThat(read.shots().getFirst().source().in()).isEqualTo(3);
        assertThat(read.shots().getFirst().camera()).isEqualTo(shot.camera());
    }

    /** It lies over the one before from its first frame on, and there is nothing between them that another program could mix. */
    @Test
    void a_shot_that_lies_hard_over_another_cuts_it_off() throws Exception {
        Project project = Moves.project(
                picture, List.of(Moves.shot("s1", 0, 100, Moves.moving(99)), Moves.shot("s2", 85, 75, Moves.still())));
        Path file = folder.resolve("edit.otio");
        MoveOut.lineUp(project, file);
        JsonNode children = JSON.readTree(file.toFile()).at("/tracks/children/0/children");
        assertThat(children).hasSize(2);
        assertThat(children.at("/0/source_range/duration/value").asInt()).isEqualTo(85);
        assertThat(children.at("/1/source_range/duration/value").asInt()).isEqualTo(75);
    }

    /** Of a dissolve of 16 frames half lies before the cut, in which footage at half speed passes four frames of its own. */
    @Test
    void a_slow_shot_that_dissolves_in_begins_where_its_footage_is_at_the_cut() throws Exception {
        Path first = Files.createFile(folder.resolve("mill pond-0000.png"));
        Media pond = Media.footage(
                "m1", Media.Kind.SEQUENCE, first.toString(), Moves.PICTURE, new Footage(FrameRate.of(25), 90));
        Shot under = Moves.shot("s1", 0, 100, Moves.still());
        Shot slow = Moves.shot("s2", 84, 76, Moves.still())
                .withLayering(Layering.PLAIN.withEnter(Optional.of(Fade.over(16))));
        slow = slow.withSource(slow.source().withIn(-3))
                .withCamera(slow.camera().with(Properties.SPEED, Channel.constant(ValueKinds.NUMBER, 50.0)));
        Project project = Moves.project(picture, List.of(under, slow)).withMedia(List.of(pond));
        Path file = folder.resolve("pond.otio");
        MoveOut.lineUp(project, file);
        JsonNode start = JSON.readTree(file.toFile()).at("/tracks/children/0/children/2/source_range/start_time/value");
        assertThat(start.asDouble()).isEqualTo(4 - 3);
        Shot read = back(file).project().shots().getLast();
        assertThat(read.source().in()).isEqualTo(-3);
        assertThat(read.start()).isEqualTo(84);
    }

    /** What a rig does to the shots below comes back, and others see a gap there. */
    @Test
    void a_rig_comes_back_over_the_shots_that_it_moves() throws Exception {
        Project flat = Moves.project(
                picture, List.of(Moves.shot("s1", 0, 50, Moves.moving(49)), Moves.shot("s2", 50, 40, Moves.still())));
        Project project = Moves.underRig(flat, Set.of("s1", "s2"));
        Path file = folder.resolve("edit.otio");
        assertThat(MoveOut.lineUp(project, file)).isEmpty();
        JsonNode children = JSON.readTree(file.toFile()).at("/tracks/children/1/children");
        assertThat(children)
                .extracting(child -> child.path("OTIO_SCHEMA").asText())
                .containsExactly("Gap.1");
        Taken taken = back(file);
        assertThat(taken.remarks()).isEmpty();
        Project read = taken.project();
        assertThat(read.shots()).extracting(Shot::name).containsExactly("Shot s1", "Roll", "Shot s2");
        assertThat(read.isRig(read.shots().get(1))).isTrue();
        assertThat(Moves.apart(flat, flat.shots().getFirst(), read, read.shots().getFirst()))
                .isGreaterThan(50);
        assertThat(Moves.apart(
                        project, project.shots().get(0), read, read.shots().get(0)))
                .isLessThan(1e-6);
        assertThat(Moves.apart(
                        project, project.shots().get(1), read, read.shots().get(2)))
                .isLessThan(1e-6);
    }

    /** As others count: pictures from 1001 on at 24 a second, of which a clip shows those from 1013 on: the 13th, so frame 12. */
    @Test
    void numbered_pictures_of_others_count_from_where_they_begin() throws Exception {
        Files.createFile(folder.resolve("border.1001.png"));
        JsonNode root = JSON.readTree("""
                {"OTIO_SCHEMA": "Timeline.1", "name": "Cut", "tracks": {"OTIO_SCHEMA": "Stack.1", "children": [
                  {"OTIO_SCHEMA": "Track.1", "kind": "Video", "children": [
                    {"OTIO_SCHEMA": "Clip.2", "name": "border", "effects": [], "active_media_reference_key": "DEFAULT_MEDIA",
                     "source_range": {"OTIO_SCHEMA": "TimeRange.1", "start_time": {"OTIO_SCHEMA": "RationalTime.1", "rate": 24, "value": 1013},
                                      "duration": {"OTIO_SCHEMA": "RationalTime.1", "rate": 24, "value": 24}},
                     "media_references": {"DEFAULT_MEDIA": {"OTIO_SCHEMA": "ImageSequenceReference.1", "target_url_base": "%s", "name_prefix": "border.",
                       "name_suffix": ".png", "start_frame": 1001, "frame_step": 1, "rate": 24, "frame_zero_padding": 4,
                       "available_range": {"OTIO_SCHEMA": "TimeRange.1", "start_time": {"OTIO_SCHEMA": "RationalTime.1", "rate": 24, "value": 1001},
                                           "duration": {"OTIO_SCHEMA": "RationalTime.1", "rate": 24, "value": 40}}}}}]}]}}
                """.formatted(folder.toUri()));
        Path file = folder.resolve("cut.otio");
        Files.writeString(file, root.toString());
        Project read = back(file).project();
        assertThat(read.media().getFirst().footage().orElseThrow().rate()).isEqualTo(FrameRate.of(24));
        assertThat(read.shots().getFirst().source().in()).isEqualTo(12);
    }

    @Test
    void media_are_found_by_name_and_what_is_missing_waits() throws Exception {
        Files.createDirectories(folder.resolve("deep/er"));
        Files.createFile(folder.resolve("deep/er/Mill Pond.JPG"));
        Path file = folder.resolve("cut.edl");
        Files.writeString(file, """
                001  AX  V  C  00:00:00:00 00:00:02:00 00:00:00:00 00:00:02:00
                * FROM CLIP NAME: mill pond
                002  GONE  V  C  00:00:00:00 00:00:02:00 00:00:02:00 00:00:04:00
                """);
        Taken taken = back(file);
        assertThat(taken.project().media())
                .extracting(media -> Path.of(media.path()).getFileName().toString())
                .containsExactly("Mill Pond.JPG", "GONE");
        assertThat(taken.project().shots()).extracting(Shot::length).containsExactly(50, 50);
        assertThat(taken.remarks())
                .anyMatch(line -> line.contains("GONE") && line.contains("is kept until you find it"));
    }

    @Test
    void events_that_overlap_lie_on_another_track() throws Exception {
        Path file = folder.resolve("cut.edl");
        Files.writeString(file, """
                001  A  V  C  00:00:00:00 00:00:04:00 00:00:00:00 00:00:04:00
                002  B  V  C  00:00:00:00 00:00:02:00 00:00:02:00 00:00:04:00
                """);
        Taken taken = back(file);
        assertThat(taken.project().shots()).extracting(Shot::track).containsExactly(1, 2);
        assertThat(taken.remarks()).anyMatch(line -> line.contains("B overlaps"));
    }

    @Test
    void events_that_no_line_up_can_hold_are_named_and_the_rest_goes_on() throws Exception {
        Path file = folder.resolve("cut.edl");
        Files.writeString(file, """
                001  A  V  C  00:00:00:00 23:59:00:00 00:00:00:00 23:59:00:00
                002  B  V  C  00:00:00:00 00:00:02:00 23:59:00:00 23:59:02:00
                """);
        Taken taken = back(file);
        assertThat(taken.project().shots()).extracting(Shot::name).containsExactly("B");
        assertThat(taken.remarks()).anyMatch(line -> line.contains("A is too long"));
        Files.writeString(folder.resolve("far.otio"), """
                {"OTIO_SCHEMA": "Timeline.1", "tracks": {"OTIO_SCHEMA": "Stack.1", "children": [{"OTIO_SCHEMA": "Track.1", "kind": "Video", "children": [
                  {"OTIO_SCHEMA": "Clip.1", "name": "first", "source_range": {"start_time": {"rate": 25, "value": 0}, "duration": {"rate": 25, "value": 9}}},
                  {"OTIO_SCHEMA": "Clip.1", "name": "far", "source_range": {"start_time": {"rate": 25, "value": 0}, "duration": {"rate": 25, "value": 1e300}}},
                  {"OTIO_SCHEMA": "Clip.1", "name": "near", "source_range": {"start_time": {"rate": 25, "value": 0}, "duration": {"rate": 25, "value": -5}}}]}]}}
                """);
        assertThat(back(folder.resolve("far.otio")).remarks())
                .anyMatch(line -> line.contains("far is too long"))
                .anyMatch(line -> line.contains("near") && line.contains("no length"));
    }

    @Test
    void what_is_no_edit_is_refused_in_a_line() throws Exception {
        for (String text : List.of(
                "",
                "hello",
                "{",
                "{\"OTIO_SCHEMA\": \"Clip.1\"}",
                "{\"a\": 1}",
                "TITLE: nothing\n",
                "frame\n",
                "{\"OTIO_SCHEMA\": \"Timeline.1\", \"tracks\": 7}",
                "frame,scale_x,scale_y\n0,x,100\n")) {
            Path file = Files.writeString(folder.resolve("bad.txt"), text);
            assertThatThrownBy(() -> back(file))
                    .as(text)
                    .isInstanceOf(FileProblem.class)
                    .hasMessageContaining("bad.txt")
                    .hasMessageNotContaining("Exception");
        }
        assertThatThrownBy(() -> back(folder.resolve("none.edl"))).hasMessageContaining("not there");
    }
}
