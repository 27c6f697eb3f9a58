package amberlens.demo;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.property.Properties;
import java.awt.geom.CubicCurve2D;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;

/** The glasshouse in three planes: the dome before the wings, and ferns before both. */
final class GlasshousePlanes {
    /** Along the tips of the ferns, from the west to the door and from the door to the east. */
    private static final double[] WEST = {
        232, 2770, 272, 2748, 300, 2716, 346, 2742, 388, 2737, 510, 2691, 514, 2703, 542, 2706, 596, 2682, 612, 2663,
        654, 2731, 704, 2732, 726, 2728, 772, 2661, 876, 2767, 904, 2701, 952, 2667, 1038, 2754, 1072, 2765, 1126, 2700,
        1158, 2717, 1204, 2717, 1262, 2736, 1322, 2734, 1346, 2659, 1382, 2688, 1464, 2716, 1518, 2688, 1550, 2759,
        1580, 2739, 1654, 2720, 1702, 2685, 1744, 2709, 1828, 2700, 1846, 2676, 1910, 2746, 1940, 2676, 2024, 2710,
        2040, 2684, 2106, 2737, 2120, 2727, 2166, 2732, 2222, 2661, 2250, 2683, 2304, 2687, 2334, 2660, 2388, 2688,
        2444, 2698, 2512, 2661, 2558, 2760, 2668, 2742, 2700, 2713, 2760, 2721, 2782, 2799,
    };

    private static final double[] EAST = {
        3180, 2774, 3198, 2723, 3312, 2740, 3390, 2661, 3412, 2729, 3470, 2672, 3524, 2656, 3580, 2717,
        3646, 2704, 3690, 2711, 3706, 2668, 3720, 2680, 3774, 2668, 3792, 2652, 3856, 2735, 3870, 2706,
        3888, 2712, 3936, 2650, 4026, 2731, 4088, 2698, 4128, 2713, 4172, 2688, 4224, 2704, 4280, 2655,
        4364, 2724, 4424, 2745, 4472, 2743, 4488, 2691, 4558, 2688, 4580, 2645, 4616, 2700, 4644, 2723,
        4688, 2698, 4754, 2703, 4780, 2656, 4812, 2714, 4872, 2707, 4900, 2677, 4952, 2707, 5034, 2688,
        5072, 2659, 5148, 2709, 5202, 2711, 5236, 2676, 5284, 2759, 5368, 2724, 5410, 2751, 5460, 2760,
        5576, 2718, 5632, 2737, 5652, 2716, 5688, 2726, 5718, 2714, 5774, 2723, 5802, 2783,
    };

    /** The panes above go on behind the ferns. */
    private static final Fill GLASS = Fill.whole(Fill.Kind.BESIDE).from(0, -220);

    /** Where the ferns stand. */
    private static final double FOOT = 2866;

    private GlasshousePlanes() {}

    static List<Plane> all() {
        return List.of(
                plane("p1", "Dome", dome(), 0.84, Fill.whole(Fill.Kind.CONTINUE).withReach(700)),
                plane("p2", "Ferns in the west", ferns(WEST), 0.72, GLASS),
                plane("p3", "Ferns in the east", ferns(EAST), 0.72, GLASS));
    }

    private static Plane plane(String id, String name, List<PicturePoint> outline, double distance, Fill fill) {
        return new Plane(id, name, outline, distance, 5, fill, Extras.NONE);
    }

    static Media cut(Media glasshouse) {
        return glasshouse.withPlanes(all());
    }

    /** They move half as much as they truly would: it is a drawing. */
    static Shot calm(Shot shot) {
        return shot.withCamera(shot.camera().with(Properties.PARALLAX, Channel.constant(ValueKinds.NUMBER, 50.0)));
    }

    private static List<PicturePoint> ferns(double[] tips) {
        List<PicturePoint> outline = new ArrayList<>();
        for (int i = 0; i < tips.length; i += 2) {
            outline.add(new PicturePoint(tips[i], tips[i + 1] - 3));
        }
        outline.add(new PicturePoint(tips[tips.length - 2] + 4, FOOT));
        outline.add(new PicturePoint(tips[0] - 4, FOOT));
        return outline;
    }

    /** Its shell as it was drawn, with what stands on it and what it stands on. */
    private static List<PicturePoint> dome() {
        List<PicturePoint> outline = new ArrayList<>(List.of(
                new PicturePoint(1974, FOOT),
                new PicturePoint(1974, 2724),
                new PicturePoint(1994, 2722),
                new PicturePoint(1994, 1894),
                new PicturePoint(2024, 1894)));
        along(outline, new CubicCurve2D.Double(2024, 1894, 2054, 1054, 2556, 753, 2992, 734));
        outline.addAll(List.of(
                new PicturePoint(2992, 678),
                new PicturePoint(2962, 640),
                new PicturePoint(2980, 600),
                new PicturePoint(2984, 530),
                new PicturePoint(3016, 530),
                new PicturePoint(3020, 600),
                new PicturePoint(3038, 640),
                new PicturePoint(3008, 678)));
        along(outline, new CubicCurve2D.Double(3008, 734, 3444, 753, 3946, 1054, 3976, 1894));
        outline.addAll(List.of(
                new PicturePoint(4006, 1894),
                new PicturePoint(4006, 2722),
                new PicturePoint(4026, 2724),
                new PicturePoint(4026, FOOT)));
        return outline;
    }

    private static void along(List<PicturePoint> outline, CubicCurve2D curve) {
        double[] at = new double[6];
        for (PathIterator points = new FlatteningPathIterator(curve.getPathIterator(null), 1.5);
                !points.isDone();
                points.next()) {
            points.currentSegment(at);
            outline.add(new PicturePoint(at[0], at[1]));
        }
    }
}
