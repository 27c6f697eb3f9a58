package amberlens.core.seal;

import amberlens.core.edges.SideDistances;
import amberlens.core.geometry.Side;
import amberlens.core.geometry.Size;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Take;
import amberlens.core.sharpness.Enlargement;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * How what is required of single frames depends on the amounts, near one choice of them: by one small step in each amount.
 * Exact, up to rounding, where {@link KeyMoves#linear()}.
 */
final class Linearised {
    private static final double STEP = 1e-4;

    private final Size picture;
    private final Size frame;
    private final double[] about;
    private final CameraTrack base;
    private final List<CameraTrack> stepped = new ArrayList<>();

    Linearised(KeyMoves moves, double[] about, Take take) {
        this.about = about;
        picture = take.picture();
        frame = take.frame();
        base = moves.moved(about);
        for (int i = 0; i < about.length; i++) {
            double[] next = about.clone();
            next[i] += STEP;
            stepped.add(moves.moved(next));
        }
    }

    /** That no edge is open at a side of a frame; in frame widths. */
    LinearProgramme.Row edge(int at, Side side) {
        return row(at, pose -> SideDistances.of(pose, picture, frame).to(side) / frame.width(), 0, 1);
    }

    /** That a frame is enlarged at most to a limit, in per cent. */
    LinearProgramme.Row limit(int at, double percent) {
        return row(at, pose -> -Enlargement.percent(pose) / 100, -percent / 100, 1);
    }

    /** That a frame keeps its pose. */
    List<LinearProgramme.Row> kept(int at, Pose pose) {
        return List.of(
                row(at, now -> now.scale().factorX(), pose.scale().factorX(), 1),
                row(at, now -> now.scale().factorY(), pose.scale().factorY(), 1),
                row(at, now -> now.position().x(), pose.position().x(), 1.0 / frame.width()),
                row(at, now -> now.position().y(), pose.position().y(), 1.0 / frame.width()));
    }

    /** That a quantity of a frame's pose is at least a value; both made smaller by a factor. */
    private LinearProgramme.Row row(int at, ToDoubleFunction<Pose> quantity, double atLeast, double factor) {
        double now = quantity.applyAsDouble(base.at(at)) * factor;
        double[] factors = new double[about.length];
        double offset = now;
        for (int i = 0; i < about.length; i++) {
            double slope = (quantity.applyAsDouble(stepped.get(i).at(at)) * factor - now) / STEP;
            factors[i] = Math.abs(slope) < 1e-10 ? 0 : slope;
            offset -= factors[i] * about[i];
        }
        return new LinearProgramme.Row(factors, atLeast * factor - offset);
    }
}
