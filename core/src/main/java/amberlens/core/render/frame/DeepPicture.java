package amberlens.core.render.frame;

import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.material.planes.Cutouts;
import amberlens.core.material.planes.Parallax;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The pictures that a picture in planes is cut into.
 *
 * @param size of the whole picture
 * @param planes the furthest first
 */
record DeepPicture(Size size, Pyramid ground, List<Cut> planes) {
    /** A plane and its pixels, which begin somewhere in the picture. */
    record Cut(Plane plane, Pyramid pixels, PictureArea area) {}

    /** Empty while they are not all there, and where a picture lies in no planes. */
    static Optional<DeepPicture> of(Media media, LineUpFrame.Pictures pictures) {
        if (media.planes().isEmpty()) {
            return Optional.empty();
        }
        if (!(pictures.of(new PictureRef.CutOut(media, Cutouts.GROUND)) instanceof Picture.Pixels ground)) {
            return Optional.empty();
        }
        List<Cut> cuts = new ArrayList<>();
        List<Plane> planes = Cutouts.inOrder(media.planes());
        for (int i = 0; i < planes.size(); i++) {
            if (!(pictures.of(new PictureRef.CutOut(media, Cutouts.ofPlane(i))) instanceof Picture.Pixels pixels)) {
                return Optional.empty();
            }
            cuts.add(new Cut(planes.get(i), pixels.pyramid(), Cutouts.area(planes.get(i), media.size())));
        }
        return Optional.of(new DeepPicture(media.size(), ground.pyramid(), cuts));
    }

    /**
     * Laid over each other as they are seen from where the camera stands.
     *
     * @param placed the ground in its pose
     * @param toOutput from the picture's pixels to the output, in the same pose
     * @param left the part of the picture that is left
     */
    Seen over(Layer placed, Parallax parallax, ProjectiveMap toOutput, Portion left) {
        List<Seen> parts = new ArrayList<>();
        parts.add(placed);
        for (Cut cut : planes) {
            parallax.of(cut.plane)
                    .map(zoom -> zoom.map()
                            .afterShift(cut.area.left(), cut.area.top())
                            .then(toOutput))
                    .map(map -> new Layer(cut.pixels, left.in(cut.area, size), map, false, placed.seen()))
                    .filter(Layer::isVisible)
                    .map(layer -> faded(layer, parallax.opacity(cut.plane)))
                    .ifPresent(parts::add);
        }
        return new Seen.Group(parts, 1, BlendMode.NORMAL);
    }

    private static Seen faded(Layer layer, double opacity) {
        return opacity == 1 ? layer : new Seen.Group(List.of(layer), opacity, BlendMode.NORMAL);
    }
}
