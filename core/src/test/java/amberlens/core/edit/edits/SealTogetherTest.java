package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Refit;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.model.project.Carried;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Seals where several shots hang together: under rigs, and by links. */
class SealTogetherTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Media PLAN = Media.photo("m1", "plan.jpg", new Size(6000, 4000));
    private static final Media SHEET = Media.photo("m2", "sheet.jpg", new Size(3000, 2000));

    private static Shot shot(String id, Media media, int start, CameraTrack camera) {
        return new Shot(id, id, media.id(), 1, start, 41, true, camera, Extras.NONE);
    }

    private static CameraTrack filling(Media media, double zoom) {
        return CameraTrack.still(Refit.FILL.pose(media.size(), FRAME).zoomedAbout(FRAME.centre(), zoom));
    }

    private static Channel<Double> turn(double degrees) {
        return Channel.keyed(
                ValueKinds.NUMBER,
                List.of(Key.of(0, 0.0, Leg.LINEAR), Key.of(20, degrees, Leg.LINEAR), Key.of(40, 0.0, Leg.LINEAR)));
    }

    private static Project two(CameraTrack first, CameraTrack second) {
        return Project.empty("two")
                .withMedia(List.of(PLAN, SHEET))
                .withShots(List.of(shot("s1", PLAN, 0, first), shot("s2", SHEET, 41, second)));
    }

    /** A rig over both shots that turns the frame by 6° in the middle of the first and moves it aside over the second. */
    private static Project underRig() {
        Project project = RigEdits.lay(Set.of("s1", "s2")).apply(two(filling(PLAN, 1.02), filling(SHEET, 1.02)));
        Shot rig = project.shots().getLast();
        CameraTrack moving = rig.camera()
                .withRotation(turn(6))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(41, new FramePoint(960, 540), Leg.LINEAR),
                                Key.of(81, new FramePoint(1000, 560), Leg.LINEAR))));
        return ShotEdits.setCamera("turn", rig.id(), moving).apply(project);
    }

    private static boolean sealed(Project project, String id) {
        return EdgeReport.of(project.take(project.shot(id).orElseThrow())).isSealed();
    }

    private static Project accepted(Project project, String id, SealWay way, SealTerms terms) {
        Shot shot = project.shot(id).orElseThrow();
        SealResult result = SealEdits.seal(project, shot, way, terms);
        assertThat(result).as(id + " by " + way).isInstanceOf(SealResult.Sealed.class);
        return CarryEdits.apply(SealEdits.accept(shot, way, (SealResult.Sealed) result), project);
    }

    @ParameterizedTest
    @EnumSource(names = {"LIFT", "LEAST"})
    void a_shot_under_a_rig_is_sealed_as_it_is_seen(SealWay way) {
        Project project = underRig();
        assertThat(sealed(project, "s1")).isFalse();
        assertThat(sealed(accepted(project, "s1", way, SealTerms.free()), "s1")).isTrue();
    }

    @Test
    void under_a_rig_the_least_change_is_cheaper_than_a_lift_and_a_shift_is_enough_where_there_is_room() {
        Project project = underRig();
        Shot second = project.shot("s2").orElseThrow();
        var lift = (SealResult.Sealed) SealEdits.seal(project, second, SealWay.LIFT, SealTerms.free());
        var least = (SealResult.Sealed) SealEdits.seal(project, second, SealWay.LEAST, SealTerms.free());
        assertThat(least.cost().measure()).isLessThan(0.9 * lift.cost().measure());
        Project roomy = underRig()
                .mapShot(
                        "s2",
                        shot -> shot.withCamera(filling(SHEET, 1.2)
                                .withPosition(Channel.constant(ValueKinds.POSITION, new FramePoint(1130, 600)))));
        assertThat(sealed(roomy, "s2")).isFalse();
        Project shifted = accepted(roomy, "s2", SealWay.SHIFT, SealTerms.free());
        assertThat(sealed(shifted, "s2")).isTrue();
        assertThat(shifted.shot("s2").orElseThrow().camera().scale())
                .isEqualTo(roomy.shot("s2").orElseThrow().camera().scale());
    }

    @Test
    void a_rig_is_not_judged_by_itself_and_its_seal_closes_all_that_it_opens() {
        Project project = underRig();
        Shot rig = project.shots().getLast();
        assertThat(project.judges(rig)).isFalse();
        assertThat(project.under(rig)).extracting(Shot::id).containsExactly("s1", "s2");
        for (SealWay way : List.of(SealWay.LIFT, SealWay.LEAST)) {
            Project closed = accepted(project, rig.id(), way, SealTerms.free());
            assertThat(sealed(closed, "s1") && sealed(closed, "s2"))
                    .as(way.words())
                    .isTrue();
            assertThat(closed.shot("s1")).isEqualTo(project.shot("s1"));
        }
        Project harmless = ShotEdits.setCamera("still", rig.id(), filling(Media.rig("r", FRAME), 1))
                .apply(project);
        assertThat(SealEdits.seal(harmless, harmless.shots().getLast(), SealWay.LIFT, SealTerms.free()))
                .isInstanceOf(SealResult.AlreadySealed.class);
    }

    @Test
    void the_limit_under_a_rig_is_that_of_what_is_seen() {
        Project project = underRig();
        Shot first = project.shot("s1").orElseThrow();
        var refused = SealEdits.seal(project, first, SealWay.LEAST, SealTerms.limit(33));
        assertThat(refused).isInstanceOf(SealResult.Refused.class);
        assertThat(((SealResult.Refused) refused).reason()).contains("a limit of");
    }

    @net.jqwik.api.Property(tries = 200)
    void off_undoes_on(@ForAll long seed, @ForAll @IntRange(min = 0, max = 40) int frame) {
        var chance = new Random(seed);
        Project project = underRig();
        var ride = project.ride(project.shot("s1").orElseThrow());
        Pose pose = Refit.FILL
                .pose(PLAN.size(), FRAME)
                .zoomedAbout(FRAME.centre(), 0.5 + chance.nextDouble())
                .withDegrees(400 * chance.nextDouble() - 200);
        Pose back = ride.off(ride.on(pose, frame), frame);
        assertThat(back.position().distance(pose.position())).isLessThan(1e-9);
        assertThat(back.scale().x()).isCloseTo(pose.scale().x(), within(1e-9));
        assertThat(back.degrees()).isCloseTo(pose.degrees(), within(1e-9));
    }

    @Test
    void keep_inside_keeps_what_is_seen_under_a_rig_inside() {
        Project project = underRig().mapShot("s1", shot -> shot.withCamera(filling(PLAN, 1.3)));
        Pose wanted = project.shot("s1").orElseThrow().camera().at(20).withPosition(new FramePoint(1400, 300));
        Project moved = CameraEdits.setFraming("move", "s1", 20, wanted).apply(project);
        Shot shot = moved.shot("s1").orElseThrow();
        assertThat(EdgeReport.of(moved.take(shot)).margins().get(20).framePx()).isCloseTo(0, within(1e-6));
        assertThat(shot.camera().at(20).position().x()).isGreaterThan(960);
    }

    private static Shot following(Shot shot, String leader) {
        var link = new Carried(leader, Properties.OF_MOVE);
        return shot.withSettings(shot.settings().withCarried(Optional.of(link)));
    }

    @ParameterizedTest
    @EnumSource(names = {"LIFT", "LEAST"})
    void linked_moves_are_sealed_together_and_stay_linked(SealWay way) {
        CameraTrack turning = filling(PLAN, 1.02).withRotation(turn(4));
        Project linked = CarryEdits.apply(
                CarryEdits.carry("s1", Set.of("s2"), Properties.OF_MOVE, true), two(turning, filling(SHEET, 1)));
        Project closed = accepted(linked, "s1", way, SealTerms.free());
        assertThat(sealed(closed, "s1") && sealed(closed, "s2")).isTrue();
        assertThat(closed.shot("s2").orElseThrow().settings().carried()).isPresent();
    }

    @Test
    void a_follower_on_a_tighter_picture_decides_how_far_its_leader_is_lifted() {
        Media tight = Media.photo("m2", "tight.jpg", new Size(3000, 1700));
        Project project = Project.empty("tight")
                .withMedia(List.of(PLAN, tight))
                .withShots(List.of(
                        shot("s1", PLAN, 0, filling(PLAN, 1.2)),
                        following(shot("s2", tight, 41, filling(tight, 0.97)), "s1")));
        Shot leader = project.shot("s1").orElseThrow();
        assertThat(sealed(project, "s1")).isTrue();
        assertThat(SealEdits.concerned(project, leader)).extracting(Shot::id).containsExactly("s1", "s2");
        Project closed = accepted(project, "s1", SealWay.LIFT, SealTerms.free());
        assertThat(sealed(closed, "s2")).isTrue();
    }

    @Test
    void a_chain_of_links_gives_the_same_in_whatever_order_the_shots_stand() {
        Shot leader = shot("s1", PLAN, 0, filling(PLAN, 1.1));
        Shot middle = following(shot("s2", SHEET, 41, filling(SHEET, 1.1)), "s1");
        Shot last = following(shot("s3", PLAN, 82, filling(PLAN, 1.1)), "s2");
        CameraTrack turned = filling(PLAN, 1.4).withRotation(turn(3));
        Project forwards =
                Project.empty("chain").withMedia(List.of(PLAN, SHEET)).withShots(List.of(leader, middle, last));
        Project backwards = forwards.withShots(List.of(last, middle, leader));
        for (Project project : List.of(forwards, backwards)) {
            Project after = CarryEdits.apply(ShotEdits.setCamera("turn", "s1", turned), project);
            assertThat(after.shot("s3").orElseThrow().camera()).isEqualTo(turned);
            assertThat(after.shot("s2").orElseThrow().camera().rotation()).isEqualTo(turned.rotation());
            assertThat(LinkedMoves.following(after, "s1")).extracting(Shot::id).containsExactly("s2", "s3");
            assertThat(LinkedMoves.depth(after, after.shot("s3").orElseThrow())).isEqualTo(2);
        }
    }

    @Test
    void a_shot_cannot_follow_itself_through_others() {
        Project project = Project.empty("chain")
                .withMedia(List.of(PLAN, SHEET))
                .withShots(List.of(
                        shot("s1", PLAN, 0, filling(PLAN, 1.1)),
                        following(shot("s2", SHEET, 41, filling(SHEET, 1.3)), "s1")));
        assertThatThrownBy(() -> CarryEdits.carry("s2", Set.of("s1"), Properties.OF_MOVE, true)
                        .apply(project))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("free it first");
        assertThat(CarryEdits.carry("s2", Set.of("s1"), Properties.OF_MOVE, false)
                        .apply(project))
                .isNotEqualTo(project);
        assertThat(LinkedMoves.circle(project.shots())).isEmpty();
        Shot circling = following(project.shots().getFirst(), "s2");
        assertThat(LinkedMoves.circle(List.of(circling, project.shots().get(1))))
                .isPresent();
    }

    @Test
    void what_would_take_a_follower_beyond_the_largest_scale_is_refused_in_words() {
        Media speck = Media.photo("m3", "speck.png", new Size(1, 1));
        Project two = Project.empty("speck")
                .withMedia(List.of(PLAN, speck))
                .withShots(List.of(
                        shot("s1", PLAN, 0, filling(PLAN, 1.0 / 13)), shot("s2", speck, 41, filling(speck, 1.1))));
        Project under = RigEdits.lay(Set.of("s1")).apply(two);
        String rig = under.shots().getLast().id();
        Project followed = CarryEdits.carry(rig, Set.of("s2"), Set.of(Properties.SCALE), true)
                .apply(under);
        for (String id : List.of("s1", rig)) {
            SealResult result =
                    SealEdits.seal(followed, followed.shot(id).orElseThrow(), SealWay.LIFT, SealTerms.free());
            if (id.equals(rig)) {
                assertThat(result)
                        .isInstanceOfSatisfying(SealResult.Refused.class, refused -> assertThat(refused.reason())
                                .contains("out of range", "scale"));
            } else {
                assertThat(result).isInstanceOf(SealResult.Sealed.class);
            }
        }
    }
}
