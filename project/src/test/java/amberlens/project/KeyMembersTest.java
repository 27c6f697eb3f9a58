package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.KeyClip;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the file and the clipboard say of keys: even legs, axes, muting, markers. */
class KeyMembersTest {
    private static final Size PLAN = new Size(6000, 4000);
    private static final Size FRAME = new Size(1920, 1080);

    @TempDir
    Path folder;

    private static CameraTrack camera() {
        return CameraTrack.still(Pose.neutral(PLAN, FRAME))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, Scale.uniform(40), Ease.GENTLE_BOTH.leg())
                                        .withEven(true),
                                Key.of(60, Scale.uniform(80), Leg.LINEAR))))
                .withPosition(Channel.unlinked(
                        ValueKinds.POSITION,
                        new Axes(
                                Channel.keyed(
                                        ValueKinds.NUMBER,
                                        List.of(Key.of(0, 900.0, Leg.HOLD), Key.of(9, 1.5, Leg.SMOOTH))),
                                Channel.constant(ValueKinds.NUMBER, 540.0))))
                .withRotation(Channel.keyed(
                                ValueKinds.NUMBER, List.of(Key.of(0, 0.0, Leg.LINEAR), Key.of(60, 9.0, Leg.LINEAR)))
                        .withMuted(true, 4.5));
    }

    private Project project() {
        Media plan = Media.photo("m1", folder.resolve("plan.png").toString(), PLAN);
        var shot = new Shot("s1", "Plan", "m1", 1, 0, 125, true, camera(), Extras.NONE)
                .withMarkers(List.of(Marker.at(40, "door"), Marker.at(7, "")));
        return Project.empty("Fernhollow")
                .withMedia(List.of(plan))
                .withShots(List.of(shot))
                .withMarkers(List.of(Marker.at(12, "beat")));
    }

    @Test
    void everything_about_keys_comes_back_as_it_was() throws IOException, FileProblem {
        Path file = folder.resolve("film.amber");
        ProjectFile.save(project(), file);
        assertThat(ProjectFile.open(file)).isEqualTo(project());
        var shot = new ObjectMapper().readTree(Files.readString(file)).at("/shots/0");
        assertThat(shot.at("/camera/scale/keys/0/leg/even").asBoolean()).isTrue();
        assertThat(shot.at("/camera/position/x/keys").size()).isEqualTo(2);
        assertThat(shot.at("/camera/position/y/value").asDouble()).isEqualTo(540);
        assertThat(shot.at("/camera/rotation/muted").asBoolean()).isTrue();
        assertThat(shot.at("/camera/rotation/value").asDouble()).isEqualTo(4.5);
        assertThat(shot.at("/markers/0/at").asInt()).isEqualTo(7);
    }

    @Test
    void a_muted_property_without_a_value_is_refused_by_its_place() throws IOException {
        Path file = folder.resolve("film.amber");
        try {
            ProjectFile.save(project(), file);
        } catch (FileProblem e) {
            throw new AssertionError(e);
        }
        Files.writeString(file, Files.readString(file).replaceAll("\"value\"\\s*:\\s*4\\.5\\s*,", ""));
        assertThatThrownBy(() -> ProjectFile.open(file))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("/shots/0/camera/rotation");
    }

    @Test
    void copied_keys_come_back_from_the_clipboard_s_text() throws FileProblem {
        for (KeyClip.What what : KeyClip.What.values()) {
            KeyClip clip = KeyClip.of(what, camera(), KeySet.all(camera()), PLAN, FRAME);
            KeyClip read = ClipText.read(ClipText.write(clip));
            assertThat(read.what()).isEqualTo(what);
            assertThat(read.properties()).isEqualTo(clip.properties());
            assertThat(read.picture()).isEqualTo(PLAN);
            for (Property<?> property : clip.properties()) {
                assertThat(read.camera().get(property)).isEqualTo(clip.camera().get(property));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "soup", "{}", "[1, 2]", "{\"format\": \"amber-lens/project\", \"version\": 1}"})
    void anything_foreign_is_told_what_was_expected(String text) {
        assertThatThrownBy(() -> ClipText.read(text))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("Keys copied in Amber Lens were expected");
    }

    @Test
    void a_clip_with_a_wrong_member_names_it() {
        String text = ClipText.write(KeyClip.of(KeyClip.What.KEYS, camera(), KeySet.all(camera()), PLAN, FRAME))
                .replace("\"at\" : 60", "\"at\" : \"soon\"");
        assertThatThrownBy(() -> ClipText.read(text))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("/camera/scale/keys/1/at");
    }

    @Test
    void the_point_of_a_position_stays_a_point() throws FileProblem {
        CameraTrack bent = camera().withPosition(Channel.constant(ValueKinds.POSITION, new FramePoint(1, 2)));
        KeyClip clip = KeyClip.of(KeyClip.What.MOVE, bent, KeySet.all(bent), PLAN, FRAME);
        assertThat(ClipText.read(ClipText.write(clip)).camera().position().constant())
                .isEqualTo(new FramePoint(1, 2));
    }
}
