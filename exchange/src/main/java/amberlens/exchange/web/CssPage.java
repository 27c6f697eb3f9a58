package amberlens.exchange.web;

import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.exchange.move.FlatMove;
import amberlens.exchange.move.ShotMove;
import amberlens.exchange.move.Stop;
import amberlens.exchange.move.Way;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A move as an HTML page: the body is the frame, the picture lies in it, and plain CSS animations move it. Frame n stands at the time
 * n / rate after the page was opened.
 *
 * <p>Position, rotation and scale are the individual transform properties of W3C <em>CSS Transforms Level 2</em>, each with keyframes of
 * its own, and the anchor is the transform after them. Legs are timing functions of W3C <em>CSS Easing Functions Level 1</em>. A picture
 * that leans has a matrix for every frame instead.
 */
public final class CssPage {
    /** Keys are reached this much before their frames, so that a held value has changed when its frame is shown. */
    static final double EARLY_SECONDS = 1e-5;

    /** Curves that are steeper anywhere, in parts of the way to parts of the time, are sampled: a moment early they are elsewhere. */
    private static final double STEEPEST = 4;

    private static final int PARTS = 2000;

    private final ShotMove move;
    private final String rules;
    private final List<String> keyframes = new ArrayList<>();
    private final List<String> animations = new ArrayList<>();

    private CssPage(ShotMove move) {
        this.move = move;
        rules = move.isFlat() ? flat() : leaning();
    }

    /**
     * The page.
     *
     * @param page where it will be written
     */
    public static String of(ShotMove move, Path page) {
        var css = new CssPage(move);
        Size frame = move.frame();
        return """
                <!DOCTYPE html>
                <html lang="en">
                <head>
                <meta charset="utf-8">
                <title>%s</title>
                <style>
                html { margin: 0; overflow: auto; background: Canvas; }
                body { position: relative; width: %dpx; height: %dpx; margin: 0; overflow: hidden; background: %s; }
                .picture {
                  position: absolute; left: 0; top: 0; width: %dpx; height: %dpx; max-width: none;
                  transform-origin: 0 0;
                %s%s}
                %s</style>
                </head>
                <body>
                %s
                </body>
                </html>
                """.formatted(
                        Markup.escaped(move.shot().name()),
                        frame.width(),
                        frame.height(),
                        move.project().frame().background(),
                        move.picture().width(),
                        move.picture().height(),
                        css.rules,
                        css.animations(),
                        String.join("", css.keyframes),
                        PictureElement.html(move, page));
    }

    /** Whether it does not matter that a curve is looked at a moment early. */
    static boolean isSteady(TimingCurve curve) {
        double before = 0;
        for (int i = 1; i <= PARTS; i++) {
            double now = curve.progress((double) i / PARTS);
            if (Math.abs(now - before) * PARTS > STEEPEST) {
                return false;
            }
            before = now;
        }
        return true;
    }

    private String animations() {
        return animations.isEmpty() ? "" : "  animation:\n    " + String.join(",\n    ", animations) + ";\n";
    }

    private String flat() {
        FlatMove flat = FlatMove.of(move, CssPage::isSteady);
        Way back = flat.anchor();
        return rule("position", flat.position(), "translate", n -> Markup.numbers(n, "px ") + "px")
                + rule("rotation", flat.rotation(), "rotate", n -> Markup.number(n.getFirst()) + "deg")
                + rule("scale", flat.scale(), "scale", n -> Markup.numbers(n, " "))
                + rule("anchor", back, "transform", n -> "translate(%spx, %spx)"
                        .formatted(Markup.number(-n.get(0)), Markup.number(-n.get(1))));
    }

    private String rule(String name, Way way, String property, Function<List<Double>, String> value) {
        if (!way.isStill()) {
            keyframes.add("@keyframes " + name + " {\n"
                    + way.stops().stream()
                            .map(stop -> frame(way, stop, property, value.apply(stop.numbers())))
                            .collect(Collectors.joining())
                    + "}\n");
            animations.add(animation(
                    name,
                    way.seconds(move.rate()),
                    move.rate().seconds(way.first().at())));
        }
        return "  " + property + ": " + value.apply(way.first().numbers()) + ";\n";
    }

    private static String animation(String name, double seconds, double after) {
        return "%s %ss linear %ss both".formatted(name, Markup.number(seconds), Markup.number(after - EARLY_SECONDS));
    }

    private static String frame(Way way, Stop stop, String property, String value) {
        boolean last = stop == way.last();
        String timing =
                switch (stop.leg()) {
                    case Leg.Hold _ -> " animation-timing-function: steps(1, end);";
                    case Leg.Curve curve
                    when !last ->
                        " animation-timing-function: cubic-bezier(%s);"
                                .formatted(Stream.of(
                                                curve.timing().x1(),
                                                curve.timing().y1(),
                                                curve.timing().x2(),
                                                curve.timing().y2())
                                        .map(Markup::number)
                                        .collect(Collectors.joining(", ")));
                    default -> "";
                };
        return "  %s%% { %s: %s;%s }\n".formatted(Markup.number(100 * way.part(stop)), property, value, timing);
    }

    /** A matrix at every frame at which the picture has not stood still since the one before and does not until the next. */
    private String leaning() {
        int last = move.length() - 1;
        String first = matrix(0);
        var text = new StringBuilder();
        boolean moves = false;
        for (int frame = 0; frame <= last; frame++) {
            String here = matrix(frame);
            boolean between = frame > 0 && frame < last;
            if (!between || !here.equals(matrix(frame - 1)) || !here.equals(matrix(frame + 1))) {
                text.append("  %s%% { transform: %s; }\n"
                        .formatted(Markup.number(last == 0 ? 0 : 100.0 * frame / last), here));
            }
            moves |= !here.equals(first);
        }
        if (moves) {
            keyframes.add("@keyframes lean {\n" + text + "}\n");
            animations.add(animation("lean", move.rate().seconds(last), 0));
        }
        return "  transform: " + first + ";\n";
    }

    /** A projective map as the 4 × 4 matrix, column by column, that leaves depth alone. */
    private String matrix(int frame) {
        ProjectiveMap map = move.map(frame);
        double w = map.ww();
        return Stream.of(
                        map.xx() / w,
                        map.yx() / w,
                        0.0,
                        map.wx() / w,
                        map.xy() / w,
                        map.yy() / w,
                        0.0,
                        map.wy() / w,
                        0.0,
                        0.0,
                        1.0,
                        0.0,
                        map.dx() / w,
                        map.dy() / w,
                        0.0,
                        1.0)
                .map(CssPage::precise)
                .collect(Collectors.joining(", ", "matrix3d(", ")"));
    }

    /** What a picture's far corner is multiplied by needs more digits than a place. */
    private static String precise(double number) {
        return Double.toString(number);
    }
}
