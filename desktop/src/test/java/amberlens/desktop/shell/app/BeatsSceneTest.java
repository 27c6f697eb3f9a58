package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.material.sound.EvenLoudness;
import amberlens.core.material.sound.Loudness;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Key;
import amberlens.desktop.time.lineup.LineUpProbe;
import amberlens.media.export.ExportFormat;
import amberlens.media.sound.DecodedSound;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Beats used and corrected, music lowered under a voice, clips brought to one loudness. */
class BeatsSceneTest extends SoundInteraction {
    private List<Integer> beats() {
        return at(() -> bench.services().sounds().beats(project()).frames());
    }

    private double tempo() {
        return at(() -> bench.services()
                .sounds()
                .beats(media("clicks.flac"))
                .orElseThrow()
                .beats()
                .tempo());
    }

    @Test
    void selected_shots_are_cut_on_every_fourth_beat_and_seen_so_before() throws Exception {
        layClicks();
        assertThat(beats()).contains(24, 48, 96, 144, 204);
        select("s1", "s2", "s3");
        run("beats.cut");
        ComboBox<Integer> every = lookup("#cut-every").query();
        onFx(() -> every.setValue(4));
        assertThat(lying(1)).containsExactly("s1 0+48", "s2 48+48", "s3 96+48");
        CheckBox total = lookup("#cut-total").query();
        clickOn(total);
        assertThat(lying(1)).containsExactly("s1 0+48", "s2 48+48", "s3 96+114");
        type(KeyCode.ESCAPE);
        assertThat(lying(1)).containsExactly("s1 0+100", "s2 100+50", "s3 150+60");
        run("beats.cut");
        clickOn("Cut");
        assertThat(lying(1)).containsExactly("s1 0+96", "s2 96+48", "s3 144+60");
        undo();
        assertThat(lying(1)).endsWith("s3 150+60");
    }

    @Test
    void a_cut_that_is_dragged_snaps_to_a_beat_and_a_shot_ends_on_one() throws Exception {
        layClicks();
        onFx(() -> bench.desk().prefer(to -> {
            to.setSnapping(true);
            to.setLengthTiming(Optional.of(amberlens.core.edit.edits.ShotEdits.Timing.KEEP));
        }));
        Point2D end = at(() -> LineUpProbe.end(bench.scene(), bench.desk(), "s1"));
        dragTo(end, end.subtract(frames(3), 0));
        assertThat(lying(1)).startsWith("s1 0+96");
        select("s3");
        run("beats.end");
        Shot last = shot("s3");
        assertThat(beats()).contains(last.start() + last.length());
    }

    @Test
    void tempo_place_and_bars_are_corrected_and_found_again() throws Exception {
        layClicks();
        assertThat(tempo()).isCloseTo(125, within(0.5));
        run("beats.edit");
        clickOn("#beats-half");
        assertThat(tempo()).isCloseTo(62.5, within(0.5));
        enter("#beats-shift", "100");
        assertThat(((Label) lookup("#beats-tempo").query()).getText()).contains("62.5 a minute");
        clickOn("Set");
        assertThat(media("clicks.flac").beats().orElseThrow().beats().times().getFirst() % BEAT)
                .isCloseTo(0.1, within(0.02));
        run("beats.double");
        assertThat(tempo()).isCloseTo(125, within(0.5));
        run("beats.found");
        assertThat(media("clicks.flac").beats()).isEmpty();
        run("beats.none");
        assertThat(beats()).isEmpty();
    }

    @Test
    void beats_are_tapped_where_the_playhead_stands() throws Exception {
        layClicks();
        for (int frame : List.of(10, 30, 50, 70, 90)) {
            seek(frame);
            run("beats.tap");
        }
        assertThat(tempo()).isCloseTo(75, within(1e-9));
        onFx(() -> bench.desk().document().settle());
        undo();
        assertThat(media("clicks.flac").beats()).isEmpty();
    }

