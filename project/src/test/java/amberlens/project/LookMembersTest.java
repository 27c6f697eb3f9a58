package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKind;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.look.LookSpace;
import amberlens.core.material.look.Mask;
import amberlens.core.model.project.Carried;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.keys.KeyClip;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Owner;
import amberlens.core.motion.property.Property;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LookMembersTest {
    private static final Size PICTURE = new Size(3000, 2000);
    private static final Size FRAME = new Size(1920, 1080);

    @TempDir
    private Path folder;

    private Project project() {
        Media media = Media.photo("m1", folder.resolve("sheet.png").toString(), PICTURE);
        var camera = CameraTrack.still(Pose.neutral(PICTURE, FRAME));
        return Project.empty("Fernhollow")
                .withMedia(List.of(media))
                .withShots(List.of(
                        new Shot("s1", "Sheet", "m1", 1, 0, 50, true, camera, Extras.NONE),
                        new Shot("s2", "Again", "m1", 1, 50, 50, true, camera, Extras.NONE)));
    }

    private Project roundTrip(Project project) throws FileProblem {
        Path file = folder.resolve("film.amber");
        ProjectFile.save(project, file);
        return ProjectFile.open(file);
    }

    private Project written(String looks) throws IOException, FileProblem {
        Path file = folder.resolve("film.amber");
        ProjectFile.save(project(), file);
        String text = Files.readString(file)
                .replaceFirst(
                        "\"name\" : \"Sheet\",|\"name\": \"Sheet\",",
                        "$0 \"looks\": [" + looks.replace("$", "\\$") + "],");
        Files.writeString(file, text);
        return ProjectFile.open(file);
    }

    private static Shot first(Project project) {
        return project.shot("s1").orElseThrow();
    }

    private static <V> CameraTrack random(CameraTrack camera, Property<V> amount, Random chance) {
        V one = value(amount, chance);
        V other = value(amount, chance);
        return camera.with(
                amount,
                chance.nextBoolean()
                        ? Channel.constant(amount.kind(), one)
                        : Channel.keyed(
                                amount.kind(),
                                List.of(Key.of(3, one, Ease.GENTLE_BOTH.leg()), Key.of(40, other, Leg.SMOOTH))));
    }

    private static <V> V value(Property<V> amount, Random chance) {
        double least = Math.max(amount.range().least(), -1000);
        double most = Math.min(amount.range().most(), 1000);
        return amount.kind().of(_ -> least + (most - least) * chance.nextDouble());
    }

    /** All kinds of looks with amounts drawn by chance, some twice, some put aside. */
    private Project random(Random chance) {
        Project project = project();
        var draft = new LookDraft(PICTURE, FRAME, 50);
        for (LookKind kind : LookKinds.ALL) {
            for (int i = chance.nextInt(3); i >= 0; i--) {
                draft.add(kind);
            }
        }
        project = LookEdits.add(Set.of("s1"), draft.named("all")).apply(project);
        Shot shot = first(project);
        CameraTrack camera = shot.camera();
        for (Look look : shot.looks()) {
            for (Property<?> amount : look.amounts()) {
                camera = random(camera, amount, chance);
            }
            if (chance.nextBoolean()) {
                project = LookEdits.switchOn("s1", look, false).apply(project);
            }
        }
        Shot keyed = first(project).withCamera(camera);
        Project with = project.withShots(List.of(keyed, project.shot("s2").orElseThrow()));
        Look mask = keyed.looks().stream()
                .filter(look -> look.kind().equals(LookKinds.MASK))
                .findFirst()
                .orElseThrow();
        List<Mask.Point> points = List.of(new Mask.Point(-12.5, 30), new Mask.Point(50, 0), new Mask.Point(1, -50));
        with = LookEdits.choose("s1", mask, LookKinds.SHAPE, Mask.Shape.POLYGON, 0)
                .apply(with);
        with = LookEdits.choose("s1", mask, LookKinds.POINTS, points, 0).apply(with);
        with = LookEdits.choose("s1", mask, LookKinds.MASK_SPACE, LookSpace.FRAME, 0)
                .apply(with);
        return LookEdits.choose("s1", mask, LookKinds.INVERTED, true, 0).apply(with);
    }

    @RepeatedTest(12)
    void all_looks_come_back_as_they_were(RepetitionInfo repetition) throws IOException, FileProblem {
        Project project = random(new Random(repetition.getCurrentRepetition()));
        Project back = roundTrip(project);
        assertThat(back.shots()).isEqualTo(project.shots());
        assertThat(Files.readString(folder.resolve("film.amber"))).contains("\"version\": 3");
    }

    @Test
    void the_members_are_as_the_format_says() throws IOException, FileProblem {
        Project read = written("""
                { "kind": "tone", "exposure": {"value": 0.5}, "contrast": {"value": 1}, "saturation": {"keys":
                  [ {"at": 0, "value": 20}, {"at": 10, "value": 100} ]}, "warmth": {"value": 10}, "tint": {"value": 0} },
                { "kind": "shadow", "offset": {"value": [12,18]}, "sigma": {"value": 16}, "colour": "#102030" },
                { "kind": "mask", "shape": "ellipse", "space": "picture", "centre": {"value": [300,200]},
                  "mode": "spotlight", "outside": {"value": 70}, "on": false }
                """);
        Shot shot = first(read);
        assertThat(shot.looks().stream().map(look -> look.kind().id())).containsExactly("tone", "shadow", "mask");
        Look tone = shot.looks().getFirst();
        assertThat(tone.at(shot.camera(), LookKinds.SATURATION, 5)).isEqualTo(60.0);
        assertThat(tone.at(shot.camera(), LookKinds.EXPOSURE, 0)).isEqualTo(0.5);
        assertThat(shot.looks().get(1).get(LookKinds.SHADOW_COLOUR)).isEqualTo(new Colour(0x102030));
        assertThat(shot.looks().get(1).at(shot.camera(), LookKinds.SHADOW_OPACITY, 0))
                .isEqualTo(60.0);
        Look mask = shot.looks().get(2);
        assertThat(mask.on()).isFalse();
        assertThat(mask.get(LookKinds.MODE)).isEqualTo(Mask.Mode.SPOTLIGHT);
        assertThat(mask.at(shot.camera(), LookKinds.MASK_CENTRE, 0)).isEqualTo(new FramePoint(300, 200));
        assertThat(mask.at(shot.camera(), LookKinds.MASK_SIZE, 0))
                .as("left out: half of the picture")
                .isEqualTo(new FramePoint(1500, 1000));
    }

    @Test
    void a_look_of_an_unknown_kind_is_kept_with_all_it_says() throws IOException, FileProblem {
        Project read = written("{ \"kind\": \"grain\", \"amount\": {\"value\": 7}, \"on\": false, \"seed\": [1, 2] }");
        Look look = first(read).looks().getFirst();
        assertThat(look.kind().isKnown()).isFalse();
        assertThat(look.kind().id()).isEqualTo("grain");
        Project again = roundTrip(read);
        assertThat(first(again).looks()).isEqualTo(first(read).looks());
        assertThat(Files.readString(folder.resolve("film.amber")).replaceAll("\\s", ""))
                .contains("\"kind\":\"grain\",\"on\":false,\"amount\":{\"value\":7},\"seed\":[1,2]");
    }

    @Test
    void unknown_members_of_a_known_look_are_kept() throws IOException, FileProblem {
        Project read =
                written("{ \"kind\": \"calm\", \"sigma\": {\"value\": 1, \"note\": \"by eye\"}, \"by\": \"me\" }");
        roundTrip(read);
        assertThat(Files.readString(folder.resolve("film.amber")))
                .contains("by eye")
                .contains("\"by\"");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "{ \"kind\": \"tone\", \"exposure\": 3 }; /shots/0/looks/0/exposure",
                "{ \"kind\": \"tone\", \"contrast\": {\"value\": -1} }; /shots/0/looks/0/contrast",
                "{ \"kind\": \"mask\", \"shape\": \"star\" }; /shots/0/looks/0/shape",
                "{ \"kind\": \"mask\", \"inverted\": \"yes\" }; /shots/0/looks/0/inverted",
                "{ \"kind\": \"mask\", \"points\": [[1]] }; /shots/0/looks/0/points/0",
                "{ \"kind\": \"mask\", \"points\": [[1, 1e9]] }; /shots/0/looks/0/points",
                "{ \"kind\": \"shadow\", \"colour\": \"black\" }; /shots/0/looks/0/colour",
                "{ \"kind\": \"crop\", \"left\": {\"value\": 101} }; /shots/0/looks/0/left",
                "{ \"exposure\": {\"value\": 1} }; /shots/0/looks/0/kind",
                "{ \"kind\": \"softness\", \"sigma\": {\"x\": {\"value\": 1}, \"y\": {\"value\": 1}} };"
                        + " /shots/0/looks/0/sigma"
            })
    void a_wrong_member_is_named(String look, String pointer) {
        assertThatThrownBy(() -> written(look)).isInstanceOf(FileProblem.class).hasMessageContaining(pointer);
    }

    @Test
    void looks_that_follow_another_shot_say_so() throws IOException, FileProblem {
        Project project = random(new Random(99))
                .mapShot(
                        "s2",
                        shot -> shot.withSettings(
                                shot.settings().withCarried(Optional.of(new Carried("s1", Set.of(), true)))));
        assertThat(roundTrip(project).shots()).isEqualTo(project.shots());
    }

    @RepeatedTest(6)
    void kept_looks_come_back_from_a_file_of_their_own(RepetitionInfo repetition) throws FileProblem {
        Project project = random(new Random(100 + repetition.getCurrentRepetition()));
        LookSet set = LookEdits.of(project, first(project)).withName("All of them");
        Path file = folder.resolve("all" + LookFile.ENDING);
        LookFile.save(set, file);
        LookSet back = LookFile.open(file);
        assertThat(back.name()).isEqualTo("All of them");
        assertThat(back.looks()).isEqualTo(set.looks());
        for (Look look : set.looks()) {
            for (Property<?> amount : look.amounts()) {
                assertThat(back.camera().get(amount)).isEqualTo(set.camera().get(amount));
            }
        }
    }

    @Test
    void a_file_that_holds_no_looks_is_refused_in_words() throws IOException {
        Path file = folder.resolve("other" + LookFile.ENDING);
        Files.writeString(file, "{ \"format\": \"amber-lens/keys\" }");
        assertThatThrownBy(() -> LookFile.open(file))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("looks");
        Files.writeString(
                file,
                "{ \"format\": \"amber-lens/looks\", \"version\": 1, \"name\": \"x\", \"length\": 0, \"picture\":"
                        + " {\"width\": 1, \"height\": 1}, \"frame\": {\"width\": 1, \"height\": 1}, \"looks\": [] }");
        assertThatThrownBy(() -> LookFile.open(file))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("other.amber-look: at /length");
    }

    @Test
    void copied_keys_of_looks_come_back_from_the_clipboard() throws FileProblem {
        Project project = random(new Random(7));
        Shot shot = first(project);
        KeySet keys = KeySet.where(shot.camera(), _ -> true);
        KeyClip clip = KeyClip.of(KeyClip.What.KEYS, shot.camera(), keys, PICTURE, FRAME);
        assertThat(clip.properties().stream().filter(one -> !one.owner().equals(Owner.CAMERA)))
                .isNotEmpty();
        KeyClip back = ClipText.read(ClipText.write(clip));
        assertThat(back.properties()).isEqualTo(clip.properties());
        for (Property<?> property : clip.properties()) {
            assertThat(back.camera().get(property).keys())
                    .isEqualTo(clip.camera().get(property).keys());
        }
    }
}
