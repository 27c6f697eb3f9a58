package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.time.Seconds;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.time.lineup.LineUpProbe;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Sounds on the Shelf and in the Line-up, by hand. */
class SoundSceneTest extends SoundInteraction {
    private Point2D body(String id, double part) {
        return at(() -> LineUpProbe.sound(bench.scene(), id, part));
    }

    private Point2D level(String id, int frame) {
        return at(() -> LineUpProbe.level(bench.scene(), id, frame));
    }

    private Point2D level(String id, int frame, double decibels) {
        return at(() -> LineUpProbe.level(bench.scene(), id, frame, decibels));
    }

    private List<Integer> keyFrames(String id) {
        return clip(id).level().keys().stream().map(Key::at).toList();
    }

    /** Rows as high as hands need them. */
    private void layClicksHigh() throws Exception {
        layClicks();
        onFx(() -> bench.desk().prefer(to -> to.setSnapping(false)));
    }

    @Test
    void a_sound_comes_onto_the_shelf_with_its_length_and_tempo_and_into_the_line_up_as_long_as_it_is()
            throws Exception {
        add(clicks());
        assertThat(at(() -> bench.services().waves().words(media("clicks.flac"))))
                .isEqualTo("0:12 · 125 a minute");
        seek(25);
        onFx(() -> bench.shelf().lay(List.of(media("clicks.flac"))));
        waitUntil("the clip", () -> project().sounds().size() == 1);
        assertThat(clip("c1").start()).isEqualTo(new Seconds(1, 1));
        assertThat(clip("c1").length()).isEqualTo(new Seconds(12, 1));
        assertThat(bench.desk().cursor().selection().sounds()).containsExactly("c1");
    }

    @Test
    void files_that_are_no_sounds_are_left_out_and_named() throws Exception {
        Path text = Files.writeString(folder.resolve("text.mp3"), "no sound at all");
        files.pictures = List.of(text);
        run("media.add");
        waitUntil("the message", () -> lookup("A file was left out").tryQuery().isPresent());
        assertThat(project().media()).hasSize(3);
    }

    @Test
    void clips_are_moved_trimmed_slipped_split_copied_and_deleted() throws Exception {
        layClicksHigh();
        dragTo(body("c1", 0.4), body("c1", 0.4).add(frames(20), 0));
        assertThat(clip("c1").start().value()).isCloseTo(0.8, within(0.05));
        Point2D end = body("c1", 1).subtract(3, 0);
        dragTo(end, end.subtract(frames(50), 0));
        assertThat(clip("c1").length().value()).isCloseTo(10, within(0.05));
        Point2D start = body("c1", 0).add(3, 0);
        dragTo(start, start.add(frames(25), 0));
        assertThat(clip("c1").in().value()).isCloseTo(1, within(0.05));
        dragWith(KeyCode.ALT, body("c1", 0.5), body("c1", 0.5).subtract(frames(25), 0));
        assertThat(clip("c1").in().value()).isCloseTo(2, within(0.1));
        seek(100);
        run("sound.split");
        assertThat(project().sounds()).hasSize(2);
        assertThat(clip("c2").start()).isEqualTo(new Seconds(4, 1));
        run("sound.copy");
        SoundClip copy = clip("c3");
        assertThat(copy.in()).isEqualTo(clip("c2").in());
        assertThat(copy.start()).isEqualTo(clip("c2").end());
        type(KeyCode.DELETE);
        assertThat(project().sounds()).hasSize(2);
        undo();
        assertThat(project().sounds()).hasSize(3);
    }

    @Test
    void ends_snap_to_cuts_and_clips_go_to_other_tracks() throws Exception {
        layClicks();
        onFx(() -> bench.desk().prefer(to -> to.setSnapping(true)));
        Point2D end = body("c1", 1).subtract(3, 0);
        double toCut = frames(210 - 300) + 3;
        dragTo(end, end.add(toCut, 0));
        assertThat(clip("c1").end()).isEqualTo(new Seconds(210, 25));
        Point2D middle = body("c1", 0.5);
        dragTo(middle, middle.add(0, 30));
        assertThat(clip("c1").track()).isEqualTo(2);
    }

