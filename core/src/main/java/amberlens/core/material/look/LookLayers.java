package amberlens.core.material.look;

import amberlens.core.base.geometry.Portion;
import java.util.ArrayList;
import java.util.List;

/** What the looks of a shot do at a moment, gathered look by look; what changes nothing is left out in the end. */
final class LookLayers {
    final List<Card> cards = new ArrayList<>();
    final List<Tone> tones = new ArrayList<>();
    final List<Mask> masks = new ArrayList<>();
    final List<Shadow> shadows = new ArrayList<>();
    final List<Vignette> vignettes = new ArrayList<>();
    final List<Passing> inks = new ArrayList<>();
    final List<Passing> grounds = new ArrayList<>();
    private Portion left = Portion.WHOLE;
    private double letterSize = 1;
    private double letterSpacing;
    private double softness;
    private double calm;

    /** Cuts what is left so far. */
    void crop(Portion portion) {
        left = left.then(portion);
    }

    /** Blurs are folded: their variances add up. */
    void soften(double sigma) {
        softness = Math.hypot(softness, Math.max(0, sigma));
    }

    void calm(double sigma) {
        calm = Math.hypot(calm, Math.max(0, sigma));
    }

    /**
     * @param size a factor, 0 or more
     * @param spacing in per cent of the size
     */
    void letter(double size, double spacing) {
        letterSize *= size;
        letterSpacing += spacing;
    }

    AppliedLooks applied() {
        cards.removeIf(Card::isNothing);
        tones.removeIf(Tone::isNeutral);
        shadows.removeIf(shadow -> shadow.opacity() == 0);
        vignettes.removeIf(vignette -> vignette.strength() == 0);
        masks.removeIf(Mask::changesNothing);
        inks.removeIf(ink -> ink.part() == 0);
        grounds.removeIf(ground -> ground.part() == 0);
        var lettering = new LookLettering(letterSize, letterSpacing, inks);
        return new AppliedLooks(lettering, left, cards, tones, softness, calm, masks, shadows, vignettes, grounds);
    }
}
