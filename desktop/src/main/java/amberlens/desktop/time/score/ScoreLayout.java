package amberlens.desktop.time.score;

import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * Where things lie in the Score, in its own pixels. Time runs from {@link #LEFT} to the right; a frame has a width, its
 * bead stands at its left end, and the last frame's end is the end of the shot.
 *
 * @param width of the whole Score
 * @param height of the whole Score
 * @param frames of the shot, at least 1
 * @param from the frame at the left end, which may be fractional
 * @param shown how many frames are shown
 * @param lanes each with its top and height
 * @param lanesHeight of the room for lanes, which scroll within it
 * @param track the height of the line of a tracked subject, 0 without one
 * @param marks the height of the line of marks, 0 where none is kept
 */
record ScoreLayout(
        double width,
        double height,
        int frames,
        double from,
        double shown,
        Map<Lane, Band> lanes,
        double lanesHeight,
        double track,
        double marks) {
    static final List<Lane> LINKED =
            Properties.OF_POSE.stream().<Lane>map(Lane::of).toList();
    static final double LEFT = 170;
    static final double RIGHT = 28;
    static final double RULER = 24;
    static final double STRIP = 54;
    /** How wide the grip of a card is that draws a rest out of it. */
    static final double REST_GRIP = 8;

    static final double CARD_WIDTH = 82;
    static final double CARD_HEIGHT = 46;
    static final double LANE = 21;

    /** The least height of a lane. */
    static final double CLOSE = 16;

    static final double TALL = 112;
    static final double EDGES = 27;
    static final double PACE = 20;
    static final double CHECK = 16;
    static final double TRACK = 18;
    static final double MARKS = 16;

    /** The lanes of a shot: those of its camera, and whatever has keys of its looks. */
    static List<Lane> lanesOf(Optional<Shot> shown) {
        return shown.map(ScoreLayout::lanesOf).orElse(LINKED);
    }

    private static List<Lane> lanesOf(Shot shot) {
        return shot.camera().lanes().stream()
                .filter(lane -> lane.property().group() != Group.LOOK
                        || shot.camera().get(lane.property()).animated())
                .toList();
    }

    /** Which lines there are that not every shot has: of a tracked subject, and of marks. */
    record Lines(boolean tracked, boolean marked) {
        static final Lines NONE = new Lines(false, false);
    }

    /** A lane's place. */
    record Band(double top, double height, boolean tall) {
        double bottom() {
            return top + height;
        }

        boolean holds(double y) {
            return y >= top && y < bottom();
        }
    }

    static ScoreLayout of(
            double width,
            double height,
            int frames,
            double from,
            double shown,
            List<Lane> lanes,
            Set<Property<?>> tall,
            double scroll,
            Lines lines) {
        double track = lines.tracked ? TRACK : 0;
        double marks = lines.marked ? MARKS : 0;
        double room = Math.max(LANE, height - RULER - STRIP - track - marks - EDGES - PACE - CHECK);
        long talls =
                lanes.stream().filter(lane -> tall.contains(lane.property())).count();
        long smalls = lanes.size() - talls;
        double small = talls > 0 ? LANE : whole(room, lanes.size());
        double high = talls == 0
                ? TALL
                : smalls == 0
                        ? wholeTall(room, talls)
                        : Math.max(Math.min(TALL, room), (room - smalls * small) / talls);
        double whole = smalls * small + talls * high;
        double wanted = Math.clamp(scroll, 0, Math.max(0, whole - room));
        double each = talls == 0 ? small : high;
        double top = RULER + STRIP - (talls > 0 && smalls > 0 ? wanted : Math.rint(wanted / each) * each);
        Map<Lane, Band> bands = new TreeMap<>();
        for (Lane lane : lanes) {
            boolean isTall = tall.contains(lane.property());
            double laneHeight = isTall ? high : small;
            bands.put(lane, new Band(top, laneHeight, isTall));
            top += laneHeight;
        }
        return new ScoreLayout(width, height, frames, from, shown, bands, room, track, marks);
    }

    /** The height of lanes of one line: all are seen if they can be, closer together where they must, and none is ever cut. */
    private static double whole(double room, int lanes) {
        double all = room / lanes;
        return all >= CLOSE ? all : room / Math.max(1, Math.floor(room / CLOSE));
    }

    /** Likewise of tall lanes. */
    private static double wholeTall(double room, long lanes) {
        double all = room / lanes;
        return all >= TALL ? all : room / Math.max(1, Math.floor(room / TALL));
    }

    /** How many lanes lie below what is seen. */
    long below() {
        return lanes.values().stream()
                .filter(band -> band.top() > lanesBottom() - band.height() / 2)
                .count();
    }

    /** The x of a frame, which may be fractional. */
    double x(double frame) {
        return LEFT + (frame - from) * perFrame();
    }

    double perFrame() {
        return Math.max(1, width - LEFT - RIGHT) / Math.max(1, shown);
    }

    /** The frame at an x, within the shot. */
    int frame(double x) {
        return (int) Math.clamp(Math.round(time(x)), 0, frames - 1L);
    }

    /** The moment at an x, fractional and not bounded. */
    double time(double x) {
        return from + (x - LEFT) / perFrame();
    }

    double stripTop() {
        return RULER;
    }

    double lanesTop() {
        return RULER + STRIP;
    }

    double lanesBottom() {
        return lanesTop() + lanesHeight;
    }

    /** How many pixels of lanes do not fit. */
    double overflow() {
        return Math.max(0, lanes.values().stream().mapToDouble(Band::height).sum() - lanesHeight);
    }

    Band band(Lane lane) {
        Band band = lanes.get(lane);
        if (band == null) {
            throw new IllegalArgumentException("the Score has no lane " + lane.words());
        }
        return band;
    }

    /** The lane at a height, when that is among the lanes. */
    Optional<Lane> laneAt(double y) {
        return y < lanesTop() || y >= lanesBottom()
                ? Optional.empty()
                : lanes.entrySet().stream()
                        .filter(entry -> entry.getValue().holds(y))
                        .map(Map.Entry::getKey)
                        .findFirst();
    }

    double trackTop() {
        return lanesBottom();
    }

    double edgesTop() {
        return marksTop() + marks;
    }

    double marksTop() {
        return lanesBottom() + track;
    }

    double paceTop() {
        return edgesTop() + EDGES;
    }

    double enlargementTop() {
        return paceTop() + PACE;
    }

    /** The framing whose card lies at an x; of several the last, which lies uppermost. */
    Optional<Integer> framingAt(Shot shot, double x) {
        return Framings.of(shot.camera()).reversed().stream()
                .filter(frame -> x >= cardLeft(frame) && x <= cardLeft(frame) + CARD_WIDTH)
                .findFirst();
    }

    /** The framing that the leg at an x leaves. */
    Optional<Integer> legAt(Shot shot, double x) {
        List<Integer> framings = Framings.of(shot.camera());
        return IntStream.range(0, Math.max(0, framings.size() - 1))
                .filter(i -> x >= x(framings.get(i)) && x < x(framings.get(i + 1)))
                .mapToObj(framings::get)
                .findFirst();
    }

    /** The left side of a framing's card: at its frame, but never cut by the right border. */
    double cardLeft(int frame) {
        double left = x(frame) - 1;
        return x(frame) <= width ? Math.min(left, width - CARD_WIDTH - 3) : left;
    }

    /** Whether a place of the Score is the grip at the right side of a framing's card, which draws a rest out of it. */
    boolean isRestGrip(int frame, double x, double y) {
        double right = cardLeft(frame) + CARD_WIDTH;
        return x >= right - REST_GRIP && x <= right + 1 && y >= cardTop() && y <= cardTop() + CARD_HEIGHT;
    }

    double cardTop() {
        return stripTop() + (STRIP - CARD_HEIGHT) / 2;
    }
}
