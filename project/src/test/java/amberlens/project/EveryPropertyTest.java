package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.CarryEdits;
import amberlens.core.edit.edits.History;
import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKind;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.KeyClip;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.Pasting;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every property goes the same ways: into the file, the clipboard and other shots, and across a cut. A new one fails here first. */
class EveryPropertyTest {
    private static final Size SIZE = new Size(1920, 1080);

    @TempDir
    private Path folder;

    private static CameraTrack still() {
        return CameraTrack.still(Pose.neutral(SIZE, SIZE));
    }

    static List<Property<?>> all() {
        return Properties.ALL;
    }

    static List<Property<?>> paired() {
        return Properties.ALL.stream().filter(Property::paired).toList();
    }

    private static <V> V numbers(ValueKind<V> kind, double first, double others) {
        return kind.of(part -> part == 0 ? first : others);
    }

    /** The property with two keys and a constant for all others. */
    private static CameraTrack keyed(Property<?> property) {
        return still().withWhole(property, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return Channel.keyed(
                        channel.kind(),
                        List.of(
                                Key.of(0, numbers(channel.kind(), 40, 60), Leg.SMOOTH),
                                Key.of(30, numbers(channel.kind(), 70, 20), Leg.LINEAR)));
            }
        });
    }

    private Shot shot(String id, int start, CameraTrack camera) {
        return new Shot(id, id, "m1", 1, start, 50, true, camera, Extras.NONE);
    }

    private Project project(Shot... shots) {
        Media pond = Media.footage(
                "m1",
                Media.Kind.FILM,
                folder.resolve("pond.mp4").toString(),
                SIZE,
                new Footage(FrameRate.of(25), 4000));
        return Project.empty("Fernhollow").withMedia(List.of(pond)).withShots(List.of(shots));
    }

    @ParameterizedTest
    @MethodSource("all")
    void it_comes_back_from_the_file_keyed_constant_and_muted(Property<?> property) throws FileProblem {
        CameraTrack muted = keyed(property).withWhole(property, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.withMuted(true, numbers(channel.kind(), 33, 44));
            }
        });
        CameraTrack constant = still().withWhole(property, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return Channel.constant(channel.kind(), numbers(channel.kind(), 12.5, 80));
            }
        });
        Project project = project(shot("s1", 0, keyed(property)), shot("s2", 50, muted), shot("s3", 100, constant));
        Path file = folder.resolve("film.amber");
        ProjectFile.save(project, file);
        assertThat(ProjectFile.open(file)).isEqualTo(project);
    }

    @ParameterizedTest
    @MethodSource("all")
    void it_goes_through_the_clipboard_and_is_pasted(Property<?> property) throws FileProblem {
        CameraTrack camera = keyed(property);
        KeyClip clip = KeyClip.of(KeyClip.What.KEYS, camera, KeySet.all(camera), SIZE, SIZE);
        assertThat(clip.properties()).containsExactly(property);
        KeyClip read = ClipText.read(ClipText.write(clip));
        assertThat(read.properties()).containsExactly(property);
        CameraTrack pasted = Pasting.ALL.into(still(), read, 10);
        assertThat(pasted.get(property).keys()).extracting(Key::at).containsExactly(10, 40);
        assertThat(pasted.get(property).at(25)).isEqualTo(camera.get(property).at(15));
        for (Property<?> other : Properties.ALL) {
            if (other != property) {
                assertThat(pasted.get(other)).isEqualTo(still().get(other));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void it_is_carried_to_another_shot_and_follows_when_linked(Property<?> property) {
        Project two = project(shot("s1", 0, keyed(property)), shot("s2", 50, still()));
        Project carried = CarryEdits.apply(CarryEdits.carry("s1", Set.of("s2"), Set.of(property), true), two);
        assertThat(carried.shot("s2").orElseThrow().camera().get(property))
                .isEqualTo(keyed(property).get(property));
        Project changed = CarryEdits.apply(ShotEdits.setCamera("still", "s1", still()), carried);
        assertThat(changed.shot("s2").orElseThrow().camera().get(property)).isEqualTo(still().get(property));
    }

    @ParameterizedTest
    @MethodSource("all")
    void it_survives_a_cut_and_joining(Property<?> property) {
        Project whole = project(shot("s1", 0, keyed(property)));
        Project cut = LineUpEdits.split(Set.of("s1"), 20).apply(whole);
        Shot second = cut.shots().get(1);
        for (int frame = 0; frame < 30; frame++) {
            assertThat(second.camera().get(property).at(frame))
                    .isEqualTo(keyed(property).get(property).at(frame + 20.0));
        }
        Project joined = LineUpEdits.join("s1", second.id()).apply(cut);
        assertThat(joined.shots().getFirst().camera().get(property))
                .isEqualTo(keyed(property).get(property));
        Project apart = project(shot("s1", 0, keyed(property)), shot("s2", 50, still()));
        if (property != Properties.SPEED) {
            CameraTrack both = LineUpEdits.join("s1", "s2")
                    .apply(apart.mapShot(
                            "s2", shot -> shot.withSource(shot.source().withIn(50))))
                    .shots()
                    .getFirst()
                    .camera();
            assertThat(both.get(property).at(49))
                    .isEqualTo(keyed(property).get(property).at(49));
            assertThat(both.get(property).at(60))
                    .isEqualTo(still().get(property).at(10));
        }
    }

    @ParameterizedTest
    @MethodSource("paired")
    void axes_apart_go_the_same_ways(Property<?> property) throws FileProblem {
        CameraTrack apart = keyed(property).withWhole(property, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.unlinked();
            }
        });
        Project project = project(shot("s1", 0, apart));
        Path file = folder.resolve("apart.amber");
        ProjectFile.save(project, file);
        assertThat(ProjectFile.open(file)).isEqualTo(project);
        KeyClip clip = KeyClip.of(KeyClip.What.MOVE, apart, KeySet.all(apart), SIZE, SIZE);
        assertThat(ClipText.read(ClipText.write(clip)).camera().get(property)).isEqualTo(apart.get(property));
    }

    @ParameterizedTest
    @MethodSource("all")
    void it_keeps_its_lane_at_a_hundred_and_is_undone_to_the_same_project(Property<?> property) {
        CameraTrack at100 = still().withWhole(property, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.withKey(Key.of(0, numbers(channel.kind(), 100, 100), Leg.LINEAR));
            }
        });
        assertThat(at100.lanes()).contains(Lane.of(property));
        Project before = project(shot("s1", 0, still()));
        History<String> history = new History<>(before);
        history.apply(ShotEdits.setCamera("one key", "s1", at100), "here");
        assertThat(history.present().shot("s1").orElseThrow().camera().has(property))
                .isTrue();
        history.undo();
        assertThat(history.present()).isEqualTo(before);
    }

    @Test
    void numbers_that_a_strict_property_cannot_have_are_refused_at_their_member() throws Exception {
        Path file = folder.resolve("film.amber");
        CameraTrack dewy = still().with(GardenProperties.DEW, Channel.constant(ValueKinds.NUMBER, 150.0));
        ProjectFile.save(project(shot("s1", 0, dewy)), file);
        Files.writeString(file, Files.readString(file).replace("150", "250"));
        assertThatThrownBy(() -> ProjectFile.open(file))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("/shots/0/camera/dew/value")
                .hasMessageContaining("Dew is between 0 and 200 %, not 250");
    }

    /** What ships as a text to be read by others says what the descriptors say. */
    @Test
    void the_schema_that_ships_names_every_property_that_ships() throws Exception {
        List<Property<?>> shipped = Properties.ALL.stream()
                .filter(property -> property != GardenProperties.DEW && property != GardenProperties.LEAF)
                .toList();
        var mapper = new ObjectMapper();
        try (var text = ProjectFile.class.getResourceAsStream("project-1.schema.json")) {
            JsonNode written = mapper.readTree(text);
            assertThat(ProjectSchema.withProperties(written.deepCopy(), shipped))
                    .isEqualTo(written);
        }
    }
}
