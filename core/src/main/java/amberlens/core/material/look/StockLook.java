package amberlens.core.material.look;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;

/** The looks that ship. They are subtle; all that they set can be changed afterwards. */
public enum StockLook {
    OLD_PRINT("Old print", "warm and pale, the corners gone dark") {
        @Override
        void draft(LookDraft on, Size picture, Size frame) {
            on.add(LookKinds.TONE)
                    .set(LookKinds.EXPOSURE, 0.15)
                    .set(LookKinds.CONTRAST, 0.9)
                    .set(LookKinds.SATURATION, 42.0)
                    .set(LookKinds.WARMTH, 45.0)
                    .add(LookKinds.VIGNETTE)
                    .set(LookKinds.STRENGTH, 35.0)
                    .set(LookKinds.OUTER, 115.0);
        }
    },
    NIGHT("Night", "dark and cold") {
        @Override
        void draft(LookDraft on, Size picture, Size frame) {
            on.add(LookKinds.TONE)
                    .set(LookKinds.EXPOSURE, -1.7)
                    .set(LookKinds.CONTRAST, 1.08)
                    .set(LookKinds.SATURATION, 55.0)
                    .set(LookKinds.WARMTH, -60.0)
                    .add(LookKinds.VIGNETTE)
                    .set(LookKinds.STRENGTH, 30.0);
        }
    },
    FADED("Faded", "little contrast, little colour") {
        @Override
        void draft(LookDraft on, Size picture, Size frame) {
            on.add(LookKinds.TONE)
                    .set(LookKinds.EXPOSURE, 0.3)
                    .set(LookKinds.CONTRAST, 0.8)
                    .set(LookKinds.SATURATION, 60.0);
        }
    },
    RICH("Rich", "a little more of everything") {
        @Override
        void draft(LookDraft on, Size picture, Size frame) {
            on.add(LookKinds.TONE)
                    .set(LookKinds.CONTRAST, 1.12)
                    .set(LookKinds.SATURATION, 116.0)
                    .set(LookKinds.WARMTH, 6.0);
        }
    },
    FOCUS_PULL("Focus pull", "soft at first, then sharp") {
        @Override
        void draft(LookDraft on, Size picture, Size frame) {
            on.add(LookKinds.SOFTNESS).change(LookKinds.SIGMA, frame.width() / 110.0, 0.0, 0.05, 0.45);
        }
    },
    SOFT_END("Soft end", "holds, then turns soft and dark") {
        @Override
        void draft(LookDraft on, Size picture, Size frame) {
            on.add(LookKinds.TONE)
                    .change(LookKinds.EXPOSURE, 0.0, -5.0, 0.75, 1)
                    .add(LookKinds.SOFTNESS)
                    .change(LookKinds.SIGMA, 0.0, frame.width() / 80.0, 0.75, 1);
        }
    },
    CLEARING("Clearing", "an old print that comes to life") {
        @Override
        void draft(LookDraft on, Size picture, Size frame) {
            on.add(LookKinds.TONE)
                    .change(LookKinds.EXPOSURE, 0.15, 0.0, 0.2, 0.7)
                    .change(LookKinds.CONTRAST, 0.9, 1.0, 0.2, 0.7)
                    .change(LookKinds.SATURATION, 20.0, 100.0, 0.2, 0.7)
                    .change(LookKinds.WARMTH, 45.0, 0.0, 0.2, 0.7);
        }
    },
    DIM_SURROUND("Dim around", "a spotlight on the middle") {
        @Override
        void draft(LookDraft on, Size picture, Size frame) {
            double side = Math.min(picture.width(), picture.height());
            on.add(LookKinds.MASK)
                    .choose(LookKinds.MODE, Mask.Mode.SPOTLIGHT)
                    .set(LookKinds.MASK_CENTRE, new FramePoint(picture.width() / 2.0, picture.height() / 2.0))
                    .set(LookKinds.MASK_SIZE, new FramePoint(picture.width() * 0.5, picture.height() * 0.55))
                    .set(LookKinds.MASK_FEATHER, (double) Math.round(side * 0.05))
                    .set(LookKinds.OUTSIDE, 60.0);
        }
    },
    DARK_CORNERS("Dark rim", "the eye stays in the middle") {
        @Override
        void draft(LookDraft on, Size picture, Size frame) {
            on.add(LookKinds.VIGNETTE)
                    .set(LookKinds.STRENGTH, 45.0)
                    .set(LookKinds.INNER, 50.0)
                    .set(LookKinds.OUTER, 110.0);
        }
    },
    PAPER_CARD("Paper card", "a pale border and a shadow, for insets") {
        @Override
        void draft(LookDraft on, Size picture, Size frame) {
            on.add(LookKinds.CARD)
                    .choose(LookKinds.CARD_COLOUR, new Colour(0xF6F1E6))
                    .set(LookKinds.CARD_WIDTH, 4.0)
                    .set(LookKinds.CARD_RADIUS, 0.5)
                    .add(LookKinds.SHADOW)
                    .set(LookKinds.SHADOW_OPACITY, 55.0);
        }
    },
    QUIET_LINES("Quiet lines", "reduces flicker of fine lines") {
        @Override
        void draft(LookDraft on, Size picture, Size frame) {
            on.add(LookKinds.CALM).set(LookKinds.CALM_SIGMA, 0.7);
        }
    };

    private final String words;
    private final String purpose;

    StockLook(String words, String purpose) {
        this.words = words;
        this.purpose = purpose;
    }

    /** The part of a shot at which it is most itself, 0 … 1. */
    public double telling() {
        return this == SOFT_END ? 0.9 : 0;
    }

    public String words() {
        return words;
    }

    /** What it does, in a few words. */
    public String purpose() {
        return purpose;
    }

    abstract void draft(LookDraft on, Size picture, Size frame);

    /**
     * The looks for a shot.
     *
     * @param picture source pixels
     * @param length frames
     */
    public LookSet make(Size picture, Size frame, int length) {
        var draft = new LookDraft(picture, frame, length);
        draft(draft, picture, frame);
        return draft.named(words);
    }

    /** One look of a kind, so that something of it is seen. */
    public static LookSet single(LookKind kind, Size picture, Size frame, int length) {
        var draft = new LookDraft(picture, frame, length).add(kind);
        if (kind.equals(LookKinds.SOFTNESS)) {
            draft.set(LookKinds.SIGMA, Math.max(1, frame.width() / 320.0));
        } else if (kind.equals(LookKinds.CALM)) {
            draft.set(LookKinds.CALM_SIGMA, 0.7);
        } else if (kind.equals(LookKinds.VIGNETTE)) {
            draft.set(LookKinds.STRENGTH, 40.0);
        } else if (kind.equals(LookKinds.CARD)) {
            draft.set(LookKinds.CARD_WIDTH, 4.0);
        } else if (kind.equals(LookKinds.INK)) {
            draft.set(LookKinds.INK_PART, 100.0);
        } else if (kind.equals(LookKinds.GROUND)) {
            draft.set(LookKinds.GROUND_PART, 100.0);
        }
        return draft.named(kind.word());
    }
}
