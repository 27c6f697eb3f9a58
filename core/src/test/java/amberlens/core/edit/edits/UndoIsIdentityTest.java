package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.RandomMoves;
import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;

/** Whatever was done, undoing all of it gives the very project of before, and doing it again the one of after. */
class UndoIsIdentityTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Media PLAN = Media.photo("m1", "/archive/plan.jpg", RandomMoves.PICTURE);
    private static final Media SHEET = Media.photo("m2", "/archive/sheet.jpg", new Size(3000, 4000));

    private static Project start() {
        Project project = MediaEdits.addAll(List.of(PLAN, SHEET)).apply(Project.empty("Fernhollow"));
        for (int i = 0; i < 3; i++) {
            Media media = project.media().get(i % 2);
            project = ShotEdits.add(media, Refit.FILL, i).apply(project);
        }
        return project;
    }

    private static Edit any(Project project, Random chance) {
        List<Shot> shots = project.shots();
        if (shots.isEmpty()) {
            return ShotEdits.add(project.media().getFirst(), Refit.FIT, 0);
        }
        Shot shot = shots.get(chance.nextInt(shots.size()));
        Shot other = shots.get(chance.nextInt(shots.size()));
        int frame = chance.nextInt(shot.length());
        return switch (chance.nextInt(16)) {
            case 0 ->
                ShotEdits.setCamera(
                        "another move",
                        shot.id(),
                        RandomMoves.any(chance, 60, chance.nextBoolean()).camera());
            case 1 -> FramingEdits.add(shot.id(), frame);
            case 2 ->
                CameraEdits.setPose(
                        "turn", shot.id(), frame, shot.camera().at(frame).withDegrees(chance.nextInt(30)));
            case 3 -> ShotEdits.setLength(shot.id(), 1 + chance.nextInt(200), ShotEdits.Timing.KEEP);
            case 4 -> ShotEdits.setLength(shot.id(), 1 + chance.nextInt(200), ShotEdits.Timing.STRETCH);
            case 5 -> LineUpEdits.delete(Set.of(shot.id()), chance.nextBoolean() ? Laying.RIPPLE : Laying.OVERWRITE);
            case 6 -> LineUpEdits.split(Set.of(shot.id()), shot.start() + frame);
            case 7 -> MediaEdits.replace(Set.of(shot.id()), other.media(), MediaEdits.Look.SAME_LOOK);
            case 8 -> CarryEdits.carry(shot.id(), new HashSet<>(List.of(other.id())), Properties.OF_MOVE, false);
            case 9 -> RigEdits.lay(new HashSet<>(List.of(shot.id(), other.id())));
            case 10 -> InsetEdits.set(java.util.Set.of(shot.id()), chance.nextBoolean());
            case 11 -> ProjectEdits.rename("name " + chance.nextInt(5));
            case 12 ->
                ProjectEdits.setFrame(new FrameFormat(FRAME, FrameRate.of(25 + chance.nextInt(3)), Colour.BLACK));
            case 13 -> VersionEdits.keep(shot.id());
            case 14 -> FramingEdits.moveOver(shot.id(), List.of(frame), chance.nextInt(100), 7);
            default ->
                CameraEdits.setFraming(
                        "move",
                        shot.id(),
                        frame,
                        shot.camera().at(frame).withPosition(new FramePoint(900, 500 + frame)));
        };
    }

    @net.jqwik.api.Property(tries = 120)
    void undoing_everything_is_identity_and_so_is_redoing_it(@ForAll long seed) {
        var chance = new Random(seed);
        Project begin = start();
        var history = new History<Integer>(begin);
        List<Project> states = new ArrayList<>(List.of(begin));
        for (int i = 0; i < 25; i++) {
            if (history.apply(any(history.present(), chance), i)) {
                states.add(history.present());
            }
            if (chance.nextInt(6) == 0 && states.size() > 1) {
                history.undo();
                states.removeLast();
            }
        }
        Project end = history.present();
        assertThat(history.position()).isEqualTo(states.size() - 1);
        for (int i = states.size() - 2; i >= 0; i--) {
            assertThat(history.undo()).isPresent();
            assertThat(history.present()).isSameAs(states.get(i));
        }
        assertThat(history.undo()).isEmpty();
        assertThat(history.present()).isSameAs(begin);
        assertThat(history.unsaved()).isFalse();
        while (history.position() < states.size() - 1) {
            history.redo();
        }
        assertThat(history.present()).isEqualTo(end);
    }

    @net.jqwik.api.Property(tries = 60)
    void an_edit_that_changes_nothing_leaves_no_step(@ForAll long seed) {
        var chance = new Random(seed);
        var history = new History<Integer>(start());
        Edit edit = any(history.present(), chance);
        boolean changed = history.apply(edit, 0);
        assertThat(history.position()).isEqualTo(changed ? 1 : 0);
        assertThat(history.unsaved()).isEqualTo(changed);
        history.markSaved(history.present());
        assertThat(history.unsaved()).isFalse();
        history.undo();
        assertThat(history.unsaved()).isEqualTo(changed);
    }
}
