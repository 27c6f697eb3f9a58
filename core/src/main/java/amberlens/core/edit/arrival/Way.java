package amberlens.core.edit.arrival;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;

/** What something does on its way to its place. Amounts are common practice. */
public enum Way {
    SIDE("From a side", "from beyond the frame to its place") {
        @Override
        Pose start(Place place, Arrival how) {
            return place.movedBy(place.outside(how).times(how.part())).turned(how);
        }
    },
    LAID_DOWN("Laid down", "like a print put on a table") {
        @Override
        Pose start(Place place, Arrival how) {
            FramePoint offset = how.isUpright()
                    ? new FramePoint(0, how.sign() * HAND * place.frame().height())
                    : new FramePoint(how.sign() * HAND * place.frame().width(), 0);
            Pose held = place.movedBy(offset.times(how.part())).pose();
            return place.with(held.turnedAbout(place.middleOf(held), how.sign() * TILTED * how.part()))
                    .zoomed(1 + NEARER * how.part())
                    .turned(how);
        }

        @Override
        double fades() {
            return 1 / 3.0;
        }
    },
    GROWN("Grown", "from a point in its place") {
        @Override
        Pose start(Place place, Arrival how) {
            return place.zoomed(Math.max(SMALLEST, 1 - (1 - SMALLEST) * how.part()))
                    .turned(how);
        }
    },
    FADED("Faded in", "out of nothing, where it stands") {
        @Override
        Pose start(Place place, Arrival how) {
            return place.pose();
        }

        @Override
        double fades() {
            return 1;
        }
    },
    RISEN("Risen", "a short way, out of nothing") {
        @Override
        Pose start(Place place, Arrival how) {
            double way = RISE * how.part() * how.sign();
            FramePoint offset =
                    how.isUpright() ? new FramePoint(0, way * place.height()) : new FramePoint(way * place.width(), 0);
            return place.movedBy(offset).pose();
        }

        @Override
        double fades() {
            return 1;
        }
    },
    TURNED_OVER("Turned over", "half a turn about its middle") {
        @Override
        Pose start(Place place, Arrival how) {
            Depth stands = place.pose().depth();
            double half = 180.0 * how.sign();
            return place.pose()
                    .withDepth(
                            how.isUpright()
                                    ? stands.withPitch(stands.pitch() + half)
                                    : stands.withYaw(stands.yaw() + half));
        }
    },
    UNFOLDED("Unfolded", "from folded over to square") {
        @Override
        Pose start(Place place, Arrival how) {
            return place.pose().withDepth(folded(place, how));
        }
    },
    /** It is there from the first frame. */
    NONE("There from the start", "no arrival, no departure") {
        @Override
        Pose start(Place place, Arrival how) {
            return place.pose();
        }
    };

    /** How much nearer a hand holds a print than the table is, and how far aside, in parts of the frame, and turned, in degrees. */
    private static final double NEARER = 0.3;

    private static final double HAND = 0.08;
    private static final double TILTED = 9;

    private static final double SMALLEST = 0.02;
    private static final double RISE = 0.6;

    /** How far the folded side lies over, and how much shorter it is seen. */
    private static final double FOLDED = 0.85;

    private static final double MOST_FOLDED = 0.95;
    private static final double SHORTER = 0.12;

    private final String words;
    private final String use;

    Way(String words, String use) {
        this.words = words;
        this.use = use;
    }

    public String words() {
        return words;
    }

    /** What it does, in a few words. */
    public String use() {
        return use;
    }

    /** Whether its side means something. */
    public boolean directed() {
        return this != GROWN && this != FADED && this != NONE;
    }

    /** Whether it can turn on its way. */
    public boolean turns() {
        return this == SIDE || this == LAID_DOWN || this == GROWN;
    }

    /** Where it begins, or ends when it leaves. */
    abstract Pose start(Place place, Arrival how);

    /** The part of the way in which it comes out of nothing. */
    double fades() {
        return 0;
    }

    /** Two corners of the side that it folds open from lie near the other side, and a little nearer to each other. */
    private static Depth folded(Place place, Arrival how) {
        double along = Math.min(MOST_FOLDED, FOLDED * how.part());
        Depth folded = place.pose().depth();
        double w = place.pose().scale().factorX() * place.picture().width();
        double h = place.pose().scale().factorY() * place.picture().height();
        for (Corner corner : Corner.values()) {
            FramePoint at = corner.of(new Size(1, 1));
            double side = how.isUpright() ? at.y() * 2 - 1 : at.x() * 2 - 1;
            double beside = how.isUpright() ? at.x() * 2 - 1 : at.y() * 2 - 1;
            if (side == how.sign()) {
                folded = folded.withCorner(
                        corner,
                        how.isUpright()
                                ? new FramePoint(-beside * SHORTER * w, -side * along * h)
                                : new FramePoint(-side * along * w, -beside * SHORTER * h));
            }
        }
        return folded;
    }

    /**
     * Where something stands.
     *
     * @param pose there
     * @param picture source pixels
     * @param frame frame pixels
     */
    record Place(Pose pose, Size picture, Size frame) {
        /** More than what lies beside a picture, as its shadow, in parts of the frame's width. */
        private static final double BESIDE = 0.03;

        Place with(Pose other) {
            return new Place(other, picture, frame);
        }

        Place movedBy(FramePoint way) {
            return with(pose.withPosition(pose.position().plus(way)));
        }

        Place zoomed(double factor) {
            return with(pose.zoomedAbout(middleOf(pose), factor));
        }

        /** With the whole turns that are still to come. */
        Pose turned(Arrival how) {
            return how.turns() == 0 ? pose : pose.turnedAbout(middleOf(pose), -360.0 * how.turns() * -how.sign());
        }

        FramePoint middleOf(Pose of) {
            return of.toFrame(new PicturePoint(picture.width() / 2.0, picture.height() / 2.0));
        }

        private double least(boolean across) {
            double least = Double.POSITIVE_INFINITY;
            for (Corner corner : Corner.values()) {
                least = Math.min(least, seen(corner, across));
            }
            return least;
        }

        private double most(boolean across) {
            double most = Double.NEGATIVE_INFINITY;
            for (Corner corner : Corner.values()) {
                most = Math.max(most, seen(corner, across));
            }
            return most;
        }

        private double seen(Corner corner, boolean across) {
            FramePoint of = corner.of(picture);
            FramePoint at = pose.toFrame(new PicturePoint(of.x(), of.y()));
            return across ? at.x() : at.y();
        }

        double width() {
            return most(true) - least(true);
        }

        double height() {
            return most(false) - least(false);
        }

        /** The way from its place to just outside of the frame. */
        FramePoint outside(Arrival how) {
            double beside = BESIDE * frame.width();
            return switch (how.side()) {
                case LEFT -> new FramePoint(-most(true) - beside, 0);
                case RIGHT -> new FramePoint(frame.width() - least(true) + beside, 0);
                case UP -> new FramePoint(0, -most(false) - beside);
                case DOWN -> new FramePoint(0, frame.height() - least(false) + beside);
            };
        }

        /** Whether nothing of it is in the frame. */
        boolean isOutside() {
            return most(true) <= 0
                    || least(true) >= frame.width()
                    || most(false) <= 0
                    || least(false) >= frame.height();
        }
    }
}
