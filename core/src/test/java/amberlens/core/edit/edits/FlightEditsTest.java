package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomPoses;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.FlightPath;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.Flights;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class FlightEditsTest {
    private static final Size PICTURE = new Size(6000, 2600);
    private static final Size FRAME = new Size(1920, 1080);

    private static Project project(CameraTrack camera) {
        return Project.empty("Fernhollow")
                .withMedia(List.of(Media.photo("m1", "border.jpg", PICTURE)))
                .withShots(List.of(new Shot("s1", "Border", "m1", 1, 0, 121, true, camera, Extras.NONE)));
    }

    /** Framings inside the picture at 0, 60 and 120, that do not turn unless told. */
    private static CameraTrack framed(Random chance, double turn) {
        List<Key<Scale>> scales = new ArrayList<>();
        List<Key<FramePoint>> positions = new ArrayList<>();
        List<Key<Double>> turns = new ArrayList<>();
        for (int at = 0; at <= 120; at += 60) {
            Pose pose = RandomPoses.inside(chance, PICTURE, FRAME);
            scales.add(Key.of(at, pose.scale(), Leg.LINEAR));
            positions.add(Key.of(at, pose.position(), Leg.LINEAR));
            turns.add(Key.of(at, turn * chance.nextGaussian(), Leg.LINEAR));
        }
        CameraTrack camera = new CameraTrack(
                Channel.keyed(ValueKinds.SCALE, scales),
                Channel.keyed(ValueKinds.POSITION, positions),
                Channel.constant(ValueKinds.NUMBER, 0.0),
                Channel.constant(ValueKinds.ANCHOR, new PicturePoint(PICTURE.width() / 2.0, PICTURE.height() / 2.0)));
        return turn == 0 ? camera : camera.withRotation(Channel.keyed(ValueKinds.NUMBER, turns));
    }

    private static Shot shot(Project project) {
        return project.shots().getFirst();
    }

    private static double rho(Project project, int at) {
        return ((Leg.Flight)
                        shot(project).camera().scale().keyAt(at).orElseThrow().leg())
                .rho();
    }

    @Test
    void flights_between_framings_inside_stay_inside_and_as_high_as_they_can() {
        Random chance = new Random(17);
        int lowered = 0;
        for (int i = 0; i < 40; i++) {
            Project before = project(framed(chance, 0));
            Project flown =
                    FlightEdits.fly("s1", Set.of(0, 60), FlightPath.USUAL_RHO).apply(before);
            assertThat(EdgeReport.of(flown.take(shot(flown))).isSealed()).isTrue();
            for (int at : new int[] {0, 60, 120}) {
                assertThat(flown.pose(shot(flown), at)).isEqualTo(before.pose(shot(before), at));
            }
            if (rho(flown, 0) < FlightPath.USUAL_RHO) {
                lowered++;
                Project higher = before.mapShot(
                        "s1",
                        shot -> shot.withCamera(Flights.high(shot(flown).camera(), Set.of(0), rho(flown, 0) + 0.02)));
                assertThat(EdgeReport.of(higher.take(shot(higher))).isSealed()).isFalse();
            }
        }
        assertThat(lowered).isBetween(5, 39);
    }

    @Test
    void without_keep_inside_it_flies_as_high_as_it_was_told() {
        Project free = project(framed(new Random(3), 0))
                .mapShot("s1", shot -> shot.withSettings(shot.settings().withKeepInside(false)));
        Project flown = FlightEdits.high("s1", Set.of(0), 2.2)
                .apply(FlightEdits.fly("s1", Set.of(0), 1).apply(free));
        assertThat(rho(flown, 0)).isEqualTo(2.2);
        assertThat(shot(flown).camera().scale().keyAt(60).orElseThrow().leg()).isEqualTo(Leg.LINEAR);
    }

    @Test
    void every_way_to_seal_closes_turned_flights_or_says_why_not() {
        Random chance = new Random(18);
        int sealed = 0;
        for (int i = 0; i < 24; i++) {
            CameraTrack camera = Flights.fly(framed(chance, 12), Set.of(0, 60), FRAME, 1.42);
            Project open = project(camera);
            for (SealWay way : SealWay.values()) {
                switch (SealEdits.seal(open, shot(open), way, SealTerms.free())) {
                    case SealResult.Sealed closed -> {
                        sealed++;
                        Project now = open.mapShot("s1", shot -> shot.withCamera(closed.camera()));
                        assertThat(EdgeReport.of(now.take(shot(now))).isSealed())
                                .as("%s %d", way, i)
                                .isTrue();
                    }
                    case SealResult.Refused refused ->
                        assertThat(refused.reason()).isNotBlank();
                    case SealResult.AlreadySealed _ ->
                        assertThat(EdgeReport.of(open.take(shot(open))).isSealed())
                                .isTrue();
                }
            }
        }
        assertThat(sealed).isGreaterThan(40);
    }

    @Test
    void a_seal_flies_lower_before_it_changes_any_framing() {
        Random chance = new Random(19);
        CameraTrack camera = Flights.fly(framed(chance, 0), Set.of(0, 60), FRAME, 2.5);
        Project open = project(camera);
        assertThat(EdgeReport.of(open.take(shot(open))).isSealed()).isFalse();
        var closed = (SealResult.Sealed) SealEdits.seal(open, shot(open), SealWay.LIFT, SealTerms.free());
        assertThat(closed.camera().scale().at(60)).isEqualTo(camera.scale().at(60));
        assertThat(closed.camera().position().at(60))
                .isEqualTo(camera.position().at(60));
    }

    @Test
    void a_flight_needs_linked_axes_and_the_frame_it_is_in() {
        CameraTrack camera = framed(new Random(4), 0);
        CameraTrack unlinked = camera.withPosition(camera.position().unlinked());
        assertThatThrownBy(() -> FlightEdits.fly("s1", Set.of(0), 1.4).apply(project(unlinked)))
                .hasMessageContaining("link their axes");
        Project flown = FlightEdits.fly("s1", Set.of(0), 1.4).apply(project(camera));
        Project wide = ProjectEdits.setFrame(new FrameFormat(
                        new Size(1000, 1000),
                        flown.frame().rate(),
                        flown.frame().background()))
                .apply(flown);
        var leg = (Leg.Flight)
                shot(wide).camera().position().keyAt(0).orElseThrow().leg();
        assertThat(leg.about()).isEqualTo(new FramePoint(500, 500));
        assertThat(leg.width()).isEqualTo(1000);
    }

    /** The position of the demo's usual slide has keys, the scale none: it gets them at both ends, as it was. */
    @Test
    void a_property_without_keys_gets_them_at_the_ends() {
        CameraTrack camera = framed(new Random(5), 0);
        CameraTrack slide = camera.withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(120)));
        CameraTrack flying = Flights.fly(slide, Set.of(0, 60), FRAME, 1.42);
        assertThat(flying.scale().keys()).extracting(Key::at).containsExactly(0, 60, 120);
        assertThat(flying.at(60).scale().x()).isCloseTo(120, within(1e-9));
        assertThat(flying.at(30).scale().x()).isLessThan(119);
        assertThat(flying.seen(Properties.SCALE, 30)).isEqualTo(flying.at(30).scale());
    }
}
