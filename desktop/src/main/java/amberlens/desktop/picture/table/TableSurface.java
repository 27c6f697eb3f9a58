package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Timecode;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.inspector.looks.LookMarks;
import amberlens.desktop.inspector.looks.LookShapes;
import amberlens.desktop.inspector.looks.LookView;
import amberlens.desktop.inspector.planes.PlaneCuts;
import amberlens.desktop.inspector.planes.PlaneView;
import amberlens.desktop.kit.style.OwnKeys;
import amberlens.desktop.kit.style.Surface;
import amberlens.desktop.picture.marks.MarkDesk;
import amberlens.desktop.picture.marks.MarkView;
import amberlens.desktop.work.services.Services;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Paints the picture, what the gate takes of it, the other framings and the path. */
final class TableSurface extends Surface implements OwnKeys {
    private static final double AIR = 26;

    private final Desk desk;
    private final Services services;
    private final TableGround ground;
    private final MarkDesk marks;
    private final TableZoom zoom = new TableZoom();
    private String zoomedFor = "";

    TableSurface(Desk desk, Services services) {
        super(true);
        this.desk = desk;
        this.services = services;
        ground = new TableGround(desk, services, this::redraw);
        marks = new MarkDesk(desk, services.marks());
        setAccessibleText("Table: the whole picture with the gate");
    }

    Optional<TableView> view() {
        Optional<Shot> shot = desk.cursor().selectedShot();
        String id = shot.map(Shot::id).orElse("");
        if (!id.equals(zoomedFor)) {
            zoomedFor = id;
            zoom.reset();
            shot.filter(found -> !found.fillsFrame()).ifPresent(this::fitInset);
        }
        return shot.map(found -> zoom.view(picture(found), getWidth(), getHeight(), AIR));
    }

    /** An inset is smaller than the frame: the frame where it comes to rest is shown whole. */
    private void fitInset(Shot shot) {
        List<PicturePoint> points =
                new ArrayList<>(corners(desk.document().project().pose(shot, shot.lastFrame())));
        points.add(new PicturePoint(0, 0));
        points.add(new PicturePoint(picture(shot).width(), picture(shot).height()));
        if (getWidth() > 2 * AIR && getHeight() > 2 * AIR) {
            zoom.fit(points, getWidth(), getHeight(), AIR);
        } else {
            zoomedFor = "";
        }
    }

    private Size picture(Shot shot) {
        return desk.document().project().mediaOf(shot).size();
    }

    /** Looks closer or from further away; the point under the pointer stays there. */
    void zoomAbout(double x, double y, double factor) {
        desk.cursor().selectedShot().ifPresent(shot -> {
            double fit = TableView.fitting(picture(shot), getWidth(), getHeight(), AIR)
                    .scale();
            zoom.zoomAbout(view().orElseThrow(), fit, x, y, factor, getWidth(), getHeight());
            redraw();
        });
    }

    void pan(double dx, double dy) {
        view().ifPresent(view -> zoom.pan(view, dx, dy, getWidth(), getHeight()));
        redraw();
    }

    /** Shows the picture with all framings, also what of them lies beyond it. */
    void fitAll() {
        desk.cursor().selectedShot().ifPresent(shot -> {
            List<PicturePoint> points = new ArrayList<>();
            Size picture = picture(shot);
            points.add(new PicturePoint(0, 0));
            points.add(new PicturePoint(picture.width(), picture.height()));
            points.addAll(
                    corners(desk.document().project().pose(shot, desk.cursor().shotFrame())));
            Framings.of(shot.camera())
                    .forEach(frame ->
                            points.addAll(corners(desk.document().project().pose(shot, frame))));
            zoom.fit(points, getWidth(), getHeight(), AIR);
            redraw();
        });
    }

    /** Comes as close as the gate allows. */
    void fitGate() {
        desk.cursor().pose().ifPresent(pose -> {
            zoom.fit(corners(pose), getWidth(), getHeight(), 2 * AIR);
            redraw();
        });
    }

    private List<PicturePoint> corners(Pose pose) {
        return Arrays.stream(Corner.values())
                .map(corner -> pose.toPicture(corner.of(frame())))
                .toList();
    }

    /** What was made of pictures that were not there yet is made anew. */
    void picturesArrived() {
        ground.forgetBelow();
    }

    /** How planes lie in it. */
    PlaneView planes(TableView view) {
        return new PlaneView(desk, view::toScreen);
    }

    /** How marks lie in it. */
    MarkView marks(TableView view) {
        return new MarkView(desk, marks, view::toScreen);
    }

    /** How looks lie in it. */
    LookView looks(TableView view, Pose pose) {
        return new LookView(point -> view.toScreen(pose.toPicture(point)), getWidth(), getHeight());
    }

    Optional<GateShape> gate() {
        return view().flatMap(view -> desk.cursor().pose().map(pose -> GateShape.of(pose, frame(), view)));
    }

