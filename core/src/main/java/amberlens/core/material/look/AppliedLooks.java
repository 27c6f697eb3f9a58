package amberlens.core.material.look;

import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import java.util.ArrayList;
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
        Portion left = Portion.WHOLE;
        List<Card> cards = new ArrayList<>();
        List<Tone> tones = new ArrayList<>();
        List<Mask> masks = new ArrayList<>();
        List<Shadow> shadows = new ArrayList<>();
        List<Vignette> vignettes = new ArrayList<>();
        List<Passing> inks = new ArrayList<>();
        List<Passing> grounds = new ArrayList<>();
        double size = 1;
        double spacing = 0;
        double softness = 0;
        double calm = 0;
        for (Look look : looks) {
            if (!look.on()) {
                continue;
            }
            if (look.kind().equals(LookKinds.CROP)) {
                left = left.then(cropped(look, camera, at));
            } else if (look.kind().equals(LookKinds.CARD)) {
                cards.add(Card.of(look, camera, at));
            } else if (look.kind().equals(LookKinds.TONE)) {
                tones.add(Tone.of(look, camera, at));
            } else if (look.kind().equals(LookKinds.SOFTNESS)) {
                softness = Math.hypot(softness, Math.max(0, look.at(camera, LookKinds.SIGMA, at)));
            } else if (look.kind().equals(LookKinds.CALM)) {
                calm = Math.hypot(calm, Math.max(0, look.at(camera, LookKinds.CALM_SIGMA, at)));
            } else if (look.kind().equals(LookKinds.MASK)) {
                masks.add(Mask.of(look, camera, at));
            } else if (look.kind().equals(LookKinds.SHADOW)) {
                shadows.add(Shadow.of(look, camera, at));
            } else if (look.kind().equals(LookKinds.LETTERING)) {
                size *= Math.max(0, look.at(camera, LookKinds.LETTER_SIZE, at) / 100);
                spacing += look.at(camera, LookKinds.LETTER_SPACING, at);
            } else if (look.kind().equals(LookKinds.INK)) {
                inks.add(Passing.ofInk(look, camera, at));
            } else if (look.kind().equals(LookKinds.GROUND)) {
                grounds.add(Passing.ofGround(look, camera, at));
            } else if (look.kind().equals(LookKinds.VIGNETTE)) {
                vignettes.add(Vignette.of(look, camera, at));
            }
        }
        cards.removeIf(Card::isNothing);
        tones.removeIf(Tone::isNeutral);
        shadows.removeIf(shadow -> shadow.opacity() == 0);
        vignettes.removeIf(vignette -> vignette.strength() == 0);
        masks.removeIf(Mask::changesNothing);
        inks.removeIf(ink -> ink.part() == 0);
        grounds.removeIf(ground -> ground.part() == 0);
        return new AppliedLooks(
                new LookLettering(size, spacing, inks),
                left,
                cards,
                tones,
                softness,
                calm,
                masks,
                shadows,
                vignettes,
                grounds);
    }

    private static Portion cropped(Look look, CameraTrack camera, double at) {
        return Portion.without(
                part(look.at(camera, LookKinds.CROP_LEFT, at)),
                part(look.at(camera, LookKinds.CROP_TOP, at)),
                part(look.at(camera, LookKinds.CROP_RIGHT, at)),
                part(look.at(camera, LookKinds.CROP_BOTTOM, at)));
    }

    private static double part(double percent) {
        return Math.clamp(percent / 100, 0, 1);
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
