package amberlens.media.planes;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.planes.Cutouts;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.render.frame.PictureRef;
import java.util.List;
import java.util.Optional;

/**
 * Which of the pictures that a picture in planes is cut into: all that its pixels depend on. How far the planes lie does not matter, only
 * which lies nearer.
 *
 * @param own what is cut out; empty for the ground
 * @param nearer what lies before it, in place of which something is filled in
 */
public record Cutout(Optional<Piece> own, List<Piece> nearer) {
    /**
     * What is cut out of a picture.
     *
     * @param outline around it, source pixels
     * @param soft the width of its soft edge, likewise
     * @param fill what takes its place
     */
    public record Piece(List<PicturePoint> outline, double soft, Fill fill) {
        static Piece of(Plane plane) {
            return new Piece(plane.outline(), plane.soft(), plane.fill());
        }
    }

    public Cutout {
        nearer = List.copyOf(nearer);
    }

    /** What a picture in planes is cut into there. */
    public static Cutout of(PictureRef.CutOut part) {
        List<Plane> planes = Cutouts.inOrder(part.media().planes());
        int own = part.number() - Cutouts.ofPlane(0);
        List<Piece> nearer =
                planes.subList(own + 1, planes.size()).stream().map(Piece::of).toList();
        return new Cutout(
                own < 0
                        ? Optional.empty()
                        : Optional.of(Piece.of(planes.get(own).withFill(Fill.NONE))),
                nearer);
    }
}
