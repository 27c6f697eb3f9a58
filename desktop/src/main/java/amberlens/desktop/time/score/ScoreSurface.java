package amberlens.desktop.time.score;

import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.KeyRef;
import amberlens.core.motion.keys.KeySet;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.Surface;
import amberlens.desktop.work.facts.ShotFacts;
import amberlens.desktop.work.services.Services;
import amberlens.desktop.work.tracking.SubjectTracks;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.canvas.GraphicsContext;

/** Paints the selected shot in time: ruler, framing strip, a lane per property, edges and enlargement. */
final class ScoreSurface extends Surface {
    private final Desk desk;
    private final Services services;
    private final ScoreView view = new ScoreView(this::viewChanged);
    private Runnable onView = () -> {};

    ScoreSurface(Desk desk, Services services) {
        super(false);
        this.desk = desk;
        this.services = services;
        setAccessibleText("Score: the selected shot in time");
    }

    SubjectTracks tracks() {
        return services.tracks();
    }

    ShotFacts facts() {
        return services.facts();
    }

    private void viewChanged() {
        redraw();
        onView.run();
    }

    /** Calls when the view has changed, not what is shown in it. */
    void whenViewChanges(Runnable then) {
        onView = then;
    }

    ScoreView view() {
        return view;
    }

    ScoreLayout plan() {
        Optional<Shot> shot = desk.cursor().selectedShot();
        return view.layout(
                getWidth(),
                getHeight(),
                shot,
                new ScoreLayout.Lines(
                        shot.flatMap(services.tracks()::of).isPresent(),
                        shot.filter(found ->
                                        services.cuts().keeps(desk.document().project(), found))
                                .isPresent()));
    }

    /** The frame of the shot at the playhead. */
    double playheadTime() {
        return desk.cursor().shotFrame();
    }

    /** The frames of the selected shot at which beats are heard. */
    List<Integer> beats() {
        return desk.cursor()
                .selectedShot()
                .map(shot -> services.sounds().beats(desk.document().settled()).frames().stream()
                        .map(at -> at - shot.start())
                        .filter(at -> at >= 0 && at < shot.length())
                        .toList())
                .orElse(List.of());
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        Optional<Shot> shot = desk.cursor().selectedShot();
        ScoreLayout plan = plan();
        if (shot.isEmpty()) {
            Brush.text(
                    pen,
                    Fonts.text(13),
                    Palette.MUTED.colour(),
                    "Select a shot to see its move over time.",
                    ScoreLayout.LEFT + 12,
                    plan.stripTop() + ScoreLayout.STRIP / 2);
            return;
        }
        KeySet selected = desk.cursor().selectedKeys();
        var on = new Painting(
                pen,
                plan,
                shot.get(),
                selected,
                selected.stream().map(KeyRef::at).collect(Collectors.toSet()),
                desk,
                services,
                view);
        RulerPainter.ruler(on);
        RulerPainter.beats(on);
        RulerPainter.ready(on);
        rules(pen, plan, width);
        StripPainter.paint(on);
        LanePainter.lanes(on);
        CheckPainter.paint(on);
        TrackPainter.paint(on);
        MarkPainter.paint(on);
        RulerPainter.markers(on);
        RulerPainter.stretchBar(on);
        RulerPainter.snapLine(on);
        RulerPainter.playhead(on);
        view.lasso().ifPresent(box -> {
            pen.setFill(Palette.faint(Palette.PALE.colour(), 0.12));
            pen.fillRect(box.getMinX(), box.getMinY(), box.getWidth(), box.getHeight());
            pen.setStroke(Palette.PALE.colour());
            pen.setLineWidth(1);
            pen.strokeRect(box.getMinX(), box.getMinY(), box.getWidth(), box.getHeight());
        });
    }

    private static void rules(GraphicsContext pen, ScoreLayout plan, double width) {
        pen.setStroke(Palette.LINE.colour());
        pen.setLineWidth(1);
        for (double y : new double[] {plan.stripTop(), plan.lanesTop()}) {
            pen.strokeLine(0, Math.floor(y) + 0.5, width, Math.floor(y) + 0.5);
        }
    }
}