    private Size frame() {
        return desk.document().project().frameSize();
    }

    /** Those of drawing around something. */
    @Override
    public boolean uses(KeyEvent event) {
        return desk.tools().tool() == Tool.PLANE
                && !desk.tools().planes().drawn().isEmpty()
                && (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.BACK_SPACE);
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        var shot = desk.cursor().selectedShot();
        if (shot.isEmpty()) {
            return;
        }
        TableView view = view().orElseThrow();
        Media media = desk.document().project().mediaOf(shot.get());
        Project project = desk.document().project();
        if (project.isRig(shot.get())) {
            int shown = shot.get().start() + desk.cursor().shotFrame(); // also while the playhead is elsewhere
            ground.drawBelow(pen, shot.get(), shown, view);
        } else {
            ground.draw(
                    pen,
                    media,
                    shot.get().settings().mirror(),
                    footageFrame(shot.get()),
                    view,
                    width,
                    height,
                    deviceScale());
        }
        int at = desk.cursor().shotFrame();
        Pose pose = desk.document().project().pose(shot.get(), at);
        GateShape gate = GateShape.of(pose, frame(), view);
        Pose seenPose = project.ride(shot.get()).on(pose, at);
        GateShape seen = GateShape.of(seenPose, frame(), view);
        GatePainter.dimOutside(pen, seen, view, media.size());
        GatePainter.hatchOpen(pen, seen, view, media.size(), project.judges(shot.get()));
        if (!seenPose.equals(pose)) {
            boolean rigged = !project.ride(shot.get()).steady().isNone();
            GatePainter.ridden(pen, seen, rigged ? "rig" : "shake");
        }
        var move = new MovePainter(desk, shot.get(), view);
        move.framings(pen);
        GatePainter.gate(pen, gate);
        GatePainter.handles(pen, gate);
        move.path(pen);
        if (PlaneCuts.atHand(desk)) {
            planes(view).paint(pen);
        }
        marks(view).paint(pen, width, mark -> cutHere(shot.get(), mark));
        LookMarks.paint(pen, LookShapes.shown(desk, shot.get()), looks(view, pose));
        aids(pen, shot.get(), pose, view, gate);
        room(pen, shot.get(), seenPose, view, seen);
        String time = Timecode.brief(
                desk.cursor().shotFrame(), desk.document().project().frame().rate());
        GatePainter.label(pen, gate, time, width, height);
    }

    /** Whether a mark is cut in the frame at the playhead though it is to be kept. */
    private boolean cutHere(Shot shot, Mark mark) {
        int at = desk.cursor().shotFrame();
        return services.cuts().cut(desk.document().project(), shot).stream()
                .anyMatch(cut -> cut.mark().id().equals(mark.id())
                        && cut.where().span().from() <= at
                        && at <= cut.where().span().to());
    }

    /** Which frame of footage lies on the table: the one at the playhead, or the shot's first or last one. */
    private int footageFrame(Shot shot) {
        int at =
                switch (desk.tools().tableMoment()) {
                    case NOW -> desk.cursor().shotFrame();
                    case FIRST -> 0;
                    case LAST -> shot.lastFrame();
                };
        return desk.document().project().sourceFrames(shot, at).first();
    }

    private void aids(GraphicsContext pen, Shot shot, Pose pose, TableView view, GateShape gate) {
        Tools viewing = desk.tools();
        if (viewing.closest()) {
            AidPainter.closest(pen, pose, desk.preferences().limitPercent(), frame(), view);
        }
        desk.document().settled().shot(shot.id()).ifPresent(settled -> {
            Pose before = desk.document().project().pose(settled, desk.cursor().shotFrame());
            if (desk.document().showing() && before.degrees() != pose.degrees() && !viewing.sealing()) {
                AidPainter.turnGhost(pen, before, pose, frame(), view);
            }
        });
        TrackWay.paint(pen, services.tracks(), shot, view);
        services.tracks()
                .subject(shot, desk.cursor().shotFrame())
                .ifPresent(point -> AidPainter.subject(pen, view.toScreen(point)));
        FramePoint anchor = view.toScreen(pose.anchor());
        GatePainter.anchor(pen, anchor, gate.anchorGrip(anchor));
        AidPainter.snapLines(pen, viewing, view, getWidth(), getHeight());
        viewing.firstPlace().ifPresent(place -> AidPainter.place(pen, place, view));
        viewing.drawn().ifPresent(drawn -> AidPainter.drawn(pen, drawn, view));
    }

    /** How far the camera can still go, while it is held, as it is seen. */
    private void room(GraphicsContext pen, Shot shot, Pose seen, TableView view, GateShape gate) {
        Project project = desk.document().project();
        if (desk.document().showing() && !desk.tools().sealing() && project.judges(shot)) {
            int at = desk.cursor().shotFrame();
            RoomPainter.paint(pen, services.facts().judged(project, shot, at), seen, gate, view);
        }
    }
}
