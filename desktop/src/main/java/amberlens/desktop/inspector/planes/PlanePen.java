package amberlens.desktop.inspector.planes;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Shot;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.PlaneTools;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.kit.style.Gesture;
import amberlens.desktop.work.background.Round;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import amberlens.media.planes.Outlines;
import amberlens.media.planes.SmartEdge;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/**
 * Draws around things of a picture: a drag draws freely, clicks go from point to point, along contours where that is wanted. Contours are
 * looked for in the background; until they are known, and further away, the way is straight.
 */
public final class PlanePen {
    /** How near the beginning is to be for the outline to close there, screen pixels. */
    private static final double CLOSES = 10;

    /** How near a contour is to be for a point to go onto it, screen pixels. */
    private static final double SNAPS = 6;

    private static final double TOLERANCE = 0.6;
    private static final int FEWEST = 3;

    private final Desk desk;
    private final Services services;
    private volatile @Nullable SmartEdge edge;
    private @Nullable Media edgeOf;
    private final Round looking;
    private int newest;
    private Optional<String> drawingOn = Optional.empty();

    public PlanePen(Desk desk, Services services) {
        this.desk = desk;
        this.services = services;
        looking = new Round(services.background());
    }

    private PlaneTools tools() {
        return desk.tools().planes();
    }

    /**
     * What a press begins.
     *
     * @param at on the picture as it is shown
     * @param pxPerScreenPx source pixels
     */
    public Gesture begin(
            PicturePoint at, double pxPerScreenPx, boolean twice, Function<MouseEvent, PicturePoint> pointer) {
        Optional<String> here = PlaneCuts.shot(desk).map(Shot::media);
        if (!here.equals(drawingOn)) {
            drawingOn = here;
            tools().forget(); // it was of another picture
        }
        return new Gesture() {
            private final List<PicturePoint> free = new ArrayList<>(List.of(at));

            @Override
            public void drag(MouseEvent event) {
                PicturePoint now = pointer.apply(event);
                if (away(free.getLast(), now) > pxPerScreenPx) {
                    free.add(now);
                    tools().setAhead(free);
                }
            }

            @Override
            public void drop(MouseEvent event) {
                boolean alone = tools().drawn().isEmpty();
                tools().draw(free);
                if (alone || closes(free.getLast(), pxPerScreenPx)) {
                    finish(pxPerScreenPx);
                } else {
                    look(free.getLast());
                }
            }

            @Override
            public void click(MouseEvent event) {
                if (twice || closes(at, pxPerScreenPx)) {
                    finish(pxPerScreenPx);
                    return;
                }
                tools().draw(tools().last()
                        .map(from -> way(from, at, pxPerScreenPx))
                        .orElse(List.of(at)));
                look(tools().last().orElse(at));
            }

            @Override
            public void cancel() {
                tools().setAhead(List.of());
            }
        };
    }

    private static double away(PicturePoint one, PicturePoint other) {
        return Math.hypot(one.x() - other.x(), one.y() - other.y());
    }

    private boolean closes(PicturePoint at, double pxPerScreenPx) {
        List<PicturePoint> drawn = tools().drawn();
        return drawn.size() >= FEWEST && away(drawn.getFirst(), at) <= CLOSES * pxPerScreenPx;
    }

    /** The pointer has moved, with no button pressed. */
    public void hover(PicturePoint at, double pxPerScreenPx) {
        tools().last().ifPresent(from -> tools().setAhead(way(from, at, pxPerScreenPx)));
    }

    /** Cuts out what is drawn around. */
    public void finish(double pxPerScreenPx) {
        List<PicturePoint> drawn = tools().drawn();
        Optional<Shot> shot = PlaneCuts.shot(desk)
                .filter(found -> drawingOn.filter(found.media()::equals).isPresent());
        desk.tools().take(Tool.HAND);
        if (shot.isEmpty() || drawn.size() < FEWEST) {
            desk.say("Outline something: drag, or click point by point and return to the first point.");
            return;
        }
        UnaryOperator<PicturePoint> toSource = PlaneCuts.shown(desk, shot.get());
        List<PicturePoint> outline = drawn.stream().map(toSource).toList();
        services.background()
                .start(Work.of( // the library may have to be loaded
                        () -> Outlines.simplified(outline, TOLERANCE * Math.max(1, pxPerScreenPx)),
                        fewer -> PlaneCuts.cut(desk, shot.get(), fewer)));
    }

    /** Takes back the last point. */
    public void takeBack() {
        tools().takeBack();
        tools().last().ifPresent(this::look);
    }

    private List<PicturePoint> way(PicturePoint from, PicturePoint to, double pxPerScreenPx) {
        SmartEdge known = edge;
        Optional<Shot> shot = PlaneCuts.shot(desk);
        if (known == null || shot.isEmpty() || !tools().snapping()) {
            return List.of(to);
        }
        UnaryOperator<PicturePoint> map = PlaneCuts.shown(desk, shot.get());
        return known.way(map.apply(from), map.apply(to), SNAPS * pxPerScreenPx)
                .map(way -> way.stream().map(map).toList())
                .orElse(List.of(to));
    }

    /** Looks for contours around a point, in the background; only the newest point counts. */
    private void look(PicturePoint from) {
        Optional<Shot> shot = PlaneCuts.shot(desk);
        if (shot.isEmpty() || !tools().snapping()) {
            return;
        }
        Media media = PlaneCuts.media(desk, shot.get());
        PicturePoint source = PlaneCuts.shown(desk, shot.get()).apply(from);
        int number = ++newest;
        tools().setLooking(true);
        var look = Work.<Boolean>watched(
                work -> lookIn(
                        services.cache().request(new PictureRef.Whole(media)).get(), media, source, work),
                _ -> {},
                _ -> desk.say("No contours were found in this picture. The outline is straight from point to point."));
        looking.startOnly(look.atEnd(() -> {
            if (number == newest) {
                tools().setLooking(false);
            }
        }));
    }

    private synchronized boolean lookIn(Pyramid picture, Media media, PicturePoint source, Work<?> work) {
        boolean wanted = work.isWanted();
        if (wanted) {
            edgeOf(media, () -> new SmartEdge(picture)).begin(source);
        }
        return wanted;
    }

    private SmartEdge edgeOf(Media media, Supplier<SmartEdge> made) {
        SmartEdge known = edge;
        if (known == null || !media.withPlanes(List.of()).equals(edgeOf)) {
            known = made.get();
            edge = known;
            edgeOf = media.withPlanes(List.of());
        }
        return known;
    }
}
