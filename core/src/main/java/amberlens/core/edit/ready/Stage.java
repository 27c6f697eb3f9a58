package amberlens.core.edit.ready;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.edges.Refit;
import amberlens.core.motion.pose.Pose;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a ready move has to work with.
 *
 * @param picture source pixels
 * @param frame frame pixels
 * @param length frames of the shot, at least 1
 * @param rate of the frames
 * @param limitPercent the greatest enlargement that is wanted
 * @param subject a point of the picture that matters
 * @param rhythm when something sounds
 * @param nearest the distance of the nearest plane of a picture in planes, as a part of its ground's
 * @param place where it stands, of a title: its moves begin or end there, and are not bound to the frame
 */
public record Stage(
        Size picture,
        Size frame,
        int length,
        FrameRate rate,
        double limitPercent,
        Optional<PicturePoint> subject,
        Rhythm rhythm,
        OptionalDouble nearest,
        Optional<Pose> place) {
    private static final double LEAST_PUSH = 0.04;

    /** Of a picture that lies in one plane. */
    public Stage(
            Size picture,
            Size frame,
            int length,
            FrameRate rate,
            double limitPercent,
            Optional<PicturePoint> subject,
            Rhythm rhythm) {
        this(picture, frame, length, rate, limitPercent, subject, rhythm, OptionalDouble.empty(), Optional.empty());
    }

    /** Whether it is a title's, which need not fill the frame. */
    boolean free() {
        return place.isPresent();
    }

    /** Where a title stands; a picture as it lies in the middle. */
    Pose standing() {
        return place.orElseGet(() -> Pose.neutral(picture, frame));
    }

    /** The scale at which the picture just fills the frame, in per cent; of a title that at which it stands. */
    double fill() {
        if (free()) {
            return standing().scale().x();
        }
        return Refit.FILL.pose(picture, frame).scale().x();
    }

    /**
     * How much closer a push comes: as much as is usual, but not above the limit as long as it is asked for no more than usual. A picture that
     * only just fills the frame at the limit, or does not, is pushed into all the same, for a push that nobody feels is none.
     *
     * @param usual a part of the scale that fills the frame
     */
    double push(double usual, double amount) {
        double room = limitPercent / fill() - 1;
        return (free() ? usual : Math.min(usual, Math.max(room, LEAST_PUSH))) * amount;
    }

    /** The frame at which a move begins. */
    int first(MoveWish wish) {
        return Math.min(rate.frames(wish.restBefore()), length - 1);
    }

    /** The frame at which a move ends. */
    int last(MoveWish wish) {
        return wish.lasts() > 0
                ? Math.min(length - 1, first(wish) + Math.max(1, rate.frames(wish.lasts())))
                : Math.max(first(wish), length - 1 - rate.frames(wish.restAfter()));
    }

    /** Where a move looks that looks somewhere: at the subject, or at the middle. */
    PicturePoint point() {
        return subject.orElseGet(this::middle);
    }

    PicturePoint middle() {
        return new PicturePoint(picture.width() / 2.0, picture.height() / 2.0);
    }

    /** An unturned framing of a scale about a picture point, moved as far as needed to stay inside. */
    Pose at(PicturePoint centre, double percent) {
        if (free()) {
            return freely(centre, percent);
        }
        Pose pose = Pose.neutral(picture, frame).withScale(Scale.uniform(percent));
        double halfX = frame.width() / 2.0 / pose.scale().factorX();
        double halfY = frame.height() / 2.0 / pose.scale().factorY();
        var inside = new PicturePoint(
                within(centre.x(), halfX, picture.width()), within(centre.y(), halfY, picture.height()));
        FramePoint off = frame.centre().minus(pose.toFrame(inside));
        return pose.withPosition(pose.position().plus(off));
    }

    /** A title moved from where it stands as far as another point of it lies from its middle. */
    private Pose freely(PicturePoint centre, double percent) {
        Pose pose = standing();
        FramePoint middle = pose.toFrame(middle());
        Pose scaled = pose.zoomedAbout(middle, percent / pose.scale().x());
        FramePoint off = middle.minus(scaled.toFrame(centre));
        return scaled.withPosition(scaled.position().plus(off));
    }

    /** An unturned framing of a place: of all of a box, of a point at a scale. */
    Pose at(Place place, double percentOfPoint) {
        double percent = place.isBox()
                ? 100 * Math.min(frame.width() / place.width(), frame.height() / place.height())
                : percentOfPoint;
        return at(place.centre(), Math.clamp(percent, fill(), Math.max(fill(), Scale.LARGEST)));
    }

    private static double within(double value, double half, double whole) {
        return half * 2 >= whole ? whole / 2 : Math.clamp(value, half, whole - half);
    }

    /** How much wider the picture is than the frame: 1 for the same shape, above 1 for wider, below for taller. */
    double relativeShape() {
        return (double) picture.width() / picture.height() * frame.height() / frame.width();
    }
}
