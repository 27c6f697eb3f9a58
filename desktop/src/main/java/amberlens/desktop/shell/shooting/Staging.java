package amberlens.desktop.shell.shooting;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.delivery.Reframe;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.material.look.StockLook;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Preferences;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.shelf.panes.ShelfTab;
import amberlens.desktop.shell.app.Bench;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportJob;
import amberlens.media.export.ExportSettings;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.ComboBox;

/** Brings the bench into the state that a view shows. */
final class Staging {
    /** How far up the seam stands when the curves are shown. */
    private static final double TALL_SCORE = 0.36;

    private static final double WIDE_SHELF_PX = 350;

    private Staging() {}

    static void set(Bench bench, View view) {
        switch (view) {
            case EXPORT -> bench.actions().run("project.export");
            case LEG, PATH ->
                framingBefore(bench).ifPresent(from -> bench.desk().cursor().select(new Selection.LegFrom(from)));
            case FLIGHT -> {
                bench.actions().run("leg.fly");
                framingBefore(bench).ifPresent(from -> bench.desk().cursor().select(new Selection.LegFrom(from)));
            }
            case CURVES -> {
                framingBefore(bench).ifPresent(from -> bench.desk().cursor().select(new Selection.Framing(from)));
                bench.toggleCurves();
            }
            case KEYS -> bench.actions().run("help.keys");
            case SEAL -> bench.desk().tools().setSealing(true);
            case ROOM -> takeHold(bench.desk());
            case ENDS -> bench.desk().tools().toggle(Tools.LensShow.ENDS);
            case DELIVERY -> upright(bench.desk());
            case DELIVERIES -> {
                upright(bench.desk());
                bench.actions().run("delivery.list");
            }
            case READY -> bench.show(ShelfTab.MOVES);
            case EVEN -> bench.actions().run("move.even");
            case GATHER -> bench.actions().run("arrange.gather");
            case GATHER_MOVES -> {
                bench.actions().run("arrange.gather");
                bench.show(ShelfTab.MOVES);
            }
            case ARRANGE -> {
                bench.actions().run("lineup.select-all");
                bench.actions().run("move.arrange");
            }
            case MARKS -> bench.actions().run("marks.next");
            case ADVICE -> bench.actions().run("move.advice");
            case CHECK -> bench.actions().run("edges.check-all");
            case QUEUE -> queue(bench);
            case LAYERS -> select(bench, "s6");
            case FOLLOW -> {
                select(bench, "s6");
                bench.actions().run("follow.open");
            }
            case TRACE -> trace(bench);
            case SHAKE -> {
                select(bench, "s3");
                bench.actions().run("move.shake");
            }
            case DEPTH -> lean(bench);
            case PLANES -> planes(bench);
            case LOOK -> dress(bench);
            case TITLE -> write(bench);
            case SOUND, BEATS, DUCKING -> SoundStaging.set(bench, view);
            case SETTINGS -> bench.actions().run("settings.show");
            case GUIDE -> bench.actions().run("help.guide");
            case FIRST_MOVE -> bench.actions().run("help.first-move");
            case BENCH, EMPTY, SHELF -> {}
        }
    }

    /** The clip that was taken in the garden, of which the specimen sheet takes the move. */
    private static void trace(Bench bench) {
        select(bench, "s3");
        bench.actions().run("move.film");
        if (bench.scene().lookup("#trace-films") instanceof ComboBox<?> films) {
            films.getSelectionModel().selectLast();
        }
    }

    /** Seams as one drags them for a view. */
    static void prepare(View view, Preferences preferences) {
        switch (view) {
            case SHELF -> preferences.setSeam("both-shelf.0", WIDE_SHELF_PX);
            case CURVES -> seam(preferences, TALL_SCORE);
            case SOUND, DUCKING -> SoundStaging.prepare(preferences);
            default -> {}
        }
    }

    private static void seam(Preferences preferences, double upper) {
        preferences.setSeam("score.0", upper);
        preferences.setSeam("score.1", 1 - upper);
    }

    private static void select(Bench bench, String shot) {
        bench.desk().document().project().shot(shot).ifPresent(found -> bench.desk()
                .cursor()
                .select(Selection.shot(found.id())));
    }

