package amberlens.desktop.time.score;

import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.KeyRef;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.property.Lane;
import amberlens.desktop.desk.menu.MenuTarget;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Gesture;
import amberlens.desktop.kit.style.Gestures;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;

/** Finds out what a press in the Score means, and what the wheel does. */
final class ScoreHands {
    private static final double NEAR_CURVE = 6;
    private static final double ZOOM_PER_PIXEL = 1.002;

    private final Desk desk;
    private final ScoreSurface surface;

    ScoreHands(Desk desk, ScoreSurface surface) {
        this.desk = desk;
        this.surface = surface;
        new Gestures(surface, this::choose);
        surface.addEventHandler(MouseEvent.MOUSE_MOVED, event -> surface.setCursor(cursor(event)));
        surface.addEventHandler(ScrollEvent.SCROLL, this::wheel);
        surface.addEventHandler(ZoomEvent.ZOOM, this::pinch);
    }

    private Cursor cursor(MouseEvent event) {
        ScoreLayout plan = surface.plan();
        return desk.cursor()
                        .selectedShot()
                        .flatMap(shot -> plan.framingAt(shot, event.getX()))
                        .filter(frame -> plan.isRestGrip(frame, event.getX(), event.getY()))
                        .isPresent()
                ? Cursor.E_RESIZE
                : Cursor.DEFAULT;
    }

    private Optional<? extends Gesture> choose(MouseEvent press) {
        Optional<Shot> shot = desk.cursor().selectedShot();
        if (shot.isEmpty()) {
            return Optional.empty();
        }
        ScoreLayout plan = surface.plan();
        double y = press.getY();
        if (press.getX() < ScoreLayout.LEFT - 8) {
            return plan.laneAt(y).flatMap(lane -> head(lane, plan, press));
        }
        if (y < plan.stripTop()) {
            return Optional.of(inRuler(shot.get(), plan, press));
        }
        if (y < plan.lanesTop()) {
            return inStrip(shot.get(), plan, press);
        }
        if (y >= plan.trackTop() && y < plan.edgesTop() && toGuess(shot.get(), plan, press)) {
            return Optional.empty();
        }
        if (y >= plan.edgesTop() && y < plan.paceTop() && toWorst(shot.get(), plan, press)) {
            return Optional.empty();
        }
        return y < plan.lanesBottom() ? inLanes(shot.get(), plan, press) : Optional.of(scrub(press));
    }

    /** A click where a subject is only guessed puts the playhead there, and the tool to point at it in the hand. */
    private boolean toGuess(Shot shot, ScoreLayout plan, MouseEvent press) {
        int frame = plan.frame(press.getX());
        boolean guess =
                surface.tracks().at(shot, frame).filter(spot -> spot.weak()).isPresent();
        if (guess) {
            surface.tracks().ask(frame);
        }
        return guess;
    }

    /** A click on an open span puts the playhead on its worst frame. */
    private boolean toWorst(Shot shot, ScoreLayout plan, MouseEvent press) {
        double time = plan.time(press.getX());
        double slack = 4 / plan.perFrame();
        Optional<EdgeReport.OpenSpan> span = surface
                .facts()
                .edges(desk.document().project(), shot)
                .open()
                .stream()
                .filter(open -> time >= open.span().from() - slack
                        && time <= open.span().to() + 1 + slack)
                .findFirst();
        span.ifPresent(open -> desk.cursor().seekInShot(open.worstFrame()));
        return span.isPresent();
    }

    /** The head of a lane: its lower border is pulled, a double-click pulls it too, its name selects its keys. */
    private Optional<Gesture> head(Lane lane, ScoreLayout plan, MouseEvent press) {
        ScoreLayout.Band band = plan.band(lane);
        if (press.getY() > band.top() + band.height() - LanePull.GRIP) {
            return Optional.of(new LanePull(surface.view(), lane.property(), press));
        }
        if (press.getClickCount() == 2) {
            surface.view().toggleTall(lane.property());
        } else {
            desk.cursor().selectedShot().ifPresent(shot -> select(KeySet.of(shot.camera(), lane), press.isShiftDown()));
        }
        return Optional.empty();
    }

    private void select(KeySet keys, boolean toggle) {
        KeySet chosen = toggle ? desk.cursor().selectedKeys().toggled(keys) : keys;
        desk.cursor().select(chosen.isEmpty() ? new Selection.Nothing() : new Selection.Keys(chosen));
    }

