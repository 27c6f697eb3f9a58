package amberlens.exchange.web;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.exchange.move.FlatMove;
import amberlens.exchange.move.ShotMove;
import amberlens.exchange.move.Stop;
import amberlens.exchange.move.Way;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/**
 * A move as one SVG element of the frame's size, animated by the declarative animations of W3C <em>SVG Animations Level 2</em> (SMIL):
 * position, turn, scale and anchor are groups within each other. Frame n stands at the time n / rate of the document.
 */
public final class SvgPage {
    private SvgPage() {}

    /** Key splines have all four numbers in 0 … 1; a curve that overshoots is sampled. */
    private static boolean sayable(TimingCurve curve) {
        return curve.y1() >= 0 && curve.y1() <= 1 && curve.y2() >= 0 && curve.y2() <= 1 && CssPage.isSteady(curve);
    }

    /**
     * The document.
     *
     * @param page where it will be written
     * @throws FileProblem when the picture leans, which SVG cannot say
     */
    public static String of(ShotMove move, Path page) throws FileProblem {
        move.requireFlat("SVG");
        FlatMove flat = FlatMove.of(move, SvgPage::sayable);
        Size frame = move.frame();
        var svg = new StringBuilder();
        svg.append("""
                <?xml version="1.0" encoding="UTF-8"?>
                <svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%2$d" viewBox="0 0 %1$d %2$d" overflow="hidden">
                <title>%3$s</title>
                <rect width="%1$d" height="%2$d" fill="%4$s"/>
                """.formatted(
                        frame.width(),
                        frame.height(),
                        Markup.escaped(move.shot().name()),
                        move.project().frame().background()));
        open(svg, move, "translate", flat.position(), n -> Markup.numbers(n, " "));
        open(svg, move, "rotate", flat.rotation(), n -> Markup.number(n.getFirst()));
        open(svg, move, "scale", flat.scale(), n -> Markup.numbers(n, " "));
        open(svg, move, "translate", flat.anchor(), n -> Markup.number(-n.get(0)) + " " + Markup.number(-n.get(1)));
        svg.append(picture(move, page)).append("</g></g></g></g>\n</svg>\n");
        return svg.toString();
    }

    private static String picture(ShotMove move, Path page) {
        Size size = move.picture();
        if (move.media().moves()) {
            return "<foreignObject width=\"%d\" height=\"%d\">%s</foreignObject>\n"
                    .formatted(
                            size.width(),
                            size.height(),
                            PictureElement.html(move, page)
                                    .replace("<video ", "<video xmlns=\"http://www.w3.org/1999/xhtml\" ")
                                    .replace(" muted autoplay playsinline", " muted=\"\" autoplay=\"\""));
        }
        return "<image href=\"%s\" width=\"%d\" height=\"%d\" preserveAspectRatio=\"none\"/>\n"
                .formatted(Markup.escaped(PageLinks.from(page, move.media().path())), size.width(), size.height());
    }

    private static void open(
            StringBuilder svg, ShotMove move, String kind, Way way, Function<List<Double>, String> value) {
        svg.append("<g transform=\"%s(%s)\">\n"
                .formatted(kind, value.apply(way.first().numbers())));
        if (!way.isStill()) {
            svg.append(animation(move, kind, way, value));
        }
    }

    private static String animation(ShotMove move, String kind, Way way, Function<List<Double>, String> value) {
        List<String> values = new ArrayList<>();
        List<String> times = new ArrayList<>();
        List<String> splines = new ArrayList<>();
        for (Stop stop : way.stops()) {
            times.add(Markup.number(way.part(stop)));
            values.add(value.apply(stop.numbers()));
            if (stop == way.last()) {
                continue;
            }
            splines.add(spline(stop.leg()));
            if (stop.leg() instanceof Leg.Hold) { // it stays until the next stop's very time
                Stop next = way.stops().get(way.stops().indexOf(stop) + 1);
                times.add(Markup.number(way.part(next)));
                values.add(value.apply(stop.numbers()));
                splines.add(spline(Leg.LINEAR));
            }
        }
        return String.format(
                Locale.ROOT,
                "<animateTransform attributeName=\"transform\" type=\"%s\" begin=\"%ss\" dur=\"%ss\" fill=\"freeze\""
                        + " calcMode=\"spline\"\n  keyTimes=\"%s\"\n  keySplines=\"%s\"\n  values=\"%s\"/>\n",
                kind,
                Markup.number(move.rate().seconds(way.first().at()) - CssPage.EARLY_SECONDS),
                Markup.number(way.seconds(move.rate())),
                String.join("; ", times),
                String.join("; ", splines),
                String.join("; ", values));
    }

    private static String spline(Leg leg) {
        if (leg instanceof Leg.Curve curve) {
            TimingCurve t = curve.timing();
            return Markup.numbers(List.of(t.x1(), t.y1(), t.x2(), t.y2()), " ");
        }
        return "0 0 1 1";
    }
}
