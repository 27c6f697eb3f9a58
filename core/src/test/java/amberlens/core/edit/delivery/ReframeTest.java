package amberlens.core.edit.delivery;

import static amberlens.core.edit.delivery.DeliveryFilmTest.film;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomMoves;
import amberlens.core.RandomPoses;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ReframeTest {
    private static final Size FRAME = RandomMoves.FRAME;

    /** Looks at the corners of the frame in the picture itself, without the report of edges. */
    @Test
    void every_delivery_of_random_pictures_and_moves_is_sealed_or_named() {
        Random chance = new Random(1604);
        int framed = 0;
        int subjects = 0;
        int lost = 0;
        for (int i = 0; i < 60; i++) {
            Size picture = new Size(600 + chance.nextInt(6000), 600 + chance.nextInt(4000));
            CameraTrack camera = RandomPoses.centred(chance, picture, FRAME, 90);
            Delivery delivery = Delivery.of("d1", new Size(300 + chance.nextInt(2000), 300 + chance.nextInt(2000)));
            Project project = pictured(film(camera, 90, delivery), picture);
            Project whole = project;
            if (i % 4 < 3
                    && SealEdits.seal(whole, whole.shots().getFirst(), SealWay.LIFT, SealTerms.free())
                            instanceof SealResult.Sealed lifted) {
                project = project.mapShot("s1", one -> one.withCamera(lifted.camera()));
            }
            if (i % 2 == 0) {
                PicturePoint seen = project.pose(project.shots().getFirst(), 0)
                        .toPicture(new FramePoint(
                                FRAME.width() * chance.nextDouble(), FRAME.height() * chance.nextDouble()));
                var subject = new PicturePoint(
                        Math.clamp(seen.x(), 0, picture.width()), Math.clamp(seen.y(), 0, picture.height()));
                project = project.mapShot(
                        "s1", shot -> shot.withSettings(shot.settings().withSubject(Optional.of(subject))));
            }
            Shot shot = project.shots().getFirst();
            boolean sealed = EdgeReport.of(project.take(shot)).isSealed();
            switch (new Reframe(project, delivery, SealTerms.free()).of(shot)) {
                case Reframe.Framed found -> {
                    framed++;
                    Project there = DeliveryFilm.of(
                            DeliveryEdits.reframe("d1", List.of(found)).apply(project), delivery);
                    covered(there, picture, delivery.size());
                    boolean seen = sealed && inFrame(project);
                    subjects += seen ? 1 : 0;
                    lost += seen && !inFrame(there) ? 1 : 0;
                }
                case Reframe.Refused refused -> assertThat(refused.reason()).isNotBlank();
                case Reframe.Unneeded _ -> throw new AssertionError("a picture that fills the frame is reframed");
            }
        }
        assertThat(framed).isGreaterThan(50);
        assertThat(subjects).isGreaterThan(10);
        assertThat(lost).isLessThanOrEqualTo(1);
    }

    /** Whether the subject stands in the frame when the shot begins. */
    private static boolean inFrame(Project film) {
        Shot shot = film.shots().getFirst();
        return shot.settings().subject().stream().anyMatch(subject -> {
            FramePoint at = film.pose(shot, 0).toFrame(subject);
            return at.x() >= 0
                    && at.y() >= 0
                    && at.x() <= film.frameSize().width()
                    && at.y() <= film.frameSize().height();
        });
    }

    private static void covered(Project there, Size picture, Size frame) {
        Shot shot = there.shots().getFirst();
        for (int at = 0; at < shot.length(); at++) {
            Pose pose = there.pose(shot, at);
            for (FramePoint corner : List.of(
                    FramePoint.ZERO,
                    new FramePoint(frame.width(), 0),
                    new FramePoint(0, frame.height()),
                    new FramePoint(frame.width(), frame.height()))) {
                PicturePoint seen = pose.toPicture(corner);
                assertThat(seen.x()).as("frame %d", at).isBetween(-0.01, picture.width() + 0.01);
                assertThat(seen.y()).as("frame %d", at).isBetween(-0.01, picture.height() + 0.01);
            }
        }
    }

    private static Project pictured(Project project, Size picture) {
        return project.withMedia(List.of(Media.photo("m1", "any.jpg", picture)));
    }

    /** A large picture: nothing has to be sealed. Shown as much by area; 1920 × 1080 and 1080 × 1920 pixels are as many. */
    @Test
    void as_much_is_shown_around_the_same_middle() {
        Delivery upright = DeliveryFilmTest.UPRIGHT;
        Size picture = new Size(9000, 9000);
        Pose pose = Pose.neutral(picture, FRAME)
                .withScale(Scale.uniform(50))
                .withPosition(new FramePoint(1100, 300))
                .withDegrees(10);
        Project project = pictured(film(CameraTrack.still(pose), 10, upright), picture);
        var found = (Reframe.Framed) new Reframe(project, upright, SealTerms.free())
                .of(project.shots().getFirst());
        Pose there = found.camera().at(0).in(picture, upright.size());
        assertThat(there.scale().x()).isCloseTo(50, within(1e-9));
        assertThat(there.degrees()).isEqualTo(10);
        PicturePoint middle = pose.toPicture(FRAME.centre());
        assertThat(there.toFrame(middle).x()).isCloseTo(540, within(1e-6));
        assertThat(there.toFrame(middle).y()).isCloseTo(960, within(1e-6));
    }

    @Test
    void a_subject_at_the_third_stays_at_the_third() {
        Delivery upright = DeliveryFilmTest.UPRIGHT;
        Size picture = new Size(12000, 12000);
        Pose pose = Pose.neutral(picture, FRAME).withScale(Scale.uniform(40));
        PicturePoint subject = pose.toPicture(new FramePoint(640, 720));
        Project project = pictured(film(CameraTrack.still(pose), 10, upright), picture)
                .mapShot("s1", shot -> shot.withSettings(shot.settings().withSubject(Optional.of(subject))));
        var found = (Reframe.Framed) new Reframe(project, upright, SealTerms.free())
                .of(project.shots().getFirst());
        FramePoint at = found.camera().at(0).in(picture, upright.size()).toFrame(subject);
        assertThat(at.x()).isCloseTo(360, within(1e-6));
        assertThat(at.y()).isCloseTo(1280, within(1e-6));
    }

    @Test
    void a_picture_that_leans_beyond_sight_is_named_and_a_title_needs_nothing() {
        Delivery upright = DeliveryFilmTest.UPRIGHT;
        Size picture = new Size(3000, 2000);
        Pose pose = Pose.neutral(picture, FRAME);
        pose = pose.withDepth(pose.depth().withPitch(90));
        Project project = pictured(film(CameraTrack.still(pose), 3, upright), picture);
        assertThat(new Reframe(project, upright, SealTerms.free())
                        .of(project.shots().getFirst()))
                .isInstanceOfSatisfying(Reframe.Refused.class, refused -> assertThat(refused.reason())
                        .contains("frame"));
        Project loose =
                project.mapShot("s1", shot -> shot.withSettings(shot.settings().withFillsFrame(false)));
        assertThat(new Reframe(loose, upright, SealTerms.free())
                        .of(loose.shots().getFirst()))
                .isEqualTo(new Reframe.Unneeded("s1"));
    }
}