    private Gesture inRuler(Shot shot, ScoreLayout plan, MouseEvent press) {
        KeySet keys = desk.cursor().selectedKeys();
        if (StretchGrips.on(keys)) {
            StretchGrips grips = StretchGrips.of(keys);
            boolean first = grips.firstAt(plan, press.getX(), press.getY());
            if (first || grips.lastAt(plan, press.getX(), press.getY())) {
                return new StretchDrag(desk, surface, press, first);
            }
        }
        Optional<Marker> marker = shot.markers().stream()
                .filter(found -> Math.abs(plan.x(found.at()) - press.getX()) <= 6 && press.getY() < 16)
                .findFirst();
        if (marker.isPresent()) {
            desk.cursor().select(new Selection.MarkerAt(marker.get().at(), false));
            return new MarkerDrag(desk, surface, marker.get().at());
        }
        return new Scrub(desk, surface, press);
    }

    private Scrub scrub(MouseEvent press) {
        desk.cursor().select(new Selection.Nothing());
        return new Scrub(desk, surface, press);
    }

    private Optional<? extends Gesture> inStrip(Shot shot, ScoreLayout plan, MouseEvent press) {
        Optional<Integer> framing = plan.framingAt(shot, press.getX());
        if (framing.filter(frame -> plan.isRestGrip(frame, press.getX(), press.getY()))
                .isPresent()) {
            return Optional.of(new RestDrag(desk, surface, shot, framing.get(), press));
        }
        if (framing.isPresent()) {
            return Optional.of(card(shot, framing.get(), press));
        }
        Optional<Integer> leg = plan.legAt(shot, press.getX());
        leg.ifPresent(from -> desk.cursor().select(new Selection.LegFrom(from)));
        return leg.isPresent() ? Optional.empty() : Optional.of(scrub(press));
    }

    /** What is pointed at becomes selected, unless it is already among what is selected. */
    Optional<MenuTarget> pointAt(double x, double y) {
        ScoreLayout plan = surface.plan();
        return desk.cursor()
                .selectedShot()
                .filter(_ -> x >= ScoreLayout.LEFT - 8)
                .map(shot -> {
                    boolean strip = y >= plan.stripTop() && y < plan.lanesTop();
                    Optional<Integer> framing = strip ? plan.framingAt(shot, x) : Optional.empty();
                    Optional<Integer> leg = strip ? plan.legAt(shot, x) : Optional.empty();
                    Optional<Bead> bead = y >= plan.lanesTop() && y < plan.lanesBottom()
                            ? Bead.at(shot, plan, surface.view(), x, y)
                            : Optional.empty();
                    if (framing.isPresent()) {
                        pointAt(KeySet.at(shot.camera(), framing.get()), new Selection.Framing(framing.get()));
                        return MenuTarget.FRAMING;
                    }
                    if (leg.isPresent()) {
                        desk.cursor().select(new Selection.LegFrom(leg.get()));
                        return MenuTarget.LEG;
                    }
                    bead.map(found -> KeySet.of(found.key()))
                            .ifPresent(keys -> pointAt(keys, new Selection.Keys(keys)));
                    return bead.isPresent() ? MenuTarget.KEYS : MenuTarget.TIME;
                });
    }

    private void pointAt(KeySet keys, Selection.Part alone) {
        if (!keys.stream().allMatch(desk.cursor().selectedKeys()::contains)) {
            desk.cursor().select(alone);
        }
    }

    private Gesture card(Shot shot, int frame, MouseEvent press) {
        KeySet own = KeySet.at(shot.camera(), frame);
        KeySet selected = desk.cursor().selectedKeys();
        boolean among = own.stream().allMatch(selected::contains) && selected.size() > own.size();
        if (press.isShiftDown()) {
            select(own, true);
        } else if (!among) {
            desk.cursor().select(new Selection.Framing(frame));
        }
        KeySet dragged =
                desk.cursor().selectedKeys().isEmpty() ? own : desk.cursor().selectedKeys();
        boolean single = desk.cursor().selection().part() instanceof Selection.Framing;
        return new KeysDrag(desk, surface, press, dragged, frame, Optional.empty(), single);
    }

    private Optional<? extends Gesture> inLanes(Shot shot, ScoreLayout plan, MouseEvent press) {
        Optional<Bead> bead = Bead.at(shot, plan, surface.view(), press.getX(), press.getY());
        if (bead.isPresent()) {
            return Optional.of(bead(bead.get(), plan, press));
        }
        Optional<Lane> lane = plan.laneAt(press.getY());
        Optional<EaseHandle> handle = lane.flatMap(found ->
                EaseHandle.of(shot, found, plan, surface.view(), desk.cursor().selectedKeys()).stream()
                        .filter(one -> one.isAt(press.getX(), press.getY()))
                        .findFirst());
        if (handle.isPresent()) {
            return Optional.of(new EaseDrag(desk, surface, handle.get()));
        }
        Optional<Integer> leg =
                lane.filter(found -> plan.band(found).tall()).flatMap(found -> legAt(shot, found, plan, press));
        if (leg.isPresent()) {
            desk.cursor().select(new Selection.LegFrom(leg.get(), lane));
            return Optional.empty();
        }
        return Optional.of(new Lasso(desk, surface, press));
    }

