package amberlens.core.material.look;

import static amberlens.core.motion.property.PropertyBuilder.placed;
import static amberlens.core.motion.property.PropertyBuilder.property;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Portion;
import amberlens.core.material.title.Title;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Property;
import amberlens.core.motion.property.PropertyBuilder;
import java.util.List;
import java.util.Optional;

/** The kinds of looks that ship, with their amounts and choices. */
public final class LookKinds {
    public static final Property<Double> CROP_LEFT = percent("left", "Left", 0, 0.0, 100);
    public static final Property<Double> CROP_TOP = percent("top", "Top", 1, 0.0, 100);
    public static final Property<Double> CROP_RIGHT = percent("right", "Right", 2, 0.0, 100);
    public static final Property<Double> CROP_BOTTOM = percent("bottom", "Bottom", 3, 0.0, 100);

    public static final Property<Double> CARD_WIDTH = percent("width", "Width", 0, 0.0, 100);
    public static final Property<Double> CARD_RADIUS = percent("radius", "Radius", 1, 0.0, 50);

    public static final Property<Double> EXPOSURE = number("exposure", "Exposure", 0, 0.0)
            .unit("st", "stops", " st")
            .range(-20, 20, true)
            .steps(0.01, 1)
            .build();
    public static final Property<Double> CONTRAST = number("contrast", "Contrast", 1, 1.0)
            .unit("×", "× about mid grey", " ×")
            .range(0, 10, true)
            .steps(0.005, 2)
            .build();
    public static final Property<Double> SATURATION = percent("saturation", "Saturation", 2, 100.0, 1000);
    public static final Property<Double> WARMTH = number("warmth", "Warmth", 3, 0.0)
            .unit("md", "mired warmer than daylight", " md")
            .range(Warmth.LEAST, Warmth.MOST, false)
            .steps(0.2, 0)
            .build();
    public static final Property<Double> TINT = number("tint", "Tint", 4, 0.0)
            .unit("%", "% towards magenta, below 0 towards green", " %")
            .range(-100, 100, true)
            .steps(0.2, 0)
            .build();

    public static final Property<Double> SIGMA = framePx("sigma", "Softness", 0, 0.0, 1000);
    public static final Property<Double> CALM_SIGMA = framePx("sigma", "Calm", 0, 0.0, 1.5);

    public static final Property<FramePoint> MASK_CENTRE = ofPicture("centre", "Centre", 0, 0.5);
    public static final Property<FramePoint> MASK_SIZE = ofPicture("size", "Size", 1, 0.5);
    public static final Property<FramePoint> MASK_CENTRE_IN_FRAME =
            ofFrame("centre", "Centre", 0, 0.5, (at, to) -> to.placeInFrame(at));
    public static final Property<FramePoint> MASK_SIZE_IN_FRAME =
            ofFrame("size", "Size", 1, 0.5, (extent, to) -> to.inFrame(extent));
    public static final Property<Double> MASK_TURN = number("turn", "Turn", 2, 0.0)
            .unit("°", "degrees", "°")
            .steps(0.1, 1)
            .build();
    public static final Property<Double> MASK_FEATHER = number("feather", "Feather", 3, 0.0)
            .unit("px", "source pixels", " px")
            .range(0, 100_000, true)
            .steps(0.5, 0)
            .carried((feather, to) -> feather * to.pictureX())
            .build();
    public static final Property<Double> MASK_FEATHER_IN_FRAME = framePx("feather", "Feather", 3, 0.0, 100_000);
    public static final Property<Double> OUTSIDE = percent("outside", "Outside", 4, 60.0, 100);

    public static final Property<FramePoint> SHADOW_OFFSET = property(
                    "offset", "Offset", Group.LOOK, 0, ValueKinds.POSITION, new FramePoint(12, 18))
            .unit("px", "frame pixels", "")
            .carried((offset, to) -> to.inFrame(offset))
            .build();
    public static final Property<Double> SHADOW_SIGMA = framePx("sigma", "Softness", 1, 16.0, 1000);
    public static final Property<Double> SHADOW_OPACITY = percent("opacity", "Opacity", 2, 60.0, 100);

    public static final Property<Double> STRENGTH = percent("strength", "Strength", 0, 0.0, 100);
    public static final Property<Double> INNER = percent("inner", "Inner", 1, 60.0, 1000);
    public static final Property<Double> OUTER = percent("outer", "Outer", 2, 100.0, 1000);
    public static final Property<Double> ROUNDNESS = percent("roundness", "Roundness", 3, 100.0, 100);
    public static final Property<FramePoint> VIGNETTE_CENTRE = property(
                    "centre", "Centre", Group.LOOK, 4, ValueKinds.POSITION, new FramePoint(50, 50))
            .unit("%", "% of width and height", " %")
            .steps(0.1, 0)
            .build();

    /** Letters from much smaller to much larger than their title's, so that a size can settle. */
    public static final Property<Double> LETTER_SIZE = number("size", "Size", 0, 100.0)
            .unit("%", "% of the title's size", " %")
            .range(1, 1000, true)
            .proportional()
            .steps(0.2, 0)
            .build();

