package amberlens.desktop.desk.state;

import amberlens.core.base.geometry.DeliveryGuide;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.edit.ready.Place;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Group;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;

/** How the project is looked at; belongs to no project. Part of the {@link Desk}. */
public final class Tools {
    /** What the next drag on the picture means. */
    public enum Tool {
        HAND,
        LEVEL,
        FRAME_COVERING,
        FRAME_INSIDE,
        SUBJECT,
        /** A point about which the move zooms and turns. */
        ZOOM_ABOUT,
        /** Two points or boxes, one after the other, for a move between them. */
        PLACES,
        /** Something of a picture that is drawn around, to be a plane. */
        PLANE,
        /** A box or a scribble around something, whose outline is found. */
        CUT,
        /** A box that matters. */
        MARK;

        /** Whether it is for the whole picture, which only the Table shows. */
        public boolean isOfTable() {
            return this == PLANE || this == CUT || this == MARK;
        }

        /** Whether it puts a point, and draws nothing. */
        public boolean putsPoint() {
            return this == SUBJECT || this == ZOOM_ABOUT;
        }
    }

    /** What the Lens shows. */
    public enum LensShow {
        NOW,
        /** First, last and current frame side by side. */
        ENDS,
        /** How far two framings differ, pixel by pixel. */
        DIFFERENCE
    }

    /** Which frame of footage lies on the Table. */
    public enum TableMoment {
        NOW("footage: now"),
        FIRST("footage: first"),
        LAST("footage: last");

        private final String words;

        TableMoment(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public TableMoment next() {
            return values()[(ordinal() + 1) % values().length];
        }
    }

    /** How large the Lens shows the output. */
    public enum LensZoom {
        FIT("fit", 0),
        PIXELS("1:1", 1),
        DOUBLE("200 %", 2);

        private final String words;
        private final double screenPerFramePx;

        LensZoom(String words, double screenPerFramePx) {
            this.words = words;
            this.screenPerFramePx = screenPerFramePx;
        }

        public String words() {
            return words;
        }

        /** Screen pixels per frame pixel; 0 for whatever fits. */
        public double screenPerFramePx() {
            return screenPerFramePx;
        }

        public LensZoom next() {
            return values()[(ordinal() + 1) % values().length];
        }
    }

    /** Lines over the output. */
    public enum Guide {
        THIRDS("Thirds"),
        CENTRE("Centre"),
        DIAGONALS("Diagonals"),
        SAFE_AREAS("Safe areas: action 93 %, title 90 %");

        private final String words;

