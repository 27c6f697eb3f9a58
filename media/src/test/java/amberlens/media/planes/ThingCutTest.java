package amberlens.media.planes;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ThingCutTest {
    private static final Size SIZE = new Size(1500, 1000);
    private static final double ACROSS = 330;
    private static final double DOWN = 210;
    private static final PictureBox AROUND = new PictureBox(700 - 380, 520 - 260, 760, 520);

    /** A red pebble on mottled sand; its edge is a ramp of so many pixels. */
    private static Pyramid pebble(double soft) {
        Random chance = new Random(5);
        int[] codes = new int[SIZE.width() * SIZE.height()];
        for (int i = 0; i < codes.length; i++) {
            int x = i % SIZE.width();
            int y = i / SIZE.width();
            double share = Math.clamp(0.5 - away(x + 0.5, y + 0.5) / soft, 0, 1);
            double sand = 190 + 12 * Math.sin(x / 9.0) * Math.cos(y / 7.0);
            int noise = (int) (5 * chance.nextGaussian());
            codes[i] = CodeRaster.pixel(
                    code(mixed(share, 150, sand) + noise),
                    code(mixed(share, 50, sand - 20) + noise),
                    code(mixed(share, 45, sand - 60) + noise),
                    255);
        }
        return Pyramid.onDemand(CodeRaster.ofEightBits(SIZE, codes, true));
    }

    private static double mixed(double share, double one, double other) {
        return share * one + (1 - share) * other;
    }

    private static int code(double value) {
        return (int) Math.clamp(Math.round(value), 0, 255);
    }

    /** How far a place is outside the pebble, to the first order: its level over the steepness there. */
    private static double away(double x, double y) {
        double dx = (x - 700) / ACROSS;
        double dy = (y - 520) / DOWN;
        double level = Math.hypot(dx, dy);
        double steep = Math.hypot(dx / ACROSS, dy / DOWN) / Math.max(level, 1e-9);
        return (level - 1) / Math.max(steep, 1e-9);
    }

    private static List<PicturePoint> between(List<PicturePoint> outline) {
        List<PicturePoint> places = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            PicturePoint from = outline.get(i);
            PicturePoint to = outline.get((i + 1) % outline.size());
            for (int step = 0; step < 10; step++) {
                double part = step / 10.0;
                places.add(
                        new PicturePoint(from.x() + part * (to.x() - from.x()), from.y() + part * (to.y() - from.y())));
            }
        }
        return places;
    }

    private static void isThePebble(List<PicturePoint> outline) {
        assertThat(between(outline))
                .allSatisfy(place -> assertThat(away(place.x(), place.y())).isBetween(-1.5, 1.5));
        assertThat(outline).hasSizeBetween(12, 150);
        assertThat(Outlines.simplified(outline, 0.01)).as("as few as keep it").hasSameSizeAs(outline);
    }

    @Test
    void a_box_around_a_thing_finds_its_outline_within_a_pixel_and_a_half() {
        ThingCut.Found found = ThingCut.inBox(pebble(1), AROUND).orElseThrow();
        isThePebble(found.outline());
        assertThat(found.soft()).isLessThan(4);
    }

    @Test
    void a_scribble_round_about_does_likewise() {
        List<PicturePoint> scribble = IntStream.range(0, 40)
                .mapToObj(i -> new PicturePoint(
                        700 + (ACROSS + 35 + 12 * (i % 3)) * Math.cos(i * Math.PI / 20),
                        520 + (DOWN + 35 + 12 * (i % 2)) * Math.sin(i * Math.PI / 20)))
                .toList();
        isThePebble(ThingCut.within(pebble(1), scribble).orElseThrow().outline());
    }

    @ParameterizedTest
    @ValueSource(doubles = {8, 16})
    void a_soft_edge_is_found_as_soft_as_it_is(double soft) {
        ThingCut.Found found = ThingCut.inBox(pebble(soft), AROUND).orElseThrow();
        assertThat(found.soft()).isBetween(0.4 * soft, 1.6 * soft);
        assertThat(between(found.outline())).allSatisfy(place -> assertThat(Math.abs(away(place.x(), place.y())))
                .isLessThan(1.5 + soft / 4));
    }

    @Test
    void the_same_drag_finds_the_same() {
        Pyramid picture = pebble(1);
        assertThat(ThingCut.inBox(picture, AROUND)).isEqualTo(ThingCut.inBox(picture, AROUND));
    }

    @Test
    void a_box_over_nothing_finds_nothing_or_stays_inside() {
        int[] grey = new int[SIZE.width() * SIZE.height()];
        Arrays.fill(grey, CodeRaster.pixel(120, 120, 120, 255));
        Pyramid picture = Pyramid.onDemand(CodeRaster.ofEightBits(SIZE, grey, true));
        ThingCut.inBox(picture, AROUND)
                .ifPresent(found -> assertThat(found.outline()).allSatisfy(place -> {
                    assertThat(place.x()).isBetween(AROUND.left() - 8, AROUND.right() + 8);
                    assertThat(place.y()).isBetween(AROUND.top() - 8, AROUND.bottom() + 8);
                }));
        assertThat(ThingCut.inBox(picture, new PictureBox(0, 0, SIZE.width(), SIZE.height())))
                .as("no background is left to compare with")
                .isEmpty();
    }
}
