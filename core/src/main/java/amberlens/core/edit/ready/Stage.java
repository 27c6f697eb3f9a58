package amberlens.core.edit.ready;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.mark.Aim;
import amberlens.core.material.mark.Mark;
import amberlens.core.motion.pose.Pose;
import java.util.List;
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
 * @param marks what matters in the picture, as it is seen
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
        Optional<Pose> place,
        List<Mark> marks) {
    private static final double LEAST_PUSH = 0.04;

    /** How much of a framing is left free beside what it aims at, at each side. */
    private static final double AIR = 0.06;

    /** From this part of a framing's height on a face is large: its eyes come to the upper third, as is common practice. */
    private static final double LARGE_FACE = 0.25;

    public Stage {
        marks = List.copyOf(marks);
    }

    /** Of a picture that lies in one plane. */
    public Stage(
            Size picture,
            Size frame,
            int length,
            FrameRate rate,
            double limitPercent,
            Optional<PicturePoint> subject,
            Rhythm rhythm) {
        this(
                picture,
                frame,
                length,
                rate,
                limitPercent,
                subject,
                rhythm,
                OptionalDouble.empty(),
                Optional.empty(),
                List.of());
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

    /** The same with other marks. */
    public Stage withMarks(List<Mark> others) {
        return new Stage(picture, frame, length, rate, limitPercent, subject, rhythm, nearest, place, others);
    }

    /** What moves aim at, unless somebody has set a subject point. */
    public Optional<Aim> aim() {
        return subject.isPresent() || free() ? Optional.empty() : Aim.of(marks, wide(fill()), high(fill()));
    }

    /** The boxes that are not to be cut at rests. */
    List<PictureBox> kept() {
        return marks.stream().filter(Mark::isKept).map(Mark::box).toList();
    }

    /** Where a move looks that looks somewhere: at the subject, at what matters, or at the middle. */
    PicturePoint point() {
        return subject.or(() -> aim().map(aim -> aim.box().middle())).orElseGet(this::middle);
    }

    /** The framing of a scale that looks there. */
    Pose aimed(double percent) {
        return aim().map(aim -> aimed(aim, percent)).orElseGet(() -> at(point(), percent));
    }

    /** The framing of a scale that looks at something, with all of it inside if there is room. */
    Pose aimed(Aim aim, double percent) {
        PicturePoint middle = aim.box().middle();
        boolean large = aim.isFace() && aim.box().height() >= LARGE_FACE * high(percent);
        PicturePoint looked = large ? new PicturePoint(middle.x(), aim.eyes().y() + high(percent) / 6) : middle;
        return at(holding(aim, looked, percent), percent);
    }

    /** The framing of a scale about a point, moved so far that it shows all of what matters if there is room. */
    Pose holding(PicturePoint centre, double percent) {
        return at(aim().map(aim -> holding(aim, centre, percent)).orElse(centre), percent);
    }

    private PicturePoint holding(Aim aim, PicturePoint centre, double percent) {
        PictureBox box = aim.box();
        return new PicturePoint(
                holding(centre.x(), box.left(), box.right(), wide(percent)),
                holding(centre.y(), box.top(), box.bottom(), high(percent)));
    }

    private static double holding(double centre, double from, double to, double whole) {
        double air = Math.min(AIR * whole, (whole - (to - from)) / 2);
        double least = to + air - whole / 2;
        double most = from - air + whole / 2;
        return air < 0 ? centre : Math.clamp(centre, Math.min(least, most), Math.max(least, most));
    }

    /**
     * The middle of a way that goes so far to both sides of it: as near to a place as the picture allows, and so that both ends show all of
     * what matters where there is room.
     */
    PicturePoint amid(PicturePoint wanted, double reachX, double reachY, double percent) {
        if (free()) {
            return wanted;
        }
        Optional<PictureBox> box = aim().map(Aim::box);
        return new PicturePoint(
                amid(
                        wanted.x(),
                        reachX,
                        wide(percent),
                        picture.width(),
                        box.map(PictureBox::left),
                        box.map(PictureBox::right)),
                amid(
                        wanted.y(),
                        reachY,
                        high(percent),
                        picture.height(),
                        box.map(PictureBox::top),
                        box.map(PictureBox::bottom)));
    }

    private static double amid(
            double wanted, double reach, double gate, double whole, Optional<Double> from, Optional<Double> to) {
        double least = gate / 2 + reach;
        double most = whole - gate / 2 - reach;
        double inside = least > most ? whole / 2 : Math.clamp(wanted, least, most);
        if (from.isEmpty() || to.isEmpty()) {
            return inside;
        }
        double low = Math.max(least, to.get() + AIR * gate - gate / 2 + reach);
        double high = Math.min(most, from.get() - AIR * gate + gate / 2 - reach);
        return low > high ? inside : Math.clamp(wanted, low, high);
    }

    /** A scale, or a smaller one at which all of what matters is inside, as long as the picture fills the frame. */
    double showing(double percent) {
        return aim().map(aim -> {
                    PictureBox box = aim.box();
                    double most =
                            100 * (1 - 2 * AIR) * Math.min(frame.width() / box.width(), frame.height() / box.height());
                    return most <= fill() ? percent : Math.min(percent, most);
                })
                .orElse(percent);
    }

    /** The width of what a framing of a scale shows, in source pixels. */
    private double wide(double percent) {
        return frame.width() / (percent / 100);
    }

    private double high(double percent) {
        return frame.height() / (percent / 100);
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