        Guide(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** A line or box that is being drawn on the picture. */
    public record Drawn(PicturePoint from, PicturePoint to, boolean box) {}

    /** A line of the picture to which something snaps: a column or a row, in source pixels. */
    public record Line(boolean vertical, double at) {}

    private final Listeners listeners;
    private final Solo solo = new Solo(this::changed);
    private final PlaneTools planes = new PlaneTools(this::changed);
    private final MarkTools marks = new MarkTools(this::changed);
    private final Set<Guide> guides = EnumSet.noneOf(Guide.class);
    private Tool tool = Tool.HAND;
    private LensShow lensShow = LensShow.NOW;
    private TableMoment tableMoment = TableMoment.NOW;
    private LensZoom lensZoom = LensZoom.FIT;
    private Optional<DeliveryGuide> delivery = Optional.empty();
    private boolean judgingDelivery;
    private Group group = Group.POSE;
    private boolean title;
    private boolean closest;
    private boolean sealing;
    private int peek;
    private boolean endsAlone;
    private Optional<PicturePoint> pointed = Optional.empty();
    private List<Line> snapLines = List.of();
    private Optional<Drawn> drawn = Optional.empty();
    private Optional<Place> firstPlace = Optional.empty();
    private BiConsumer<Place, Place> twoPlaces = (_, _) -> {};
    private BiConsumer<Shot, PicturePoint> subjectPut = (_, _) -> {};

    Tools(Listeners listeners) {
        this.listeners = listeners;
    }

    void reset() {
        solo.reset();
        planes.reset();
        marks.reset();
        tool = Tool.HAND;
        lensShow = LensShow.NOW;
        sealing = false;
        peek = 0;
        pointed = Optional.empty();
        snapLines = List.of();
        drawn = Optional.empty();
        firstPlace = Optional.empty();
    }

    private void changed() {
        listeners.tell(Change.VIEW);
    }

    /** Somebody who wants to know when the subject of a shot is put. */
    public void whenSubjectPut(BiConsumer<Shot, PicturePoint> listener) {
        subjectPut = listener;
    }

    /** The subject of a shot was put somewhere on its picture. */
    public void subjectPut(Shot shot, PicturePoint at) {
        subjectPut.accept(shot, at);
    }

    /** What alone is listened to. */
    public Solo solo() {
        return solo;
    }

    /** Whether pitch, yaw, viewing distance and corners are shown, even where nothing leans. */
    public boolean depth() {
        return group == Group.DEPTH;
    }

    public void showDepth(boolean shown) {
        group = shown ? Group.DEPTH : group == Group.DEPTH ? Group.POSE : group;
        planes.setShown(false);
        changed();
    }

    /** Which properties the Camera shows. */
    public Group group() {
        return group;
    }

    public void show(Group shown) {
        group = shown;
        title = false;
        planes.setShown(false);
        changed();
    }

    /** How pictures are cut into planes. */
    public PlaneTools planes() {
        return planes;
    }

    /** How marks of pictures are looked at. */
    public MarkTools marks() {
        return marks;
    }

    public void showPlanes() {
        title = false;
        planes.setShown(true);
        changed();
    }

    /** Whether the Camera shows the words of a title, where the selected shot shows one. */
    public boolean title() {
        return title;
    }

    public void showTitle() {
        title = true;
        planes.setShown(false);
        changed();
    }

    public Tool tool() {
        return tool;
    }

    /** Takes a tool, or puts it away when it is in hand. */
    public void take(Tool newTool) {
        tool = newTool == tool ? Tool.HAND : newTool;
        planes.forget();
        drawn = Optional.empty();
        firstPlace = Optional.empty();
        changed();
    }

    /**
     * Takes the tool that picks two places, or puts it away when it is in hand.
     *
     * @param receiver of the first and the second place
     */
    public void pickPlaces(BiConsumer<Place, Place> receiver) {
        twoPlaces = receiver;
        take(Tool.PLACES);
    }

    /** The first of two places, while the second is waited for. */
    public Optional<Place> firstPlace() {
        return firstPlace;
    }

    /** Picks the first place, or the second, which puts the tool away. */
    public void pick(Place place) {
        Optional<Place> first = firstPlace;
        if (first.isEmpty()) {
            drawn = Optional.empty();
            firstPlace = Optional.of(place);
            changed();
        } else {
            take(Tool.HAND);
            twoPlaces.accept(first.get(), place);
        }
    }

    public LensShow lensShow() {
        return lensShow;
    }

    /** Shows this in the Lens, or the current frame again when it is shown. */
    public void toggle(LensShow show) {
        lensShow = show == lensShow ? LensShow.NOW : show;
        changed();
    }

    public TableMoment tableMoment() {
        return tableMoment;
    }

    public void setTableMoment(TableMoment moment) {
        tableMoment = moment;
        changed();
    }

    public LensZoom lensZoom() {
        return lensZoom;
    }

    public void setLensZoom(LensZoom zoom) {
        lensZoom = zoom;
        changed();
    }

    public boolean shows(Guide guide) {
        return guides.contains(guide);
    }

    public void toggle(Guide guide) {
        if (!guides.remove(guide)) {
            guides.add(guide);
        }
        changed();
    }

    /** The shape of another delivery that is laid over the output. */
    public Optional<DeliveryGuide> delivery() {
        return delivery;
    }

    public void setDelivery(Optional<DeliveryGuide> shape) {
        delivery = shape;
        changed();
    }

    /** Whether edges and room are judged for the delivery guide instead of the frame. */
    public boolean judgingDelivery() {
        return judgingDelivery;
    }

    public void setJudgingDelivery(boolean judging) {
        judgingDelivery = judging;
        changed();
    }

    /** The delivery that edges are judged by, if any. */
    public Optional<DeliveryGuide> judgedDelivery() {
        return delivery.filter(_ -> judgingDelivery);
    }

    /** Whether the closest framing at the limit is drawn. */
    public boolean closest() {
        return closest;
    }

    public void setClosest(boolean shown) {
        closest = shown;
        changed();
    }

    /** Whether the ways to seal are offered. */
    public boolean sealing() {
        return sealing;
    }

    public void setSealing(boolean open) {
        if (open != sealing) {
            sealing = open;
            changed();
        }
    }

    /** While a key is held: −1 shows the first frame of the shot in the Lens, 1 the last, 0 the current one. */
    public int peek() {
        return peek;
    }

    public void setPeek(int to) {
        if (to != peek) {
            peek = to;
            changed();
        }
    }

    /** Whether first and last frame are shown without what lies over the shot or passes into it. */
    public boolean endsAlone() {
        return endsAlone;
    }

    public void setEndsAlone(boolean alone) {
        endsAlone = alone;
        changed();
    }

    /** The place of the picture at which a menu was asked for. */
    public Optional<PicturePoint> pointed() {
        return pointed;
    }

    public void setPointed(Optional<PicturePoint> place) {
        pointed = place;
    }

    public List<Line> snapLines() {
        return snapLines;
    }

    public void setSnapLines(List<Line> lines) {
        if (!lines.equals(snapLines)) {
            snapLines = List.copyOf(lines);
            changed();
        }
    }

    public Optional<Drawn> drawn() {
        return drawn;
    }

    public void setDrawn(Optional<Drawn> now) {
        drawn = now;
        changed();
    }
}
