package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.BeatEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.Beats;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.ValueKinds;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SoundMembersTest {
    private static final String PROJECT = """
            { "format": "amber-lens/project", "version": 5, "name": "Fernhollow",
              "frame": { "width": 1920, "height": 1080, "rate": "25/1" },
              "media": [ { "id": "a1", "kind": "sound", "path": "sound/tune.flac" } ], "shots": [],
              "sounds": [ %s ] }
            """;

    @TempDir
    private Path folder;

    private Project opened(String sound) throws IOException, FileProblem {
        Path file = folder.resolve("film.amber");
        Files.writeString(file, PROJECT.formatted(sound));
        return ProjectFile.open(file);
    }

    @Test
    void the_members_of_the_contract_are_read_and_come_back() throws Exception {
        Project project = opened("""
                { "id": "c1", "media": "a1", "track": 1, "start": "0/1", "in": "0/1", "length": "5/1",
                  "level": { "keys": [ { "at": 0, "value": -60 }, { "at": 25, "value": 0 } ] },
                  "enter": "1/2", "leave": "1/2", "mute": false }""");
        SoundClip clip = project.sounds().getFirst();
        assertThat(clip.length()).isEqualTo(new Seconds(5, 1));
        assertThat(clip.level().at(12.5)).isEqualTo(-30);
        assertThat(clip.enter()).isEqualTo(new Seconds(1, 2));
        assertThat(project.media().getFirst().kind()).isEqualTo(Media.Kind.SOUND);
        Path again = folder.resolve("again.amber");
        ProjectFile.save(project, again);
        assertThat(ProjectFile.open(again)).isEqualTo(project);
        assertThat(Files.readString(again)).contains("\"version\": 5").doesNotContain("\"width\": 1,");
    }

    @Test
    void what_is_left_out_is_as_usual_and_newer_members_are_kept() throws Exception {
        Project project =
                opened("{ \"id\": \"c1\", \"media\": \"a1\", \"start\": \"1/25\", \"length\": \"7\", \"pan\": 3 }");
        SoundClip clip = project.sounds().getFirst();
        assertThat(clip.level().at(0)).isZero();
        assertThat(clip.track()).isEqualTo(1);
        Path again = folder.resolve("again.amber");
        ProjectFile.save(project, again);
        assertThat(Files.readString(again)).contains("\"pan\": 3");
    }

    @RepeatedTest(20)
    void clips_come_back_as_they_were(RepetitionInfo info) throws Exception {
        var chance = new Random(info.getCurrentRepetition());
        SoundClip clip = SoundClip.of(
                        "c1",
                        "a1",
                        1 + chance.nextInt(9),
                        new Seconds(chance.nextInt(100_000), 1 + chance.nextInt(48_000)),
                        new Seconds(chance.nextInt(100), 1 + chance.nextInt(50)),
                        new Seconds(1 + chance.nextInt(1000), 1 + chance.nextInt(1000)))
                .withFades(new Seconds(chance.nextInt(5), 3), new Seconds(chance.nextInt(5), 7))
                .withMute(chance.nextBoolean())
                .withLevel(
                        chance.nextBoolean()
                                ? Channel.constant(ValueKinds.NUMBER, -chance.nextDouble() * 90)
                                : Channel.keyed(
                                        ValueKinds.NUMBER,
                                        List.of(
                                                Key.of(0, -chance.nextDouble() * 90, Ease.GENTLE_BOTH.leg()),
                                                Key.of(
                                                        1 + chance.nextInt(99),
                                                        12 * chance.nextDouble(),
                                                        Ease.HOLD.leg()))));
        Project project = Project.empty("Fernhollow")
                .withMedia(List.of(Media.sound("a1", folder.resolve("a.wav").toString())))
                .withSounds(List.of(clip));
        Path file = folder.resolve("random.amber");
        ProjectFile.save(project, file);
        assertThat(ProjectFile.open(file)).isEqualTo(project);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'start': '0', 'length': '0' | /sounds/0",
                "'start': '-1/2', 'length': '1' | /sounds/0/start",
                "'start': 1.5, 'length': '1' | /sounds/0/start",
                "'start': '1/0', 'length': '1' | /sounds/0/start",
                "'start': '0', 'length': '1', 'track': 0 | /sounds/0/track",
                "'start': '0', 'length': '1', 'level': {'value': 40} | /sounds/0/level",
                "'start': '0' | /sounds/0",
                "'start': '0', 'length': '1', 'media': 'a9' | /sounds"
            })
    void what_cannot_be_is_named_by_its_member(String members, String pointer) {
        String media = members.contains("'media'") ? "" : "'media': 'a1', ";
        assertThatThrownBy(() -> opened(("{ 'id': 'c1', " + media + members + " }").replace('\'', '"')))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining(pointer);
    }

    @Test
    void beats_set_by_hand_the_level_of_all_and_the_sound_of_footage_come_back() throws Exception {
        Project project = opened("{ \"id\": \"c1\", \"media\": \"a1\", \"start\": \"0\", \"length\": \"7\" }");
        BeatGrid beats = new BeatGrid(Beats.at(List.of(0.25, 0.75, 1.3), List.of(1.0, 0.5, 0.25)), 1, 3);
        Media film = Media.footage(
                "m1",
                Media.Kind.FILM,
                folder.resolve("pond.mp4").toString(),
                new Size(64, 64),
                new Footage(FrameRate.of(25), 50));
        Project changed = BeatEdits.set("a1", Optional.of(beats)).apply(project);
        changed = SoundEdits.setSoundLevel(-4.5).apply(changed);
        changed = MediaEdits.add(film).apply(changed);
        changed = ShotEdits.add(film, Refit.FILL, 0).apply(changed);
        assertThat(changed.shots().getFirst().settings().heard()).isTrue();
        Path again = folder.resolve("again.amber");
        ProjectFile.save(changed, again);
        assertThat(ProjectFile.open(again)).isEqualTo(changed);
        assertThat(Files.readString(again)).contains("\"soundLevel\": -4.5", "\"sound\": true", "\"perBar\": 3");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{ 'times': [1, 0.5] }",
                "{ 'times': [0.5, 1], 'strengths': [1] }",
                "{ 'times': [-1] }",
                "{ 'times': [1], 'perBar': 0 }",
                "{ 'times': [1], 'first': 4 }",
                "{ 'tempo': 120 }"
            })
    void beats_that_cannot_be_are_refused_with_their_place(String beats) throws Exception {
        Path file = folder.resolve("film.amber");
        Files.writeString(
                file,
                PROJECT.formatted("").replace("tune.flac\"", "tune.flac\", \"beats\": " + beats.replace('\'', '"')));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("/media/0/beats");
    }

    @Test
    void a_shot_cannot_show_a_sound() throws Exception {
        Path file = folder.resolve("film.amber");
        Files.writeString(file, PROJECT.formatted("").replace("\"shots\": []", """
                "shots": [ { "id": "s1", "media": "a1", "start": 0, "length": 5, "camera": {
                  "scale": {"value": [1, 1]}, "position": {"value": [0, 0]}, "rotation": {"value": 0},
                  "anchor": {"value": [0, 0]} } } ]"""));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("/shots/0/media");
    }
}
