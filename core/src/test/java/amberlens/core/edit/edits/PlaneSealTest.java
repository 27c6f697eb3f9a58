package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.OutputTimes;
import amberlens.core.edit.check.OutputEdge;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.judge.edges.Refit;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PlaneSealTest {
    private static final Size PICTURE = new Size(4000, 3000);

    private static Project project(Fill fill) {
        var outline = List.of(
                new PicturePoint(1500, 1200),
                new PicturePoint(2100, 1200),
                new PicturePoint(2100, 2000),
                new PicturePoint(1500, 2000));
        Media gate = Media.photo("m1", "gate.jpg", PICTURE)
                .withPlanes(List.of(new Plane("p1", "Post", outline, 0.5, 4, fill, Extras.NONE)));
        Project empty = Project.empty("Gate");
        CameraTrack camera = CameraTrack.still(Refit.FILL.pose(PICTURE, empty.frameSize()));
        return empty.withMedia(List.of(gate))
                .withShots(List.of(new Shot("s1", "Gate", "m1", 1, 0, 24, true, camera, Extras.NONE)));
    }

    private static Project moved(Project project, ReadyMove move) {
        return ReadyEdits.plan(project, Set.of("s1"), move, MoveWish.USUAL, 300)
                .edit()
                .apply(project);
    }

    private static boolean sealed(Project project) {
        return ShotCheck.of(project, project.shots().getFirst()).sealed();
    }

    @ParameterizedTest
    @EnumSource(
            value = ReadyMove.class,
            names = {"SLIDE_PAST", "PUSH_THROUGH", "SLIDE", "DRIFT"})
    void readyMovesEndSealedBehindPlanesWhateverIsFilled(ReadyMove move) {
        Fill shallow = Fill.whole(Fill.Kind.SPREAD).withReach(1);
        Project filled = moved(project(shallow), move);
        assertThat(sealed(filled)).isTrue();
        assertThat(filled.media().getFirst().planes().getFirst().fill().reach()).isGreaterThan(1);
        Project bare = moved(project(Fill.NONE), move);
        assertThat(sealed(bare)).isTrue();
        assertThat(bare.shots().getFirst().camera().get(Properties.PARALLAX).constant())
                .isLessThan(100);
    }

    /** A lift brings the lens nearer to a plane, and more is seen behind it. */
    @Test
    void aLiftForAnOutputIsFollowedByASealBehindThePlanes() {
        Project filled = moved(project(Fill.whole(Fill.Kind.SPREAD)), ReadyMove.SLIDE_PAST);
        Shot shot = filled.shots().getFirst();
        Project shifted = filled.mapShot(
                "s1",
                any -> any.withCamera(any.camera()
                        .withPosition(any.camera().position().mapValues(at -> at.plus(new FramePoint(300, 0))))));
        OutputTimes times = new OutputTimes(
                new FrameSpan(0, shot.length() - 1),
                shifted.frame().rate(),
                shifted.frame().rate());
        assertThat(OutputEdge.of(shifted, times)).isNotEmpty();
        OutputSeal seal = OutputSeal.of(shifted, times, SealWay.LIFT, SealTerms.free());
        assertThat(seal.refusals()).isEmpty();
        assertThat(OutputEdge.of(CarryEdits.apply(seal.edit(), shifted), times)).isEmpty();
    }

    /** The fill is the picture's, in whatever shape it is looked at; the moves of the film's own frame stay theirs. */
    @Test
    void aSealInADeliveryFillsDeeperAndLeavesTheFilmItsMove() {
        Project film = moved(project(Fill.whole(Fill.Kind.SPREAD)), ReadyMove.SLIDE_PAST);
        Project shallow = PlaneEdits.set(
                        "filling",
                        "m1",
                        PlaneEdits.changed(
                                film.media().getFirst(),
                                "p1",
                                plane -> plane.withFill(plane.fill().withReach(1))))
                .apply(film)
                .withDeliveries(List.of(new Delivery("d1", "Upright", new Size(1080, 1920), Extras.NONE)));
        Project seen = new DeliveryFilm("d1").of(shallow);
        PlaneSeal seal = PlaneSeal.of(seen, seen.shots().getFirst()).orElseThrow();
        Project after = CarryEdits.apply(DeliveryEdits.inAllShapes(seal.edit(), Optional.of("d1")), shallow);
        assertThat(sealed(new DeliveryFilm("d1").of(after))).isTrue();
        assertThat(after.shots().getFirst().camera())
                .isEqualTo(shallow.shots().getFirst().camera());
        assertThat(after.media().getFirst().planes().getFirst().fill().reach()).isGreaterThan(1);
    }
}
