package amberlens.core.edit.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomMoves;
import amberlens.core.RandomPoses;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.RigEdits;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.material.shake.StockShake;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.CornerOffsets;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DeliveryFilmTest {
    private static final Size FRAME = RandomMoves.FRAME;
    private static final Media PLAN = Media.photo("m1", "plan.jpg", RandomMoves.PICTURE);
    static final Delivery UPRIGHT = Delivery.of("d1", new Size(1080, 1920));

    static Project film(CameraTrack camera, int length, Delivery... deliveries) {
        return Project.empty("Fernhollow")
                .withMedia(List.of(PLAN))
                .withShots(List.of(new Shot("s1", "Plan", "m1", 1, 0, length, true, camera, Extras.NONE)))
                .withDeliveries(List.of(deliveries));
    }

    @ParameterizedTest
    @CsvSource({
        "1920,1080,16x9",
        "1080,1920,9x16",
        "1080,1350,4x5",
        "1920,804,1920x804",
        "1080,1080,1x1",
        "1921,1080,1921x1080"
    })
    void deliveries_are_named_by_their_shape_where_small_numbers_say_it(int width, int height, String name) {
        assertThat(Delivery.shape(new Size(width, height))).isEqualTo(name);
    }

    @Test
    void a_name_that_no_file_can_have_or_that_is_there_already_is_refused() {
        Size size = new Size(100, 100);
        assertThatThrownBy(() -> new Delivery("d1", "up/right", size, Extras.NONE))
                .hasMessageContaining("files are named");
        assertThatThrownBy(() -> new Delivery("d1", " ", size, Extras.NONE)).hasMessageContaining("name");
        assertThatThrownBy(() -> film(
                        CameraTrack.still(Pose.neutral(PLAN.size(), FRAME)),
                        2,
                        new Delivery("d1", "Upright", size, Extras.NONE),
                        new Delivery("d2", "UPRIGHT", size, Extras.NONE)))
                .hasMessageContaining("UPRIGHT");
    }

    /** The middle of one frame is the middle of the other, and one pixel becomes 1920/1080 pixels: worked out by hand for 9:16. */
    @Test
    void an_upright_delivery_shows_the_middle_of_the_frame_from_top_to_bottom() {
        Random chance = new Random(16);
        for (int i = 0; i < 200; i++) {
            Pose pose = RandomPoses.any(chance, PLAN.size(), FRAME);
            if (i % 2 == 0) {
                pose = pose.withDepth(new Depth(
                        30 * chance.nextGaussian(),
                        20 * chance.nextGaussian(),
                        2,
                        CornerOffsets.NONE,
                        Optional.empty()));
            }
            Project project = film(CameraTrack.still(pose), 2, UPRIGHT);
            Project upright = DeliveryFilm.of(project, UPRIGHT);
            Pose before = project.pose(project.shots().getFirst(), 0);
            Pose after = upright.pose(upright.shots().getFirst(), 0);
            for (double x : new double[] {656.25, 960, 1263.75}) {
                for (double y : new double[] {0, 540, 1080}) {
                    if (before.projection().isPresent()
                            && before.projection().get().unseen().isPresent()) {
                        continue;
                    }
                    PicturePoint shown = before.toPicture(new FramePoint(x, y));
                    FramePoint there = after.toFrame(shown);
                    assertThat(there.x()).isCloseTo((x - 656.25) * 16 / 9, within(1e-5));
                    assertThat(there.y()).isCloseTo(y * 16 / 9, within(1e-5));
                }
            }
        }
        assertThat(film(CameraTrack.still(Pose.neutral(PLAN.size(), FRAME)), 2, UPRIGHT)
                        .frameSize())
                .isEqualTo(FRAME);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void what_is_sealed_in_the_film_is_sealed_in_every_shape_of_it(int seed) {
        Random chance = new Random(seed);
        Take take = RandomMoves.any(chance, 80, true);
        Project open = film(take.camera(), 80);
        if (!(SealEdits.seal(open, open.shots().getFirst(), SealWay.LIFT, SealTerms.free())
                instanceof SealResult.Sealed sealed)) {
            return;
        }
        Delivery any = Delivery.of("d1", new Size(200 + chance.nextInt(2000), 200 + chance.nextInt(2000)));
        Project there = DeliveryFilm.of(film(sealed.camera(), 80, any), any);
        assertThat(there.frameSize()).isEqualTo(any.size());
        assertThat(EdgeReport.of(there.take(there.shots().getFirst())).isSealed())
                .isTrue();
    }

    @Test
    void what_does_not_fill_the_frame_is_seen_whole() {
        Pose inset = Pose.neutral(PLAN.size(), FRAME).zoomedAbout(FRAME.centre(), 0.2);
        Project project = film(CameraTrack.still(inset), 2, UPRIGHT)
                .mapShot("s1", shot -> shot.withSettings(shot.settings().withFillsFrame(false)));
        Project there = DeliveryFilm.of(project, UPRIGHT);
        Pose seen = there.pose(there.shots().getFirst(), 0);
        FramePoint corner = seen.toFrame(new PicturePoint(0, 0));
        FramePoint before = inset.toFrame(new PicturePoint(0, 0));
        assertThat(corner.x()).isCloseTo(before.x() * 0.5625, within(1e-9));
        assertThat(corner.y()).isCloseTo(960 + (before.y() - 540) * 0.5625, within(1e-9));
    }

    @Test
    void a_rig_moves_what_is_seen_in_the_same_way() {
        Random chance = new Random(5);
        Project project = RigEdits.lay(Set.of("s1"))
                .apply(film(CameraTrack.still(RandomPoses.any(chance, PLAN.size(), FRAME)), 20, UPRIGHT));
        Shot rig = project.shots().getLast();
        Pose pushed = RandomPoses.any(chance, FRAME, FRAME);
        project = project.mapShot(
                rig.id(), shot -> shot.withCamera(CameraTrack.still(pushed.withScale(Scale.uniform(130)))));
        Project there = DeliveryFilm.of(project, UPRIGHT);
        Pose before = project.take(project.shots().getFirst()).pose(3);
        Pose after = there.take(there.shots().getFirst()).pose(3);
        for (FramePoint at : List.of(new FramePoint(960, 540), new FramePoint(700, 100), new FramePoint(1200, 900))) {
            FramePoint seen = after.toFrame(before.toPicture(at));
            assertThat(seen.x()).isCloseTo((at.x() - 656.25) * 16 / 9, within(1e-6));
            assertThat(seen.y()).isCloseTo(at.y() * 16 / 9, within(1e-6));
        }
    }

    /** A delivery is a window of the film's frame, a hand that shakes it goes along: what was sealed stays it. */
    @Test
    void a_shake_moves_what_is_seen_in_the_same_way() {
        Random chance = new Random(7);
        Project project = film(CameraTrack.still(RandomPoses.any(chance, PLAN.size(), FRAME)), 40, UPRIGHT)
                .mapShot(
                        "s1",
                        shot -> shot.withSettings(shot.settings()
                                .withShake(Optional.of(new ShakeLayer(StockShake.WALKING.shake(), 200, 0)))));
        Project there = DeliveryFilm.of(project, UPRIGHT);
        for (int frame = 0; frame < 40; frame += 3) {
            Pose before = project.take(project.shots().getFirst()).pose(frame);
            Pose after = there.take(there.shots().getFirst()).pose(frame);
            FramePoint at = new FramePoint(700, 100);
            FramePoint seen = after.toFrame(before.toPicture(at));
            assertThat(seen.x()).isCloseTo((at.x() - 656.25) * 16 / 9, within(1e-6));
            assertThat(seen.y()).isCloseTo(at.y() * 16 / 9, within(1e-6));
        }
    }

    @Test
    void a_shot_with_framings_of_its_own_moves_by_them_and_one_that_stays_is_the_same_again() {
        CameraTrack camera = CameraTrack.still(Pose.neutral(PLAN.size(), FRAME));
        CameraTrack own =
                CameraTrack.still(new Pose(Scale.uniform(77), new FramePoint(1, 2), 3, new PicturePoint(4, 5)));
        Project project = film(camera, 20, UPRIGHT);
        var film = new DeliveryFilm("d1");
        Project first = film.of(project);
        Project owned =
                project.mapShot("s1", shot -> shot.withSettings(shot.settings().withDelivery("d1", Optional.of(own))));
        assertThat(film.of(project.withName("again")).shots().getFirst())
                .isSameAs(first.shots().getFirst());
        assertThat(film.of(owned).shots().getFirst().camera()).isEqualTo(own);
        assertThat(new DeliveryFilm("gone").of(project)).isSameAs(project);
    }
}