    @Test
    void beats_are_tapped_where_it_plays() throws Exception {
        layClicks();
        seek(0);
        run("play.toggle");
        for (int i = 0; i < 4; i++) {
            int before = bench.desk().cursor().playhead();
            waitUntil("the tap", () -> bench.desk().cursor().playhead() >= before + 12);
            run("beats.tap");
        }
        run("play.toggle");
        List<Double> times = media("clicks.flac").beats().orElseThrow().beats().times();
        assertThat(times.get(1) - times.get(0)).isGreaterThan(0.4);
    }

    @Test
    void keys_on_beats_pulse_and_a_rig_moves_several_shots_with_each() throws Exception {
        layClicks();
        select("s1");
        run("beats.pulse");
        assertThat(shot("s1").camera().scale().keys().stream().map(Key::at)).contains(24, 36, 48);
        run("beats.bars");
        double before = shot("s1").camera().at(48).scale().x();
        assertThat(shot("s1").camera().at(90).scale().x()).isGreaterThan(before);
        select("s1", "s2");
        run("beats.rig");
        Shot rig = shot();
        assertThat(project().isRig(rig)).isTrue();
        assertThat(rig.camera().at(48).scale().x())
                .isGreaterThan(rig.camera().at(57).scale().x());
        undo();
        assertThat(project().shots()).hasSize(3);
    }

    @Test
    void music_is_lowered_under_a_voice_with_what_comes_of_it_seen_at_once() throws Exception {
        layClicks();
        add(voice());
        seek(75);
        onFx(() -> bench.shelf().lay(List.of(media("voice.wav"))));
        waitUntil("the voice", () -> project().sounds().size() == 2);
        selectSounds("c1");
        run("sound.duck");
        waitUntil(
                "the voice is heard",
                () -> ((Label) lookup("#duck-found").query()).getText().contains("once"));
        assertThat(clip("c1").level().at(110)).isCloseTo(-12, within(1e-9));
        enter("#duck-depth", "20");
        assertThat(clip("c1").level().at(110)).isCloseTo(-20, within(1e-9));
        clickOn("Lower it");
        assertThat(clip("c1").level().keys()).hasSize(4);
        assertThat(clip("c1").level().at(60)).isZero();
        undo();
        assertThat(clip("c1").level().animated()).isFalse();
    }

    @Test
    void what_is_heard_alone_is_exported_at_a_loudness() throws Exception {
        layClicks();
        Path file = folder.resolve("alone.wav");
        clickOn("#project-export");
        ComboBox<ExportFormat> format = lookup("#export-format").query();
        ComboBox<Optional<Double>> loudness = lookup("#export-loudness").query();
        onFx(() -> format.setValue(ExportFormat.GIF));
        assertThat(loudness.isDisabled()).isTrue();
        onFx(() -> format.setValue(ExportFormat.WAV));
        assertThat(lookup("#export-size").query().isDisabled()).isTrue();
        onFx(() -> loudness.setValue(Optional.of(EvenLoudness.BROADCAST)));
        fill("#export-destination", file.toString());
        clickOn("#export-start");
        waitUntil("the file", () -> Files.exists(file));
        try (DecodedSound sound = DecodedSound.of(file, () -> true)) {
            assertThat(sound.length()).isEqualTo(210 * 1920L);
            assertThat(Loudness.of(sound).integrated()).isCloseTo(EvenLoudness.BROADCAST, within(0.1));
        }
    }

    @Test
    void clips_are_brought_to_one_loudness() throws Exception {
        layClicks();
        add(voice());
        onFx(() -> bench.shelf().lay(List.of(media("voice.wav"))));
        waitUntil("the voice", () -> project().sounds().size() == 2);
        selectSounds("c1", "c2");
        run("sound.even");
        enter("#even-target", "-30");
        waitUntil(
                "the loudness",
                () -> ((Label) lookup("#even-found").query()).getText().contains("then -30.0 LUFS"));
        clickOn("Set");
        for (String id : List.of("c1", "c2")) {
            var samples =
                    bench.services().sounds().of(amberlens.core.model.hearing.Hearing.Wanted.plain(clip(id).media()));
            assertThat(EvenLoudness.played(samples, clip(id), project().frame().rate())
                            .integrated())
                    .isCloseTo(-30, within(0.05));
        }
    }
}