    public static final Property<Double> LETTER_SPACING = number("spacing", "Spacing", 1, 0.0)
            .unit("%", "% of the size between letters", " %")
            .range(Title.LEAST_LETTERS, Title.LARGEST_LETTERS, true)
            .steps(0.2, 0)
            .build();

    public static final Property<Double> INK_PART = percent("part", "Part", 0, 0.0, 100);
    public static final Property<Double> GROUND_PART = percent("part", "Part", 0, 0.0, 100);

    public static final Choice.OfColour INK_COLOUR = new Choice.OfColour("colour", "Colour", new Colour(0xF2C14E));
    public static final Choice.OfColour GROUND_COLOUR = new Choice.OfColour("colour", "Colour", Colour.BLACK);
    public static final Choice.OfColour GROUND_BELOW = new Choice.OfColour("below", "Lower colour", Colour.BLACK);
    public static final Choice.OfColour SHADOW_COLOUR = new Choice.OfColour("colour", "Colour", Colour.BLACK);
    /** Whether the shadow lies further off while the picture is nearer to the viewer than where it stands. */
    public static final Choice.OfSwitch SHADOW_LIFTED = new Choice.OfSwitch("lifted", "Follows its height", false);

    public static final Choice.OfColour CARD_COLOUR = new Choice.OfColour("colour", "Colour", new Colour(0xFFFFFF));
    public static final Choice.OfWords<LookSpace> MASK_SPACE =
            new Choice.OfWords<>("space", "Moves with", LookSpace.PICTURE, List.of(LookSpace.values()));
    public static final Choice.OfWords<LookSpace> VIGNETTE_SPACE =
            new Choice.OfWords<>("space", "Moves with", LookSpace.FRAME, List.of(LookSpace.values()));
    public static final Choice.OfWords<Mask.Shape> SHAPE =
            new Choice.OfWords<>("shape", "Shape", Mask.Shape.ELLIPSE, List.of(Mask.Shape.values()));
    public static final Choice.OfWords<Mask.Mode> MODE =
            new Choice.OfWords<>("mode", "Outside is", Mask.Mode.CUT, List.of(Mask.Mode.values()));
    public static final Choice.OfWords<Mask.Join> JOIN =
            new Choice.OfWords<>("join", "With masks above", Mask.Join.ADD, List.of(Mask.Join.values()));
    public static final Choice.OfSwitch INVERTED = new Choice.OfSwitch("inverted", "Inverted", false);
    public static final Choice.OfPoints POINTS = new Choice.OfPoints(
            "points",
            "Corners",
            List.of(new Mask.Point(0, -50), new Mask.Point(50, 0), new Mask.Point(0, 50), new Mask.Point(-50, 0)));

    public static final LookKind LETTERING = kind(
                    "lettering",
                    "Lettering",
                    "size and spacing of letters",
                    List.of(),
                    (look, camera, at, into) -> into.letter(
                            Math.max(0, look.at(camera, LETTER_SIZE, at) / 100), look.at(camera, LETTER_SPACING, at)),
                    LETTER_SIZE,
                    LETTER_SPACING)
            .only(LookKind.Wearer.TITLE);
    public static final LookKind INK = kind(
                    "ink",
                    "Ink",
                    "letters pass into a colour",
                    List.of(INK_COLOUR),
                    (look, camera, at, into) -> into.inks.add(Passing.ofInk(look, camera, at)),
                    INK_PART)
            .only(LookKind.Wearer.TITLE);
    public static final LookKind CROP = kind(
                    "crop",
                    "Crop",
                    "cuts the picture's sides",
                    List.of(),
                    (look, camera, at, into) -> into.crop(cropped(look, camera, at)),
                    CROP_LEFT,
                    CROP_TOP,
                    CROP_RIGHT,
                    CROP_BOTTOM)
            .with(new CropHandles());
    public static final LookKind CARD = kind(
            "card",
            "Card",
            "a border around the picture",
            List.of(CARD_COLOUR),
            (look, camera, at, into) -> into.cards.add(Card.of(look, camera, at)),
            CARD_WIDTH,
            CARD_RADIUS);
    public static final LookKind TONE = kind(
            "tone",
            "Tone",
            "light and colour",
            List.of(),
            (look, camera, at, into) -> into.tones.add(Tone.of(look, camera, at)),
            EXPOSURE,
            CONTRAST,
            SATURATION,
            WARMTH,
            TINT);
    public static final LookKind SOFTNESS = kind(
            "softness",
            "Softness",
            "out of focus",
            List.of(),
            (look, camera, at, into) -> into.soften(look.at(camera, SIGMA, at)),
            SIGMA);
    public static final LookKind CALM = kind(
            "calm",
            "Calm",
            "reduces flicker of fine lines",
            List.of(),
            (look, camera, at, into) -> into.calm(look.at(camera, CALM_SIGMA, at)),
            CALM_SIGMA);
    public static final LookKind MASK = new LookKind(
                    "mask",
                    "Mask",
                    "a shape that cuts out, or lights",
                    List.of(SHAPE, MASK_SPACE, MODE, INVERTED, JOIN, POINTS),
                    chosen -> chosen.get(MASK_SPACE) == LookSpace.FRAME
                            ? List.of(
                                    MASK_CENTRE_IN_FRAME, MASK_SIZE_IN_FRAME, MASK_TURN, MASK_FEATHER_IN_FRAME, OUTSIDE)
                            : List.of(MASK_CENTRE, MASK_SIZE, MASK_TURN, MASK_FEATHER, OUTSIDE),
                    (look, camera, at, into) -> into.masks.add(Mask.of(look, camera, at)))
            .with(new MaskHandles());
    public static final LookKind SHADOW = kind(
                    "shadow",
                    "Shadow",
                    "lifts an inset off what is below",
                    List.of(SHADOW_COLOUR, SHADOW_LIFTED),
                    (look, camera, at, into) -> into.shadows.add(Shadow.of(look, camera, at)),
                    SHADOW_OFFSET,
                    SHADOW_SIGMA,
                    SHADOW_OPACITY)
            .with(new ShadowHandles());
    public static final LookKind VIGNETTE = kind(
                    "vignette",
                    "Vignette",
                    "darkens towards the corners",
                    List.of(VIGNETTE_SPACE),
                    (look, camera, at, into) -> into.vignettes.add(Vignette.of(look, camera, at)),
                    STRENGTH,
                    INNER,
                    OUTER,
                    ROUNDNESS,
                    VIGNETTE_CENTRE)
            .with(new VignetteHandles());

