package amberlens.core.material.look;

import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import java.util.List;

/**
 * All looks of a shot at one moment, in the order in which they are applied.
 *
 * @param lettering of a title
 * @param left what the crops leave of the picture
 * @param cards from the inside out
 * @param softness σ in frame pixels
 * @param calm σ in frame pixels, down only
 * @param grounds colours that the backdrop passes into, one after the other
 */
public record AppliedLooks(
        LookLettering lettering,
        Portion left,
        List<Card> cards,
        List<Tone> tones,
        double softness,
        double calm,
        List<Mask> masks,
        List<Shadow> shadows,
        List<Vignette> vignettes,
        List<Passing> grounds) {
    /** Nothing is changed. */
    public static final AppliedLooks PLAIN = new AppliedLooks(
            LookLettering.PLAIN, Portion.WHOLE, List.of(), List.of(), 0, 0, List.of(), List.of(), List.of(), List.of());

    /** What a corner of radius 1 takes away along each side, so that the rest is a rectangle within. */
    private static final double ROUNDED = 1 - Math.sqrt(0.5);

    /**
     * The looks that are on at a moment.
     *
     * @param at frames from the shot's first
     */
    public static AppliedLooks of(List<Look> looks, CameraTrack camera, double at) {
        if (looks.stream().noneMatch(Look::on)) {
            return PLAIN;
        }
        var layers = new LookLayers();
        looks.stream().filter(Look::on).forEach(look -> look.kind().maker().add(look, camera, at, layers));
        return layers.applied();
    }

    public AppliedLooks {
        cards = List.copyOf(cards);
        tones = List.copyOf(tones);
        masks = List.copyOf(masks);
        shadows = List.copyOf(shadows);
        vignettes = List.copyOf(vignettes);
        grounds = List.copyOf(grounds);
    }

    public boolean isPlain() {
        return equals(PLAIN);
    }

    /** How round the picture's own corners are, as a part of the shorter side of what is left of it. */
    public double rounding() {
        return cards.isEmpty() ? 0 : cards.getFirst().innerRadius();
    }

    /**
     * What is left of the picture for its edges: where its corners are rounded, the rectangle that certainly lies within.
     *
     * @param picture source pixels
     */
    public Portion judged(Size picture) {
        if (rounding() == 0) {
            return left;
        }
        double across = left.width() * picture.width();
        double down = left.height() * picture.height();
        double less = Math.min(0.5, rounding()) * Math.min(across, down) * ROUNDED;
        return left.then(Portion.without(less / across, less / down, less / across, less / down));
    }
}
