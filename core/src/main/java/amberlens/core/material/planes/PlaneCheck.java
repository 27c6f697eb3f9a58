package amberlens.core.material.planes;

import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.planes.PlaneReport.Depth;
import amberlens.core.material.planes.PlaneReport.Enlarged;
import amberlens.core.material.planes.PlaneReport.Opening;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Proves for the frames of a shot that none of them sees ground that is not filled, nor a side along which a plane was cut by the picture's
 * own. The ground's own edges are those of any picture and not looked at here.
 */
public final class PlaneCheck {
    /** What is not seen by more than this counts as not seen, source pixels. */
    public static final double EXACT = 0.5;

    private final List<Plane> planes;
    private final List<Contour> contours;
    private final Size picture;
    private final Size frame;
    private final Gate.Area judged;
    private final List<Opening> openings = new ArrayList<>();
    private final Map<String, Depth> depths = new HashMap<>();
    private @Nullable Enlarged enlarged;

    /** One pose at which a frame is looked at. */
    public record Instant(int frame, ProjectiveMap toFrame, double strength, Portion left) {}

    /**
     * @param planes in any order
     * @param judged the part in the middle of the frame that counts, frame pixels
     */
    private PlaneCheck(List<Plane> planes, Size picture, Size frame, Size judged) {
        this.planes = Cutouts.inOrder(planes);
        this.picture = picture;
        this.frame = frame;
        this.judged = Gate.Area.middle(judged, frame);
        contours = this.planes.stream().map(plane -> Contour.of(plane, picture)).toList();
    }

    /**
     * What is seen at all instants, in order of their frames.
     *
     * @param picture source pixels
     * @param frame frame pixels
     * @param judged the part in its middle that counts
     */
    public static PlaneReport of(List<Plane> planes, Size picture, Size frame, Size judged, List<Instant> instants) {
        var check = new PlaneCheck(planes, picture, frame, judged);
        outermostFirst(instants).forEach(check::look);
        return new PlaneReport(check.worstOfFrames(), check.depths, Optional.ofNullable(check.enlarged));
    }

    /** Most is seen where a move ends, mostly: what is known of that spares the rest. */
    private static List<Instant> outermostFirst(List<Instant> instants) {
        List<Instant> order = new ArrayList<>();
        for (int i = 0, last = instants.size() - 1; i <= last - i; i++) {
            order.add(instants.get(last - i));
            if (i < last - i) {
                order.add(instants.get(i));
            }
        }
        return order;
    }

    private List<Opening> worstOfFrames() {
        Map<Integer, Opening> worst = new TreeMap<>();
        for (Opening opening : openings) {
            worst.merge(opening.frame(), opening, (one, other) -> other.px() > one.px() ? other : one);
        }
        return List.copyOf(worst.values());
    }

    private void look(Instant instant) {
        double determinant = instant.toFrame.determinant();
        if (instant.strength == 0 || determinant == 0 || !Double.isFinite(determinant)) {
            return;
        }
        Parallax parallax = Parallax.of(instant.toFrame, picture, frame, instant.strength);
        PosedSheet ground = PosedSheet.ground(instant.toFrame, picture, judged, instant.left);
        List<Optional<PosedSheet>> sheets = new ArrayList<>();
        for (int i = 0; i < planes.size(); i++) {
            sheets.add(PosedSheet.of(
                    planes.get(i), contours.get(i), parallax, instant.toFrame, picture, judged, instant.left));
        }
        for (int i = 0; i < planes.size(); i++) {
            behind(i, ground, sheets, instant.frame);
            int number = i;
            sheets.get(i).ifPresent(sheet -> {
                sides(planes.get(number), sheet, instant.frame);
                enlarge(number, sheet, instant.toFrame, parallax, instant.frame);
            });
        }
    }

    /** How large a plane is seen, if it may be in sight. */
    private void enlarge(int place, PosedSheet sheet, ProjectiveMap toFrame, Parallax parallax, int at) {
        double[] bounds = contours.get(place).bounds(picture);
        double[] seen = sheet.frame().bounds();
        boolean inSight = bounds[0] < seen[2] && bounds[2] > seen[0] && bounds[1] < seen[3] && bounds[3] > seen[1];
        double percent = 100
                * toFrame.meanStretch(parallax.at().x(), parallax.at().y())
                * sheet.toGround().times();
        Plane plane = planes.get(place);
        Enlarged most = enlarged;
        if (inSight && parallax.opacity(plane) > 0 && (most == null || percent > most.percent())) {
            enlarged = new Enlarged(at, plane, percent);
        }
    }

    /** What is seen behind a plane, of the ground and of whatever lies between. */
    private void behind(int hole, PosedSheet ground, List<Optional<PosedSheet>> sheets, int at) {
        Plane plane = planes.get(hole);
        Depth known = depths.get(plane.id());
        double spared = Math.min(known == null ? 0 : known.px(), plane.fill().reach());
        double deepest = spared;
        for (int sheet = -1; sheet < hole; sheet++) {
            Optional<PosedSheet> looked = sheet < 0 ? Optional.of(ground) : sheets.get(sheet);
            if (looked.isPresent()) {
                List<PosedSheet> nearer = sheets.subList(sheet + 1, sheets.size()).stream()
                        .flatMap(Optional::stream)
                        .toList();
                Contour contour = contours.get(hole);
                deepest = Math.max(
                        deepest,
                        new HiddenDepth(contour, plane.soft() / 2, looked.get(), nearer)
                                .deepest(contour.bounds(picture), deepest));
            }
        }
        if (deepest > Math.max(spared, EXACT)) {
            depths.merge(plane.id(), new Depth(at, deepest), (one, other) -> other.px() > one.px() ? other : one);
        }
        if (deepest > plane.fill().reach() + EXACT) {
            openings.add(new Opening(
                    at, plane, Optional.empty(), deepest - plane.fill().reach()));
        }
    }

    /** Whether a side along which a plane is cut lies within the frame. */
    private void sides(Plane plane, PosedSheet sheet, int at) {
        double[] left = sheet.left();
        for (Side side : Side.values()) {
            boolean column = side == Side.LEFT || side == Side.RIGHT;
            double place = left[
                    switch (side) {
                        case LEFT -> 0;
                        case TOP -> 1;
                        case RIGHT -> 2;
                        case BOTTOM -> 3;
                    }];
            double[] cuts = sheet.contour().orElseThrow().crossings(column, place);
            for (int i = 0; i + 1 < cuts.length; i += 2) {
                double from = Math.max(cuts[i], left[column ? 1 : 0]);
                double to = Math.min(cuts[i + 1], left[column ? 3 : 2]);
                double within = from >= to
                        ? Double.NEGATIVE_INFINITY
                        : column
                                ? sheet.frame().deepest(place, from, place, to)
                                : sheet.frame().deepest(from, place, to, place);
                if (within > EXACT) {
                    openings.add(new Opening(at, plane, Optional.of(side), Math.min(within, picture.width())));
                }
            }
        }
    }
}
