package amberlens.core.material.planes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import java.awt.Rectangle;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ContourTest {
    private static final Size PICTURE = new Size(800, 600);

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void aDiscOfTheDepthFitsInAndALargerOneDoesNot(int seed) {
        Random chance = new Random(seed);
        List<PicturePoint> outline = inside(Cuts.star(chance, PICTURE));
        Contour contour = Contour.of(outline, PICTURE);
        for (int i = 0; i < 200; i++) {
            double x = PICTURE.width() * chance.nextDouble();
            double y = PICTURE.height() * chance.nextDouble();
            double depth = contour.depth(x, y);
            assertThat(depth > 0).isEqualTo(Cuts.path(outline).contains(x, y));
            assertThat(crosses(outline, x, y, Math.abs(depth) - 0.5)).isFalse();
            assertThat(crosses(outline, x, y, Math.abs(depth) + 0.5)).isTrue();
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void depthsAboutAPlaceAreThoseOfTheWholeOutline(int seed) {
        Random chance = new Random(seed);
        Contour contour = Contour.of(Cuts.star(chance, PICTURE), PICTURE);
        for (int i = 0; i < 200; i++) {
            double x = PICTURE.width() * chance.nextDouble();
            double y = PICTURE.height() * chance.nextDouble();
            double radius = 60 * chance.nextDouble();
            Contour.Depths near = contour.near(x, y, radius);
            for (int k = 0; k < 20; k++) {
                double turn = 2 * Math.PI * chance.nextDouble();
                double away = radius * chance.nextDouble();
                double atX = x + away * Math.cos(turn);
                double atY = y + away * Math.sin(turn);
                assertThat(near.at(atX, atY)).isEqualTo(contour.depth(atX, atY));
            }
        }
    }

    /** Away from the sides, where outlines would go on. */
    private static List<PicturePoint> inside(List<PicturePoint> outline) {
        List<PicturePoint> points = new ArrayList<>();
        outline.forEach(
                point -> points.add(new PicturePoint(Math.clamp(point.x(), 5, 795), Math.clamp(point.y(), 5, 595))));
        return points;
    }

    /** Whether an outline passes through a disc, by the Java library: the disc is neither all inside nor all outside. */
    private static boolean crosses(List<PicturePoint> outline, double x, double y, double radius) {
        if (radius <= 0) {
            return false;
        }
        Area disc = new Area(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
        Area common = new Area(disc);
        common.intersect(new Area(Cuts.path(outline)));
        return !common.isEmpty() && !common.equals(disc);
    }

    @Test
    void nothingIsCutWhereThePictureEnds() {
        Contour reeds = Contour.of(Cuts.points(100, 400, 700, 400, 700, 600, 100, 600), PICTURE);
        assertThat(reeds.depth(400, 599)).isEqualTo(199, within(1e-9));
        assertThat(reeds.depth(110, 590)).isEqualTo(10, within(1e-9));
        Contour corner = Contour.of(Cuts.points(0, 300, 200, 300, 200, 600, 0, 600), PICTURE);
        assertThat(corner.depth(1, 599)).isEqualTo(199, within(1e-9));
    }

    @Test
    void crossesAColumnWhereItsSidesDo() {
        Contour square = Contour.of(Cuts.points(100, 100, 300, 100, 300, 300, 100, 300), PICTURE);
        assertThat(square.crossings(true, 200)).containsExactly(100, 300);
        assertThat(square.crossings(false, 50)).isEmpty();
    }

    @Test
    void boundsHoldWhatTheLibrarySaysTheyDo() {
        List<PicturePoint> star = inside(Cuts.star(new Random(9), PICTURE));
        double[] bounds = Contour.of(star, PICTURE).bounds(PICTURE);
        Rectangle library = Cuts.path(star).getBounds();
        assertThat(bounds[0]).isEqualTo(library.getMinX(), within(1.0));
        assertThat(bounds[3]).isEqualTo(library.getMaxY(), within(1.0));
    }
}
