package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.MediaEdits.Look;
import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Refit;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.project.LineUp;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class ManyShotsTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Media PLAN = Media.photo("m1", "plan.jpg", new Size(6000, 4000));
    private static final Media SMALL = Media.photo("m2", "small.jpg", new Size(3000, 2000));
    private static final Media POND =
            Media.footage("m3", Media.Kind.FILM, "pond.mp4", new Size(1920, 1080), new Footage(FrameRate.of(25), 300));

    private static CameraTrack move() {
        Pose from = Refit.FILL.pose(PLAN.size(), FRAME).zoomedAbout(FRAME.centre(), 1.2);
        Pose to = from.zoomedAbout(FRAME.centre(), 1.5);
        return CameraTrack.still(from)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, from.scale(), Leg.LINEAR), Key.of(99, to.scale(), Leg.LINEAR))));
    }

    private static Shot shot(String id, Media media, int track, int start, int length) {
        CameraTrack camera = CameraTrack.still(Refit.FILL.pose(media.size(), FRAME));
        return new Shot(id, id, media.id(), track, start, length, true, camera, Extras.NONE);
    }

    /** Three shots in a row: 0 – 99, 100 – 149, 150 – 249. */
    private static Project row() {
        return Project.empty("row")
                .withMedia(List.of(PLAN, SMALL, POND))
                .withShots(List.of(
                        shot("s1", PLAN, 1, 0, 100).withCamera(move()),
                        shot("s2", SMALL, 1, 100, 50),
                        shot("s3", POND, 1, 150, 100)));
    }

    private static List<String> lying(Project project, int track) {
        return LineUp.track(project, track).stream()
                .map(shot -> shot.id() + " " + shot.start() + "+" + shot.length())
                .toList();
    }

    @Test
    void rippling_closes_and_makes_room_and_overwriting_cuts_what_lies_there() {
        Project rippled = LineUpEdits.move(Set.of("s1"), 110, 0, Laying.RIPPLE).apply(row());
        assertThat(lying(rippled, 1)).containsExactly("s2 0+50", "s3 50+100", "s1 150+100");
        Project over = LineUpEdits.move(Set.of("s1"), 120, 0, Laying.OVERWRITE).apply(row());
        assertThat(lying(over, 1)).containsExactly("s2 100+20", "s1 120+100", "s3 220+30");
        assertThat(over.shot("s3").orElseThrow().source().in()).isEqualTo(70);
    }

    @Test
    void a_shot_laid_into_the_middle_of_another_leaves_both_its_ends() {
        Project project =
                LineUpEdits.move(Set.of("s2"), -70, 0, Laying.OVERWRITE).apply(row());
        assertThat(lying(project, 1)).containsExactly("s1 0+30", "s2 30+50", "s4 80+20", "s3 150+100");
        Pose whole = move().at(85);
        assertThat(project.shot("s4").orElseThrow().camera().at(5)).isEqualTo(whole);
    }

    @Test
    void shots_go_up_to_a_track_of_their_own_together() {
        Project project =
                LineUpEdits.move(Set.of("s1", "s2"), 10, 1, Laying.OVERWRITE).apply(row());
        assertThat(lying(project, 2)).containsExactly("s1 10+100", "s2 110+50");
        assertThat(lying(project, 1)).containsExactly("s3 150+100");
    }

    @Test
    void a_trim_at_the_start_keeps_the_move_in_its_place_in_time() {
        Project project = LineUpEdits.trimStart("s1", 30, Laying.OVERWRITE).apply(row());
        assertThat(lying(project, 1)).startsWith("s1 30+70", "s2 100+50");
        assertThat(project.shot("s1").orElseThrow().camera().at(10)).isEqualTo(move().at(40));
        Project back = LineUpEdits.trimStart("s1", -30, Laying.OVERWRITE).apply(project);
        assertThat(back.shot("s1")).isEqualTo(row().shot("s1"));
        Project rippled = LineUpEdits.trimStart("s1", 30, Laying.RIPPLE).apply(row());
        assertThat(lying(rippled, 1)).containsExactly("s1 0+70", "s2 70+50", "s3 120+100");
    }

    @Test
    void footage_cannot_begin_before_its_first_frame() {
        Project project = LineUpEdits.trimStart("s3", -20, Laying.OVERWRITE).apply(row());
        assertThat(lying(project, 1)).endsWith("s3 150+100");
        Project slipped = LineUpEdits.slip("s3", 15).apply(row());
        Project earlier = LineUpEdits.trimStart("s3", -20, Laying.OVERWRITE).apply(slipped);
        assertThat(earlier.shot("s3").orElseThrow().source().in()).isZero();
        assertThat(lying(earlier, 1)).containsExactly("s1 0+100", "s2 100+35", "s3 135+115");
    }

    @Test
    void lengths_fit_a_total() {
        Project total = LineUpEdits.fitTotal(Set.of("s1", "s2", "s3"), 500, Timing.STRETCH)
                .apply(row());
        assertThat(LineUp.length(total)).isEqualTo(500);
        assertThat(lying(total, 1)).containsExactly("s1 0+200", "s2 200+100", "s3 300+200");
        assertThat(total.shot("s1").orElseThrow().camera().at(199)).isEqualTo(move().at(99));
    }

    @Test
    void copies_gaps_and_deletions() {
        Project copied = LineUpEdits.duplicate(Set.of("s1", "s2")).apply(row());
        assertThat(lying(copied, 1)).containsExactly("s1 0+100", "s2 100+50", "s4 150+100", "s5 250+50", "s3 300+100");
        Project gap = LineUpEdits.delete(Set.of("s2"), Laying.OVERWRITE).apply(row());
        assertThat(lying(gap, 1)).containsExactly("s1 0+100", "s3 150+100");
        assertThat(lying(LineUpEdits.closeGaps(1).apply(gap), 1)).containsExactly("s1 0+100", "s3 100+100");
    }

    @Test
    void a_dissolve_overlaps_the_neighbours_and_can_be_taken_back() {
        Project project = LayeringEdits.dissolve("s2", 20).apply(row());
        assertThat(lying(project, 1)).containsExactly("s1 0+100", "s2 80+50", "s3 130+100");
        assertThat(LayeringEdits.overlap(project, project.shot("s2").orElseThrow()))
                .isEqualTo(20);
        assertThat(lying(LayeringEdits.dissolve("s2", 0).apply(project), 1)).isEqualTo(lying(row(), 1));
        assertThatThrownBy(() -> LayeringEdits.dissolve("s1", 20).apply(row()))
                .hasMessageContaining("nothing on its track");
    }

    @Test
    void a_picture_is_replaced_with_the_same_look_or_the_same_numbers() {
        Project look = MediaEdits.replace(Set.of("s1"), "m2", Look.SAME_LOOK).apply(row());
        Pose shown = look.shot("s1").orElseThrow().camera().at(60);
        PicturePoint centre = shown.gateCentre(FRAME);
        PicturePoint before = move().at(60).gateCentre(FRAME);
        assertThat(centre.x()).isCloseTo(before.x() / 2, within(1e-9));
        assertThat(centre.y()).isCloseTo(before.y() / 2, within(1e-9));
        assertThat(shown.scale().x()).isCloseTo(2 * move().at(60).scale().x(), within(1e-9));
        Project numbers =
                MediaEdits.replace(Set.of("s1"), "m2", Look.SAME_NUMBERS).apply(row());
        assertThat(numbers.shot("s1").orElseThrow().camera()).isEqualTo(move());
    }

    private static Project carried(boolean linked) {
        return CarryEdits.carry("s1", Set.of("s2", "s3"), Set.of(Properties.SCALE, Properties.POSITION), linked)
                .apply(row());
    }

    @Test
    void a_carried_move_looks_the_same_and_lasts_as_long_as_its_shot() {
        Project project = carried(false);
        Pose there = project.shot("s2").orElseThrow().camera().at(49);
        assertThat(there.scale().x()).isCloseTo(2 * move().at(99).scale().x(), within(1e-9));
        assertThat(project.shot("s2").orElseThrow().settings().carried()).isEmpty();
    }

    @Test
    void linked_moves_follow_and_what_is_changed_on_them_becomes_their_own() {
        History<String> history = new History<>(carried(true));
        Pose larger = move().at(0).withScale(Scale.uniform(80));
        history.apply(CameraEdits.setPose("change", "s1", 0, larger), "");
        double followed = history.present()
                .shot("s2")
                .orElseThrow()
                .camera()
                .at(0)
                .scale()
                .x();
        assertThat(followed).isCloseTo(160, within(1e-9));
        Pose own = history.present().shot("s2").orElseThrow().camera().at(0).withPosition(new FramePoint(900, 500));
        history.apply(CameraEdits.setPose("own", "s2", 0, own), "");
        Shot second = history.present().shot("s2").orElseThrow();
        assertThat(second.settings().carried().orElseThrow().properties()).containsExactly(Properties.SCALE);
        FramePoint kept = second.camera().at(0).position();
        history.apply(CameraEdits.setPose("change", "s1", 0, larger.withScale(Scale.uniform(90))), "");
        Shot after = history.present().shot("s2").orElseThrow();
        assertThat(after.camera().at(0).scale().x()).isCloseTo(180, within(1e-9));
        assertThat(after.camera().at(0).position()).isEqualTo(kept);
        history.apply(LineUpEdits.delete(Set.of("s1"), Laying.RIPPLE), "");
        assertThat(history.present().shot("s2").orElseThrow().settings().carried())
                .isEmpty();
    }

    @net.jqwik.api.Property(tries = 60)
    void arranged_pictures_of_any_size_are_sealed_or_named_and_never_get_the_same_move_twice_in_a_row(
            @ForAll @LongRange(max = 10_000) long seed, @ForAll @IntRange(min = 2, max = 12) int count) {
        var chance = new Random(seed);
        List<Media> media = new ArrayList<>();
        List<Shot> shots = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Size size = new Size(200 + chance.nextInt(19_800), 200 + chance.nextInt(4000));
            media.add(Media.photo("m" + i, i + ".jpg", size));
            shots.add(shot("s" + i, media.get(i), 1, 50 * i, 50));
        }
        Project project = Project.empty("forty").withMedia(media).withShots(shots);
        Set<String> all = Set.copyOf(shots.stream().map(Shot::id).toList());
        ReadyEdits.Plan plan = ReadyEdits.arrange(project, all, seed, 100, 110);
        assertThat(ReadyEdits.arrange(project, all, seed, 100, 110)).isEqualTo(plan);
        Project arranged = plan.edit().apply(project);
        for (Shot shot : arranged.shots()) {
            boolean named =
                    plan.remarks().containsKey(shot.id()) && !plan.cameras().containsKey(shot.id());
            assertThat(named || EdgeReport.of(arranged.take(shot)).isSealed())
                    .as(shot.id())
                    .isTrue();
        }
    }

    @Test
    void a_rig_rides_on_all_below_it_and_edges_are_judged_for_both_together() {
        Project rigged = RigEdits.lay(Set.of("s1", "s2")).apply(row());
        Shot rig = rigged.shots().getLast();
        assertThat(rig.onLineUp().from()).isZero();
        assertThat(rig.onLineUp().to()).isEqualTo(149);
        assertThat(rigged.ride(rigged.shot("s3").orElseThrow()).isNone()).isTrue();
        Project turned = CameraEdits.setPose(
                        "turn", rig.id(), 0, rig.camera().at(0).withDegrees(5))
                .apply(rigged);
        Shot second = turned.shot("s2").orElseThrow();
        Pose combined = turned.take(second).pose(10);
        assertThat(combined.degrees()).isEqualTo(5);
        var through = rig.camera().at(0).withDegrees(5);
        FramePoint own = second.camera().at(10).toFrame(new PicturePoint(700, 300));
        FramePoint both = through.toFrame(new PicturePoint(own.x(), own.y()));
        assertThat(combined.toFrame(new PicturePoint(700, 300)).distance(both)).isLessThan(1e-9);
        assertThat(EdgeReport.of(turned.take(second)).isSealed()).isFalse();
        var sealed = (SealResult.Sealed) SealEdits.seal(turned, second, SealWay.LIFT, SealTerms.free());
        Project closed = SealEdits.accept(second, SealWay.LIFT, sealed).apply(turned);
        EdgeReport report = EdgeReport.of(closed.take(closed.shot("s2").orElseThrow()));
        assertThat(report.isSealed()).isTrue();
        assertThat(report.worst().framePx())
                .as("the least lift just fills the frame")
                .isCloseTo(0, within(0.01));
    }

    @Test
    void a_ready_pulse_on_a_rig_opens_no_edge_below() {
        Project rigged = RigEdits.lay(Set.of("s1", "s2", "s3")).apply(row());
        String rig = rigged.shots().getLast().id();
        Project pulsing = ReadyEdits.plan(rigged, Set.of(rig), ReadyMove.PULSE, MoveWish.USUAL, 110)
                .edit()
                .apply(rigged);
        for (Shot shot : pulsing.shots()) {
            if (!pulsing.isRig(shot)) {
                assertThat(EdgeReport.of(pulsing.take(shot)).isSealed()).isTrue();
            }
        }
        assertThat(pulsing.take(pulsing.shot("s2").orElseThrow()).poses().stream()
                        .mapToDouble(pose -> pose.scale().x())
                        .distinct()
                        .count())
                .isGreaterThan(2);
    }

    @Test
    void a_tied_move_goes_along_with_its_footage() {
        Project tied = FootageEdits.setTied("s3", true).apply(row());
        Project keyed = FramingEdits.add("s3", 50).apply(tied);
        Project slipped = LineUpEdits.slip("s3", 20).apply(keyed);
        assertThat(slipped.shot("s3").orElseThrow().camera().keyFrames()).containsExactly(30);
        Project slow = FootageEdits.setSpeed("s3", 50).apply(keyed);
        assertThat(slow.shot("s3").orElseThrow().camera().keyFrames()).containsExactly(100);
        Project whole = FootageEdits.fitLength("s3").apply(slow);
        assertThat(whole.shot("s3").orElseThrow().length()).isEqualTo(600);
    }
}
