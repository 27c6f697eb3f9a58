package amberlens.core.render.frame;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.look.Card;
import amberlens.core.material.look.LookSpace;
import amberlens.core.material.look.Mask;
import amberlens.core.material.look.Shadow;
import amberlens.core.material.look.Tone;
import amberlens.core.material.look.Vignette;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.filter.Darkening;
import amberlens.core.render.filter.Masking;
import amberlens.core.render.filter.Silhouette;
import amberlens.core.render.filter.Toning;
import java.util.ArrayList;
import java.util.List;

/**
 * Puts looks on what is seen of a picture, at one moment.
 *
 * @param looks all but the crop, which the picture has already
 * @param picture source pixels
 * @param toOutput from source pixels to output pixels
 * @param frame frame pixels
 * @param output output pixels
 */
record Dressing(AppliedLooks looks, Size picture, ProjectiveMap toOutput, Size frame, Size output) {
    /** Sides that are not cropped lie so many frames further out. */
    private static final double BEYOND = 1000;

    private static final double ROUNDING = 1e-9;

    /** A title as looks have it written, cropped by the sides of its text box. */
    Seen lettered(Written written) {
        Written set = written.as(looks.lettering().on(written.title()));
        Portion left = looks.left();
        return left.isWhole() ? set : clipped(set, left);
    }

    private Seen clipped(Seen seen, Portion left) {
        return new Seen.Worked(
                seen,
                Masking.rounded(
                        left.left() * picture.width(),
                        left.top() * picture.height(),
                        left.width() * picture.width(),
                        left.height() * picture.height(),
                        0,
                        toOutput));
    }

    /** Several pictures as one with their looks: where a side is not cropped, what they show beyond it stays. */
    Seen ofGroup(Seen all) {
        Portion left = looks.left();
        if (left.isWhole()) {
            return of(all);
        }
        double right = 1 - left.left() - left.width();
        double bottom = 1 - left.top() - left.height();
        double fromX = left.left() > 0 ? left.left() : -BEYOND;
        double fromY = left.top() > 0 ? left.top() : -BEYOND;
        double toX = right > ROUNDING ? 1 - right : 1 + BEYOND;
        double toY = bottom > ROUNDING ? 1 - bottom : 1 + BEYOND;
        return of(clipped(all, new Portion(fromX, fromY, toX - fromX, toY - fromY)));
    }

    /** The picture with its looks. */
    Seen of(Seen seen) {
        if (looks.isPlain()) {
            return seen;
        }
        Seen dressed = framedBy(looks.cards(), seen);
        dressed = toned(dressed);
        double softness = looks.softness() * pxX();
        dressed = softness > 0 ? soft(dressed, softness, looks.softness() * pxY()) : dressed;
        dressed = looks.calm() > 0 ? soft(dressed, 0, looks.calm() * pxY()) : dressed;
        dressed = masked(dressed);
        for (Shadow shadow : looks.shadows()) {
            dressed = dressed.hidesAllBelow() ? dressed : shadowed(dressed, shadow);
        }
        return darkened(dressed);
    }

    /** What stands behind the picture, with those looks that are of the shot as a whole. */
    Seen behind(Seen backdrop, boolean ofPicture) {
        return darkened(ofPicture ? toned(backdrop) : backdrop);
    }

    /** Output pixels per frame pixel. */
    private double pxX() {
        return (double) output.width() / frame.width();
    }

    private double pxY() {
        return (double) output.height() / frame.height();
    }

    private Seen soft(Seen seen, double sigmaX, double sigmaY) {
        return new Seen.Soft(seen, sigmaX, sigmaY, Seen.Bounds.of(output));
    }

    private Seen toned(Seen seen) {
        Seen toned = seen;
        for (Tone tone : looks.tones()) {
            toned = new Seen.Worked(toned, new Toning(tone));
        }
        return toned;
    }

    /** Cards one around the other, from the inside out. */
    private Seen framedBy(List<Card> cards, Seen seen) {
        Portion left = looks.left();
        double x = left.left() * picture.width();
        double y = left.top() * picture.height();
        double width = left.width() * picture.width();
        double height = left.height() * picture.height();
        double side = Math.min(width, height);
        Seen framed = seen;
        if (looks.rounding() > 0) {
            framed = new Seen.Worked(framed, Masking.rounded(x, y, width, height, looks.rounding() * side, toOutput));
        }
        for (Card card : cards) {
            double border = card.width() * side;
            x -= border;
            y -= border;
            width += 2 * border;
            height += 2 * border;
            if (border > 0 && !framed.hidesAllBelow()) {
                framed = new Seen.Group(
                        List.of(sheet(x, y, width, height, card.radius() * side, card.colour()), framed),
                        1,
                        BlendMode.NORMAL);
            }
        }
        return framed;
    }

    /** A plain rectangle in the picture's plane. */
    private Seen sheet(double x, double y, double width, double height, double radius, Colour colour) {
        ProjectiveMap placed = new ProjectiveMap(width, 0, x, 0, height, y, 0, 0, 1).then(toOutput);
        Seen sheet = new Layer(Pyramid.plain(colour), placed, false);
        return radius > 0 ? new Seen.Worked(sheet, Masking.rounded(x, y, width, height, radius, toOutput)) : sheet;
    }

    /** Masks of a mode that follow each other work together. */
    private Seen masked(Seen seen) {
        Seen masked = seen;
        List<Mask> together = new ArrayList<>();
        for (Mask mask : looks.masks()) {
            if (!together.isEmpty() && together.getFirst().mode() != mask.mode()) {
                masked = new Seen.Worked(masked, Masking.of(together, this::placing));
                together.clear();
            }
            together.add(mask);
        }
        return together.isEmpty() ? masked : new Seen.Worked(masked, Masking.of(together, this::placing));
    }

    private ProjectiveMap placing(Mask mask) {
        return placing(mask.space());
    }

    private ProjectiveMap placing(LookSpace space) {
        return space == LookSpace.PICTURE ? toOutput : ProjectiveMap.IDENTITY.thenScaled(pxX(), pxY());
    }

    private Seen shadowed(Seen seen, Shadow shadow) {
        Seen shape =
                new Seen.Worked(Shapes.of(seen), new Silhouette(Compositor.linear(shadow.colour()), shadow.opacity()));
        Seen moved = shape.moved(
                Zoom.shift(shadow.offset().x() * pxX(), shadow.offset().y() * pxY()));
        Seen soft = shadow.sigma() > 0 ? soft(moved, shadow.sigma() * pxX(), shadow.sigma() * pxY()) : moved;
        return new Seen.Group(List.of(soft, seen), 1, BlendMode.NORMAL);
    }

    private Seen darkened(Seen seen) {
        Seen darkened = seen;
        for (Vignette vignette : looks.vignettes()) {
            Size space = vignette.space() == LookSpace.PICTURE ? picture : frame;
            darkened = new Seen.Worked(
                    darkened, new Darkening(vignette, placing(vignette.space()), space.width(), space.height()));
        }
        return darkened;
    }
}
