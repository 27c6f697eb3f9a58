package amberlens.media.planes;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.sampling.Pyramid;
import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SmartEdgeTest {
    private static final Size SIZE = new Size(1200, 900);
    private static final double RADIUS = 240;

    /** A light moon in a dark sky, with noise. */
    private static Pyramid moon() {
        Random chance = new Random(3);
        int[] codes = new int[SIZE.width() * SIZE.height()];
        for (int i = 0; i < codes.length; i++) {
            double away = Math.hypot(i % SIZE.width() - 600, i / SIZE.width() - 450);
            int value = Math.clamp((away < RADIUS ? 190 : 60) + (int) (8 * chance.nextGaussian()), 0, 255);
            codes[i] = CodeRaster.pixel(value, value, value, 255);
        }
        return Pyramid.onDemand(CodeRaster.ofEightBits(SIZE, codes, true));
    }

    @Test
    void goesAlongTheMoonNotThroughIt() {
        var edge = new SmartEdge(moon());
        var from = new PicturePoint(600 - RADIUS, 450);
        var to = new PicturePoint(600, 450 - RADIUS);
        assertThat(edge.way(from, to, 0)).as("not looked yet").isEmpty();
        edge.begin(from);
        assertThat(edge.knows(from)).isTrue();
        List<PicturePoint> way = edge.way(from, to, 0).orElseThrow();
        assertThat(way).hasSizeGreaterThan(5);
        assertThat(way).allSatisfy(point -> assertThat(Math.hypot(point.x() - 600, point.y() - 450))
                .isBetween(RADIUS - 3, RADIUS + 3));
        PicturePoint last = way.getLast();
        assertThat(Math.hypot(last.x() - to.x(), last.y() - to.y())).isLessThan(3);
        assertThat(edge.way(to, from, 0)).as("from elsewhere").isEmpty();
    }

    @Test
    void endsOnTheContourNextToAPlace() {
        var edge = new SmartEdge(moon());
        var from = new PicturePoint(600 - RADIUS, 450);
        edge.begin(from);
        PicturePoint beside = edge.way(from, new PicturePoint(600, 450 - RADIUS - 9), 12)
                .orElseThrow()
                .getLast();
        assertThat(Math.hypot(beside.x() - 600, beside.y() - 450)).isBetween(RADIUS - 2, RADIUS + 2);
    }

    @Test
    void knowsNothingOfWhatIsFarAway() {
        var edge = new SmartEdge(moon());
        var from = new PicturePoint(20, 20);
        edge.begin(from);
        assertThat(edge.way(from, new PicturePoint(1190, 890), 0)).isEmpty();
        assertThat(edge.way(from, new PicturePoint(90, 60), 0)).isPresent();
    }

    @Test
    void fewerPointsStayWithinTheTolerance() {
        Random chance = new Random(8);
        List<PicturePoint> drawn = new ArrayList<>();
        for (int i = 0; i < 3000; i++) {
            double turn = 2 * Math.PI * i / 3000;
            double far = 200 + 30 * Math.sin(5 * turn) + 0.5 * chance.nextDouble();
            drawn.add(new PicturePoint(400 + far * Math.cos(turn), 400 + far * Math.sin(turn)));
        }
        List<PicturePoint> fewer = Outlines.simplified(drawn, 2);
        assertThat(fewer).hasSizeBetween(10, 200);
        assertThat(drawn).allSatisfy(point -> assertThat(away(fewer, point)).isLessThanOrEqualTo(2.001));
    }

    private static double away(List<PicturePoint> outline, PicturePoint point) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < outline.size(); i++) {
            PicturePoint from = outline.get(i);
            PicturePoint to = outline.get((i + 1) % outline.size());
            least = Math.min(least, Line2D.ptSegDist(from.x(), from.y(), to.x(), to.y(), point.x(), point.y()));
        }
        return least;
    }
}
