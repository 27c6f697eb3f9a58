package amberlens.desktop.desk.state;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.motion.pose.Pose;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A document that is looked at in the frame of a delivery. */
class DocumentShapesTest {
    private static final Size SQUARE = new Size(1080, 1080);

    private final Desk desk = new Desk();
    private final Document document = desk.document();
    private int everything;

    @BeforeEach
    void load() {
        Media plan = Media.photo("m1", "/archive/plan.jpg", new Size(6000, 4000));
        Project project =
                ShotEdits.add(plan, Refit.FILL, 0).apply(MediaEdits.add(plan).apply(Project.empty("Fernhollow")));
        document.load(DeliveryEdits.add("", SQUARE).apply(project), Optional.empty());
        document.lookAt(Optional.of("d1"));
        desk.subscribe(changes ->
                everything += changes.contains(Change.PROJECT) && changes.concern(Optional.of("other")) ? 1 : 0);
    }

    private Pose off() {
        return document.project().pose(document.project().shots().getFirst(), 0).withPosition(new FramePoint(500, 540));
    }

    @Test
    void a_gesture_is_shown_and_given_up_or_made_in_the_frame_that_is_looked_at() {
        Project whole = document.whole();
        Project before = document.project();
        assertThat(before.frameSize()).isEqualTo(SQUARE);
        document.show(CameraEdits.setPose("framing", "s1", 0, off()));
        assertThat(document.project().shots().getFirst().camera().position().at(0))
                .isEqualTo(new FramePoint(500, 540));
        assertThat(document.settled()).isSameAs(before);
        assertThat(everything).as("only the shot that was touched").isZero();
        document.cancel();
        assertThat(document.project()).isEqualTo(before);
        document.apply(CameraEdits.setPose("framing", "s1", 0, off()));
        assertThat(document.whole().shots().getFirst().camera())
                .isEqualTo(whole.shots().getFirst().camera());
        assertThat(document.snapshot().project().frameSize()).isEqualTo(new Size(1920, 1080));
        document.undo();
        assertThat(document.project()).isEqualTo(before);
        document.redo();
        assertThat(document.project().shots().getFirst().camera().position().at(0))
                .isEqualTo(new FramePoint(500, 540));
    }

    @Test
    void a_delivery_that_goes_away_leaves_the_film_and_comes_back_with_its_step() {
        document.applyToWhole(DeliveryEdits.remove("d1"));
        assertThat(document.delivery()).isEmpty();
        assertThat(document.project()).isSameAs(document.whole());
        document.undo();
        assertThat(document.delivery().map(Delivery::name)).contains("1x1");
        assertThat(document.project().frameSize()).isEqualTo(SQUARE);
        document.load(Project.empty("Beds"), Optional.empty());
        assertThat(document.delivery()).isEmpty();
        assertThat(document.project().frameSize()).isEqualTo(new Size(1920, 1080));
    }
}