    private Gesture bead(Bead bead, ScoreLayout plan, MouseEvent press) {
        KeySet own = KeySet.of(bead.key());
        if (press.isShiftDown()) {
            select(own, true);
        } else if (!(desk.cursor().selection().part() instanceof Selection.Keys keys
                && keys.keys().contains(bead.key()))) {
            select(own, false);
        }
        KeySet dragged =
                desk.cursor().selectedKeys().isEmpty() ? own : desk.cursor().selectedKeys();
        KeyRef key = bead.key();
        boolean valued = plan.band(key.lane()).tall() && !surface.view().speed();
        return new KeysDrag(
                desk, surface, press, dragged, key.at(), Optional.of(bead).filter(_ -> valued), false);
    }

    /** The frame of the key whose leg's curve is under the pointer. */
    private Optional<Integer> legAt(Shot shot, Lane lane, ScoreLayout plan, MouseEvent press) {
        LaneValues values = LaneValues.of(shot, lane);
        LaneScale scale = LaneScale.of(surface.view(), plan, lane, values);
        double time = plan.time(press.getX());
        for (int part = 0; part < values.parts(); part++) {
            double value = surface.view().speed() ? values.speed(time, part) : values.at(time, part);
            if (Math.abs(scale.y(value) - press.getY()) <= NEAR_CURVE) {
                return values.channel()
                        .keyBefore(time)
                        .map(key -> key.at())
                        .filter(at -> at != values.channel().keys().getLast().at());
            }
        }
        return Optional.empty();
    }

    /** Two fingers that spread look closer, about the place between them. */
    private void pinch(ZoomEvent event) {
        ScoreLayout plan = surface.plan();
        surface.view().zoomTime(plan.time(event.getX()), 1 / event.getZoomFactor(), plan.from(), plan.shown());
        event.consume();
    }

    /**
     * The wheel zooms time about the pointer; over lanes that do not all fit it scrolls them, and zooms with control. With shift it goes
     * through time, with alt it zooms the values of a tall lane.
     */
    private void wheel(ScrollEvent event) {
        ScoreLayout plan = surface.plan();
        double turned = event.getDeltaY() == 0 ? event.getDeltaX() : event.getDeltaY();
        boolean overLanes = event.getY() >= plan.lanesTop() && event.getY() < plan.lanesBottom();
        boolean scrolls = overLanes && plan.overflow() > 0;
        boolean plain = !event.isAltDown() && !event.isShiftDown() && event.getDeltaX() == 0;
        if (event.isControlDown() || plain && !scrolls) {
            surface.view()
                    .zoomTime(plan.time(event.getX()), Math.pow(ZOOM_PER_PIXEL, -turned), plan.from(), plan.shown());
        } else if (event.isAltDown()) {
            zoomValues(plan, event, turned);
        } else if (event.isShiftDown() || !scrolls) {
            surface.view().pan(-turned / plan.perFrame());
        } else {
            double now = plan.lanesTop()
                    - plan.lanes().values().stream()
                            .mapToDouble(ScoreLayout.Band::top)
                            .min()
                            .orElse(0);
            double lane = plan.lanes().values().stream()
                    .mapToDouble(ScoreLayout.Band::height)
                    .min()
                    .orElse(0);
            double way = Math.copySign(Math.max(Math.abs(turned), lane), turned); // lanes are whole
            surface.view().scrollTo(Math.clamp(now - way, 0, plan.overflow()));
        }
        event.consume();
    }

    private void zoomValues(ScoreLayout plan, ScrollEvent event, double turned) {
        desk.cursor().selectedShot().ifPresent(shot -> plan.laneAt(event.getY())
                .filter(lane -> plan.band(lane).tall())
                .ifPresent(lane -> {
                    LaneScale scale = LaneScale.of(surface.view(), plan, lane, LaneValues.of(shot, lane));
                    ValueRange zoomed =
                            scale.range().zoomed(scale.value(event.getY()), Math.pow(ZOOM_PER_PIXEL, -turned));
                    surface.view().setRange(lane, zoomed);
                }));
    }
}
