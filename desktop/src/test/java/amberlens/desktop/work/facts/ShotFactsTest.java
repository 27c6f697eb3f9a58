package amberlens.desktop.work.facts;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Shutter;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What the bench says of a shot is what the check says of it. */
class ShotFactsTest {
    private static final Size PICTURE = new Size(2400, 1600);
    private static final Size FRAME = new Size(1920, 1080);

    private final ShotFacts facts = new ShotFacts();

    private static Project project() {
        CameraTrack camera = CameraTrack.still(Pose.neutral(PICTURE, FRAME))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(960, 540), Leg.LINEAR),
                                Key.of(10, new FramePoint(1160, 540), Leg.LINEAR))));
        return Project.empty("Fernhollow")
                .withMedia(List.of(Media.photo("m1", "/plan.jpg", PICTURE)))
                .withShots(List.of(new Shot("s1", "Plan", "m1", 1, 0, 11, true, camera, Extras.NONE)));
    }

    private void assertAsChecked(Project project) {
        Shot shot = project.shots().getFirst();
        EdgeReport checked = EdgeReport.of(project.take(shot));
        assertThat(facts.edges(project, shot).margins()).isEqualTo(checked.margins());
        assertThat(facts.open(project, shot)).isEqualTo(!checked.isSealed());
    }

    @Test
    void crops_count_and_count_no_more_when_they_are_put_aside() {
        assertAsChecked(project());
        Project cropped = LookEdits.add(
                        Set.of("s1"),
                        new LookDraft(PICTURE, FRAME, 11)
                                .add(LookKinds.CROP)
                                .set(LookKinds.CROP_LEFT, 10.0)
                                .named("crop"))
                .apply(project());
        assertAsChecked(cropped);
        Shot shot = cropped.shots().getFirst();
        assertThat(facts.open(cropped, shot)).isTrue();
        Project aside = LookEdits.switchOn("s1", shot.looks().getFirst(), false).apply(cropped);
        assertThat(facts.open(aside, aside.shots().getFirst())).isFalse();
        assertAsChecked(aside);
    }

    @Test
    void the_shutter_counts() {
        Project open = project().withFrame(project().frame().withShutter(new Shutter(360)));
        assertAsChecked(open);
        Shot shot = open.shots().getFirst();
        assertThat(facts.edges(open, shot).margins())
                .isNotEqualTo(
                        facts.edges(project(), project().shots().getFirst()).margins());
    }
}
