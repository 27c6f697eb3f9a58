package amberlens.core.motion.pose;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Quadrilateral;
import amberlens.core.base.geometry.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How a sheet that leans into depth is seen in the frame.
 *
 * <p>With (a, b) the place of a picture point as a flat pose shows it, counted from where its anchor lands: b′ = b·cos φ and
 * z′ = −b·sin φ for the pitch φ, then a″ = a·cos ψ − z′·sin ψ and z″ = a·sin ψ + z′·cos ψ for the yaw ψ. The viewer stands
 * D = d·√(sx·sy)·max(W, H) before the middle F of the frame: x = F + ((P − F) + (a″, b′))·D / (D + z″).
 *
 * @param toFrame from picture points to frame points; where nothing can be seen, only nearly so
 * @param unseen why it cannot be seen; empty when it can
 */
public record Projection(ProjectiveMap toFrame, Optional<Unseen> unseen) {
    /** The least distance of what is seen, as a part of the viewer's own from the middle. */
    private static final double NEAREST = 0.02;

    /** A sheet whose area, or whose part cut off at a corner, is no larger than so much of the square over its longest side is not seen. */
    private static final double THINNEST = 1e-6;

    /** Why a picture cannot be seen. */
    public enum Unseen {
        BEHIND("the picture passes behind the viewer"),
        EDGE_ON("the picture is seen edge-on"),
        CROSSED("the corners cross"),
        DISSOLVING("the shot before it ends while it still dissolves");

        private final String words;

        Unseen(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** A picture as it is seen, from its upper left corner at the origin of the picture points. */
    public Quadrilateral outline(Size picture) {
        return new Quadrilateral(picture, toFrame);
    }

    static Projection of(Pose pose, Depth depth, Depth.Setting setting) {
        ProjectiveMap leaning = leaning(pose, depth, setting);
        ProjectiveMap over = ProjectiveMap.of(setting.over().map());
        List<FramePoint> corners = new ArrayList<>();
        for (Corner corner : Corner.values()) {
            double u = setting.left() + corner.of(setting.sheet()).x() / setting.across();
            double v = setting.top() + corner.of(setting.sheet()).y() / setting.down();
            if (!(leaning.w(u, v) >= NEAREST)) {
                return new Projection(leaning.then(over), Optional.of(Unseen.BEHIND));
            }
            corners.add(new FramePoint(leaning.x(u, v), leaning.y(u, v))
                    .plus(depth.corners().of(corner)));
        }
        boolean pulled = !depth.corners().areNone();
        Optional<Unseen> unseen = unseen(corners, pulled);
        if (unseen.isPresent() || !pulled) {
            return new Projection(leaning.then(over), unseen);
        }
        ProjectiveMap whole = ProjectiveMap.ofRectangle(
                setting.left(),
                setting.top(),
                setting.sheet().width() / setting.across(),
                setting.sheet().height() / setting.down(),
                corners);
        return new Projection(whole.then(over), Optional.empty());
    }

    private static ProjectiveMap leaning(Pose pose, Depth depth, Depth.Setting setting) {
        double sx = pose.scale().factorX();
        double sy = pose.scale().factorY();
        double cos = pose.cos();
        double sin = pose.sin();
        double axx = cos * sx;
        double axy = -sin * sy;
        double bxx = sin * sx;
        double bxy = cos * sy;
        double a0 = -(axx * pose.anchor().x() + axy * pose.anchor().y());
        double b0 = -(bxx * pose.anchor().x() + bxy * pose.anchor().y());
        double across = depth.cosYaw();
        double crossed = depth.sinPitch() * depth.sinYaw();
        double away = depth.sinYaw();
        double awayDown = -depth.sinPitch() * depth.cosYaw();
        double viewer = depth.viewer(pose.scale(), setting);
        double wx = (away * axx + awayDown * bxx) / viewer;
        double wy = (away * axy + awayDown * bxy) / viewer;
        double ww = 1 + (away * a0 + awayDown * b0) / viewer;
        FramePoint centre = setting.centre();
        FramePoint off = pose.position().minus(centre);
        return new ProjectiveMap(
                centre.x() * wx + across * axx + crossed * bxx,
                centre.x() * wy + across * axy + crossed * bxy,
                centre.x() * ww + off.x() + across * a0 + crossed * b0,
                centre.y() * wx + depth.cosPitch() * bxx,
                centre.y() * wy + depth.cosPitch() * bxy,
                centre.y() * ww + off.y() + depth.cosPitch() * b0,
                wx,
                wy,
                ww);
    }

    /** Three corners on a line, or a turn that is no number, count as crossed: no map shows a picture so. */
    private static Optional<Unseen> unseen(List<FramePoint> corners, boolean pulled) {
        double twice = 0;
        double longest = 0;
        double leftmost = 0;
        double rightmost = 0;
        double flattest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 4; i++) {
            FramePoint here = corners.get(i);
            FramePoint next = corners.get((i + 1) % 4);
            FramePoint after = corners.get((i + 2) % 4);
            double turn = cross(next.minus(here), after.minus(next));
            leftmost = Math.min(leftmost, turn);
            rightmost = Math.max(rightmost, turn);
            flattest = Math.min(flattest, Math.abs(turn));
            twice += cross(here, next);
            longest = Math.max(longest, next.distance(here));
        }
        double least = 2 * THINNEST * longest * longest;
        if (!pulled && !(Math.abs(twice) > least)) {
            return Optional.of(Unseen.EDGE_ON);
        }
        if ((leftmost < 0 && rightmost > 0) || !(flattest > least)) {
            return Optional.of(pulled ? Unseen.CROSSED : Unseen.EDGE_ON);
        }
        return Optional.empty();
    }

    private static double cross(FramePoint a, FramePoint b) {
        return a.x() * b.y() - a.y() * b.x();
    }
}
