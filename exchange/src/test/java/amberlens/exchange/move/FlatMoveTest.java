package amberlens.exchange.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.exchange.MoveFormat;
import amberlens.exchange.MoveOut;
import amberlens.exchange.Moves;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FlatMoveTest {
    @TempDir
    Path folder;

    private Shot shot(Leg leg, int from, int to) {
        var keys =
                List.of(Key.of(from, new FramePoint(600, 360), leg), Key.of(to, new FramePoint(700, 300), Leg.LINEAR));
        return Moves.shot("s1", 0, 100, Moves.still().withPosition(Channel.keyed(ValueKinds.POSITION, keys)));
    }

    private FlatMove flat(Shot shot) throws FileProblem {
        return FlatMove.of(
                ShotMove.of(Moves.project(folder.resolve("p.jpg"), List.of(shot)), shot), curve -> curve.y2() <= 1);
    }

    @Test
    void legs_that_others_know_stay_as_they_are() throws FileProblem {
        for (Leg leg : List.of(Leg.LINEAR, Leg.HOLD, Moves.EASED)) {
            FlatMove flat = flat(shot(leg, -20, 130));
            assertThat(flat.position().stops()).extracting(Stop::at).containsExactly(-20, 130);
            assertThat(flat.position().first().leg()).isEqualTo(leg);
            assertThat(flat.scale().isStill()).isTrue();
        }
    }

    @Test
    void legs_that_others_do_not_know_are_sampled_within_the_shot_and_thinned() throws FileProblem {
        Leg overshooting = new Leg.Curve(new TimingCurve(0.3, 0, 0.6, 1.4));
        FlatMove flat = flat(shot(overshooting, -20, 130));
        List<Stop> stops = flat.position().stops();
        assertThat(stops.getFirst().at()).isZero();
        assertThat(stops.getLast().at()).isEqualTo(99);
        assertThat(stops).hasSizeBetween(5, 60);
        for (int frame = 0; frame < 100; frame++) {
            double[] said = said(stops, frame);
            FramePoint is = shot(overshooting, -20, 130).camera().position().at(frame);
            assertThat(Math.hypot(said[0] - is.x(), said[1] - is.y()))
                    .as("frame " + frame)
                    .isLessThanOrEqualTo(0.1);
        }
    }

    private static double[] said(List<Stop> stops, int frame) {
        int next = 1;
        while (stops.get(next).at() < frame) {
            next++;
        }
        Stop a = stops.get(next - 1);
        Stop b = stops.get(next);
        double part = (frame - a.at()) / (double) (b.at() - a.at());
        return new double[] {
            a.numbers().get(0) * (1 - part) + b.numbers().get(0) * part,
            a.numbers().get(1) * (1 - part) + b.numbers().get(1) * part
        };
    }

    @Test
    void numbered_pictures_are_refused_by_pages_and_named_by_their_pattern_for_filters() throws FileProblem {
        Shot shot = Moves.shot("s1", 0, 20, Moves.still());
        Path first = folder.resolve("seed-0007.jpg");
        var footage = new Footage(FrameRate.of(24), 30);
        Project project = Moves.project(first, List.of())
                .with(
                        List.of(Media.footage("m1", Media.Kind.SEQUENCE, first.toString(), Moves.PICTURE, footage)),
                        List.of(shot));
        assertThatThrownBy(() -> MoveOut.write(project, shot, MoveFormat.CSS, folder.resolve("seed.html")))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("numbered pictures");
        assertThat(MoveOut.write(project, shot, MoveFormat.FFMPEG, folder.resolve("seed.filter")))
                .first()
                .asString()
                .startsWith("ffmpeg -framerate 24/1 -start_number 0007 -i ")
                .contains("seed-%04d.jpg");
        assertThat(MoveOut.lineUp(project, folder.resolve("seed.otio"))).isEmpty();
    }

    @Test
    void what_leans_is_refused_by_formats_that_are_flat_and_nothing_is_written() {
        Shot shot = Moves.shot("s1", 0, 50, Moves.leaning(49));
        Project project = Moves.project(folder.resolve("p.jpg"), List.of(shot));
        for (MoveFormat format : List.of(MoveFormat.SVG, MoveFormat.LOTTIE)) {
            Path file = folder.resolve("move" + format.ending());
            assertThatThrownBy(() -> MoveOut.write(project, shot, format, file))
                    .isInstanceOf(FileProblem.class)
                    .hasMessageContaining("pitch");
            assertThat(Files.exists(file)).isFalse();
        }
    }
}