    public static final LookKind GROUND = kind(
                    "ground",
                    "Ground",
                    "the backdrop passes into colours",
                    List.of(GROUND_COLOUR, GROUND_BELOW),
                    (look, camera, at, into) -> into.grounds.add(Passing.ofGround(look, camera, at)),
                    GROUND_PART)
            .only(LookKind.Wearer.BACKDROP);

    /** In the order in which they are applied. */
    public static final List<LookKind> ALL =
            List.of(LETTERING, INK, CROP, CARD, TONE, SOFTNESS, CALM, MASK, SHADOW, VIGNETTE, GROUND);

    private LookKinds() {}

    /** The kind with this name in files. */
    public static Optional<LookKind> named(String id) {
        return ALL.stream().filter(kind -> kind.id().equals(id)).findFirst();
    }

    private static LookKind kind(
            String id, String word, String purpose, List<Choice<?>> choices, LookMaker maker, Property<?>... amounts) {
        List<Property<?>> all = List.of(amounts);
        return new LookKind(id, word, purpose, choices, _ -> all, maker);
    }

    private static Portion cropped(Look look, CameraTrack camera, double at) {
        return Portion.without(
                part(look.at(camera, CROP_LEFT, at)),
                part(look.at(camera, CROP_TOP, at)),
                part(look.at(camera, CROP_RIGHT, at)),
                part(look.at(camera, CROP_BOTTOM, at)));
    }

    private static double part(double percent) {
        return Math.clamp(percent / 100, 0, 1);
    }

    private static PropertyBuilder<Double> number(String id, String word, int place, double neutral) {
        return property(id, word, Group.LOOK, place, ValueKinds.NUMBER, neutral);
    }

    private static Property<Double> percent(String id, String word, int place, double neutral, double most) {
        return number(id, word, place, neutral)
                .unit("%", "%", " %")
                .range(0, most, true)
                .steps(0.2, 0)
                .build();
    }

    /** A length in the frame, which is as long in a frame of another size. */
    private static Property<Double> framePx(String id, String word, int place, double neutral, double most) {
        return number(id, word, place, neutral)
                .unit("px", "frame pixels", " px")
                .range(0, most, true)
                .steps(most < 10 ? 0.01 : 0.1, 1)
                .carried((length, to) -> length * to.frameX())
                .build();
    }

    /** A place or an extent in source pixels; neutral is a part of the picture's size. */
    private static Property<FramePoint> ofPicture(String id, String word, int place, double part) {
        return placed(
                        id,
                        word,
                        Group.LOOK,
                        place,
                        ValueKinds.POSITION,
                        (picture, _) -> new FramePoint(part * picture.width(), part * picture.height()))
                .unit("px", "source pixels", "")
                .carried((at, to) -> new FramePoint(at.x() * to.pictureX(), at.y() * to.pictureY()))
                .build();
    }

    /** Likewise in frame pixels. */
    private static Property<FramePoint> ofFrame(
            String id, String word, int place, double part, Property.Carry<FramePoint> carry) {
        return placed(
                        id,
                        word,
                        Group.LOOK,
                        place,
                        ValueKinds.POSITION,
                        (_, frame) -> new FramePoint(part * frame.width(), part * frame.height()))
                .unit("px", "frame pixels", "")
                .carried(carry)
                .build();
    }
}
