package amberlens.desktop.inspector.planes;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.edit.edits.PlaneEdits;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.material.planes.PlaneLimits;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** The planes of the picture that the selected shot shows, and what is done to them. */
public final class PlaneCuts {
    private static final double USUAL_DISTANCE = 0.7;
    private static final double NEXT = 0.8;
    private static final double SOFT_PART = 1 / 1000.0;
    private static final double LEAST_SOFT = 2;

    /** Outlines that end as near as this to a side of the picture run along it, in parts of its longer side. */
    private static final double SIDE_PART = 1 / 150.0;

    private PlaneCuts() {}

    /** The selected shot if it shows a still picture that can be cut. */
    static Optional<Shot> shot(Desk desk) {
        return desk.cursor().selectedShot().filter(shot -> media(desk, shot).kind() == Media.Kind.PHOTO);
    }

    static Media media(Desk desk, Shot shot) {
        return desk.document().project().mediaOf(shot);
    }

    /** Whether the selected shot shows a still picture. */
    public static boolean canBeCut(Desk desk) {
        return shot(desk).isPresent();
    }

    /** Whether the planes of the selected shot's picture are available. */
    public static boolean atHand(Desk desk) {
        return desk.tools().planes().shown() && shot(desk).isPresent();
    }

    /** The planes of the selected shot's picture. */
    static List<Plane> all(Desk desk) {
        return shot(desk).map(shot -> media(desk, shot).planes()).orElse(List.of());
    }

    /** The selected plane. */
    static Optional<Plane> selected(Desk desk) {
        return desk.tools().planes().selected().flatMap(id -> all(desk).stream()
                .filter(plane -> plane.id().equals(id))
                .findFirst());
    }

    /** Places on a picture as it is shown, from places on it as it is; the same way leads back. */
    static UnaryOperator<PicturePoint> shown(Desk desk, Shot shot) {
        Mirror mirror = shot.settings().mirror();
        ProjectiveMap map = mirror.of(media(desk, shot).size());
        return point -> new PicturePoint(map.x(point.x(), point.y()), map.y(point.x(), point.y()));
    }

    /**
     * Cuts out what lies within an outline.
     *
     * @param outline in source pixels
     */
    static void cut(Desk desk, Shot shot, List<PicturePoint> outline) {
        cut(desk, shot, outline, Optional.empty());
    }

    /**
     * Likewise. One that lies mostly over the selected plane is a better outline of it.
     *
     * @param softness of its edge, in source pixels, where that is known
     */
    static void cut(Desk desk, Shot shot, List<PicturePoint> outline, Optional<Double> softness) {
        Media media = media(desk, shot);
        int longer = Math.max(media.size().width(), media.size().height());
        List<PicturePoint> within = PlaneLimits.within(outline, media.size(), SIDE_PART * longer);
        double distance = media.planes().stream()
                .mapToDouble(Plane::distance)
                .map(nearest -> Math.max(Plane.NEAREST, nearest * NEXT))
                .min()
                .orElse(USUAL_DISTANCE);
        Optional<Plane> old = selected(desk).filter(plane -> sameThing(plane.outline(), within));
        if (old.isPresent()) {
            change(desk, "outline", plane -> softness.map(plane::withSoft)
                    .orElse(plane)
                    .withOutline(within));
            desk.say("\"" + old.get().name() + "\" has its new outline.");
            return;
        }
        String id = PlaneEdits.freshId(media);
        try {
            var plane = new Plane(
                    id,
                    name(media),
                    within,
                    distance,
                    softness.orElse(Math.min(Plane.SOFTEST, Math.max(LEAST_SOFT, SOFT_PART * longer))),
                    Fill.whole(Fill.Kind.CONTINUE),
                    Extras.NONE);
            List<Plane> planes = new ArrayList<>(media.planes());
            planes.add(plane);
            if (set(desk, media, "plane", planes)) {
                desk.tools().planes().select(Optional.of(id));
                desk.say("\"" + plane.name()
                        + "\" is a plane now. Its distance sets how far it moves against the background.");
            }
        } catch (IllegalArgumentException e) {
            desk.say("Not outlined: " + e.getMessage() + ".");
        }
    }

    /** Whether two outlines share most of the boxes around them. */
    private static boolean sameThing(List<PicturePoint> one, List<PicturePoint> other) {
        PictureBox a = around(one);
        PictureBox b = around(other);
        double across = Math.min(a.right(), b.right()) - Math.max(a.left(), b.left());
        double down = Math.min(a.bottom(), b.bottom()) - Math.max(a.top(), b.top());
        double both = Math.max(0, across) * Math.max(0, down);
        return both > (a.area() + b.area() - both) / 2;
    }

    private static PictureBox around(List<PicturePoint> outline) {
        var across = outline.stream().mapToDouble(PicturePoint::x).summaryStatistics();
        var down = outline.stream().mapToDouble(PicturePoint::y).summaryStatistics();
        return new PictureBox(
                across.getMin(),
                down.getMin(),
                Math.max(1, across.getMax() - across.getMin()),
                Math.max(1, down.getMax() - down.getMin()));
    }

    /** One that no plane of the picture has. */
    private static String name(Media media) {
        for (int number = media.planes().size() + 1; ; number++) {
            String name = "Plane " + number;
            if (media.planes().stream().noneMatch(plane -> plane.name().equals(name))) {
                return name;
            }
        }
    }

    /** Gives the picture other planes, or says why it cannot have them. */
    private static boolean set(Desk desk, Media media, String name, List<Plane> planes) {
        Optional<String> refusal = PlaneEdits.refusal(media, planes);
        if (refusal.isPresent()) {
            desk.say("Not done: " + refusal.get() + ".");
            return false;
        }
        desk.document().apply(PlaneEdits.set(name, media.id(), planes));
        return true;
    }

    /** Changes the selected plane. */
    static void change(Desk desk, String name, UnaryOperator<Plane> change) {
        shot(desk).ifPresent(shot -> selected(desk).ifPresent(plane -> {
            Media media = media(desk, shot);
            try {
                set(desk, media, name, PlaneEdits.changed(media, plane.id(), change));
            } catch (IllegalArgumentException e) {
                desk.say("Not done: " + e.getMessage() + ".");
            }
        }));
    }

    /** Shows such a change without a step, while a hand goes on. */
    static void showChange(Desk desk, String name, UnaryOperator<Plane> change) {
        shot(desk).ifPresent(shot -> selected(desk).ifPresent(plane -> {
            Media media = desk.document().settled().mediaOf(shot);
            List<Plane> planes = PlaneEdits.changed(media, plane.id(), change);
            if (PlaneEdits.refusal(media, planes).isEmpty()) {
                desk.document().show(PlaneEdits.set(name, media.id(), planes));
            }
        }));
    }

    /** Takes the selected plane away; what was cut out is of the ground again. */
    static void takeAway(Desk desk) {
        shot(desk).ifPresent(shot -> selected(desk).ifPresent(plane -> {
            Media media = media(desk, shot);
            set(desk, media, "remove plane", PlaneEdits.without(media, plane.id()));
            desk.tools().planes().select(Optional.empty());
        }));
    }
}