    @Test
    void a_level_is_dragged_keyed_typed_eased_nudged_copied_and_deleted_like_all_keys() throws Exception {
        layClicksHigh();
        dragTo(level("c1", 60), level("c1", 60, -12));
        assertThat(clip("c1").level().constant()).isCloseTo(-12, within(2.5));
        doubleClickOn(level("c1", 50));
        doubleClickOn(level("c1", 150));
        assertThat(keyFrames("c1")).hasSize(2);
        int second = keyFrames("c1").getLast();
        dragTo(level("c1", second), level("c1", second + 40, 0));
        Key<Double> louder = clip("c1").level().keys().getLast();
        assertThat(louder.at()).isCloseTo(second + 40, within(1));
        assertThat(louder.value()).isCloseTo(0, within(2.0));
        run("sound.level");
        fill("#sound-level", "-3.5");
        type(KeyCode.ENTER);
        assertThat(clip("c1").level().keys().getLast().value()).isEqualTo(-3.5);
        keys(KeyCode.A, KeyCode.CONTROL);
        run("ease.gentle_both");
        assertThat(clip("c1").level().keys().getFirst().leg()).isEqualTo(Ease.GENTLE_BOTH.leg());
        List<Integer> before = keyFrames("c1");
        run("keys.on");
        assertThat(keyFrames("c1")).isEqualTo(before.stream().map(at -> at + 1).toList());
        run("edit.copy");
        seek(200);
        run("edit.paste");
        assertThat(keyFrames("c1")).hasSize(4).contains(200);
        run("edit.delete");
        assertThat(keyFrames("c1")).hasSize(2).doesNotContain(200);
    }

    @Test
    void fades_are_drawn_out_by_their_handles() throws Exception {
        layClicksHigh();
        selectSounds("c1");
        Point2D enter = at(() -> LineUpProbe.fade(bench.scene(), "c1", true));
        dragTo(enter, new Point2D(body("c1", 0).getX() + frames(50), enter.getY()));
        assertThat(clip("c1").enter().value()).isCloseTo(2, within(0.1));
        Point2D leave = at(() -> LineUpProbe.fade(bench.scene(), "c1", false));
        dragTo(leave, new Point2D(body("c1", 1).getX() - frames(25), leave.getY()));
        assertThat(clip("c1").leave().value()).isCloseTo(1, within(0.1));
        undo();
        assertThat(clip("c1").leave()).isEqualTo(Seconds.ZERO);
    }

    @Test
    void clips_and_tracks_are_muted_and_listened_to_alone() throws Exception {
        layClicks();
        add(voice());
        seek(0);
        onFx(() -> bench.shelf().lay(List.of(media("voice.wav"))));
        waitUntil("the second clip", () -> project().sounds().size() == 2);
        assertThat(clip("c2").track()).isEqualTo(2);
        keys(KeyCode.M, KeyCode.ALT);
        assertThat(clip("c2").mute()).isTrue();
        clickOn(at(() -> LineUpProbe.head(bench.scene(), 1)));
        assertThat(clip("c1").mute()).isTrue();
        clickOn(at(() -> LineUpProbe.head(bench.scene(), 1)));
        press(KeyCode.SHIFT)
                .clickOn(at(() -> LineUpProbe.head(bench.scene(), 1)))
                .release(KeyCode.SHIFT);
        assertThat(bench.desk().tools().solo().hears(clip("c2"))).isFalse();
        assertThat(bench.desk().tools().solo().hears(clip("c1"))).isTrue();
    }

    @Test
    void the_level_of_everything_is_set_and_taken_back() throws Exception {
        layClicks();
        run("sound.master");
        enter("#master-level", "-9");
        assertThat(project().soundLevel()).isEqualTo(-9);
        type(KeyCode.ENTER);
        assertThat(project().soundLevel()).isEqualTo(-9);
        undo();
        assertThat(project().soundLevel()).isZero();
    }

    @Test
    void the_sound_of_a_film_is_muted_and_refuses_to_leave_a_shot_of_changed_speed() {
        select("s3");
        run("sound.heard");
        assertThat(shot("s3").settings().heard()).isTrue();
        run("sound.detach");
        assertThat(project().sounds()).hasSize(1);
        assertThat(shot("s3").settings().heard()).isFalse();
        assertThat(clip("c1").start()).isEqualTo(new Seconds(6, 1));
    }

    @Test
    void a_shot_that_goes_from_the_shelf_with_its_sound_leaves_no_clip_behind() throws Exception {
        layClicks();
        onFx(() -> bench.desk()
                .document()
                .apply(amberlens.core.edit.edits.MediaEdits.remove(
                        media("clicks.flac").id())));
        assertThat(project().sounds()).isEmpty();
        assertThat(bench.desk().cursor().selection().part()).isEqualTo(new Selection.Nothing());
        undo();
        assertThat(project().sounds()).hasSize(1);
        assertThat(Set.of(clip("c1").media()))
                .containsExactly(media("clicks.flac").id());
    }
}