    /** The shot of a picture in planes, soon after it begins, with its nearest plane available. */
    private static void planes(Bench bench) {
        Desk desk = bench.desk();
        Project project = desk.document().project();
        project.shots().stream().filter(project::isInPlanes).findFirst().ifPresent(shot -> {
            desk.cursor().select(Selection.shot(shot.id()));
            desk.cursor().seekInShot(shot.length() / 8);
            desk.tools().showPlanes();
        });
    }

    /** The selected shot leans, sealed, with its depth available. */
    private static void lean(Bench bench) {
        Desk desk = bench.desk();
        desk.tools().showDepth(true);
        desk.cursor().selectedShot().ifPresent(shot -> {
            Project leaning = desk.document()
                    .project()
                    .mapShot(
                            shot.id(),
                            found -> found.withCamera(found.camera()
                                    .with(Properties.PITCH, Channel.constant(ValueKinds.NUMBER, 12.0))
                                    .with(Properties.YAW, Channel.constant(ValueKinds.NUMBER, -16.0))));
            SealResult sealed =
                    SealEdits.seal(leaning, leaning.shot(shot.id()).orElseThrow(), SealWay.LIFT, SealTerms.free());
            if (sealed instanceof SealResult.Sealed found) {
                desk.document().apply(ShotEdits.setCamera("lean", shot.id(), found.camera()));
            }
        });
    }

    /** The selected shot with an old print's look that clears and a spotlight, its looks available. */
    private static void dress(Bench bench) {
        Desk desk = bench.desk();
        desk.tools().show(Group.LOOK);
        bench.show(ShelfTab.LOOKS);
        desk.cursor().selectedShot().ifPresent(shot -> {
            Size picture = desk.document().project().mediaOf(shot).size();
            Size frame = desk.document().project().frameSize();
            for (StockLook look : List.of(StockLook.CLEARING, StockLook.DIM_SURROUND)) {
                desk.document().apply(LookEdits.add(Set.of(shot.id()), look.make(picture, frame, shot.length())));
            }
        });
    }

    /** The title that is seen, its words available in the Camera and in the Lens. */
    private static void write(Bench bench) {
        Desk desk = bench.desk();
        Project project = desk.document().project();
        LineUp.at(project, desk.cursor().playhead()).stream()
                .filter(project::isTitle)
                .findFirst()
                .ifPresent(shot -> {
                    select(bench, shot.id());
                    desk.tools().showTitle();
                    bench.actions().run("title.write");
                });
    }

    /** Exports of all shots, small and into a folder that goes away. */
    private static void queue(Bench bench) {
        Project project = bench.desk().document().project();
        Path folder = Path.of(
                System.getProperty("java.io.tmpdir"),
                "amber-shoot-" + ProcessHandle.current().pid());
        folder.toFile().deleteOnExit();
        var settings = new ExportSettings(
                new FrameSpan(0, 0),
                project.frameSize().fittedInto(640, 360),
                ExportFormat.WEBM_VP9,
                folder.resolve("fernhollow.webm"),
                true);
        ExportJob.perShot(
                        project,
                        LineUp.inTime(project)
                                .subList(0, Math.min(4, project.shots().size())),
                        settings)
                .forEach(job -> bench.services().exports().add(job, false));
        bench.actions().run("project.exports");
    }

    /** As if a hand held the gate: a drag in progress that has changed nothing yet. */
    /** An upright delivery is looked at, all of whose shots are reframed. */
    private static void upright(Desk desk) {
        desk.document().applyToWhole(DeliveryEdits.add("", new Size(1080, 1920)));
        Project whole = desk.document().whole();
        Delivery upright = whole.deliveries().getLast();
        var reframe = new Reframe(whole, upright, SealTerms.free());
        List<Reframe.Framed> framed = whole.shots().parallelStream()
                .map(reframe::of)
                .filter(Reframe.Framed.class::isInstance)
                .map(Reframe.Framed.class::cast)
                .toList();
        desk.document().applyToWhole(DeliveryEdits.reframe(upright.id(), framed));
        desk.document().lookAt(Optional.of(upright.id()));
    }

    private static void takeHold(Desk desk) {
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .show(CameraEdits.setFraming(
                        "move gate",
                        shot.id(),
                        desk.cursor().shotFrame(),
                        desk.document().project().pose(shot, desk.cursor().shotFrame()))));
    }

    private static Optional<Integer> framingBefore(Bench bench) {
        return bench.desk()
                .cursor()
                .selectedShot()
                .flatMap(shot ->
                        Framings.before(shot.camera(), bench.desk().cursor().shotFrame()));
    }
}
