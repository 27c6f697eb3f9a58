package amberlens.core.render.filter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.material.look.LookSpace;
import amberlens.core.material.look.Mask;
import amberlens.core.material.look.Tone;
import amberlens.core.material.look.Vignette;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.sampling.Window;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LightWorkTest {
    private static final Window WINDOW = new Window(0, 0, 160, 90);

    private static float[] white(Window window) {
        float[] light = window.room();
        Arrays.fill(light, 1);
        return light;
    }

    private static double at(Window window, float[] light, int x, int y) {
        return light[window.row(y) + 4 * x];
    }

    private static double[] toned(Tone tone, double... rgb) {
        double[] after = new double[3];
        for (int c = 0; c < 3; c++) {
            after[c] = tone.contrasted(rgb[c] * tone.gain());
        }
        double[][] m = tone.colours();
        double[] out = new double[3];
        for (int row = 0; row < 3; row++) {
            out[row] = m[row][0] * after[0] + m[row][1] * after[1] + m[row][2] * after[2];
        }
        return out;
    }

    @ParameterizedTest
    @CsvSource({"0.7, 1, 80, 30, 10", "-1.2, 1.35, 140, -40, 0", "0, 2.9, 100, 0, -30", "2, 0.5, 0, 0, 0"})
    void tones_are_what_their_formulas_say_whatever_the_alpha(
            double exposure, double contrast, double saturation, double warmth, double tint) {
        var tone = new Tone(exposure, contrast, saturation, warmth, tint);
        var chance = new Random(4);
        var window = new Window(3, 5, 64, 16);
        float[] light = window.room();
        float[] before = light.clone();
        for (int i = 0; i < window.length(); i += 4) {
            float alpha = 1 - chance.nextFloat();
            for (int c = 0; c < 3; c++) {
                light[i + c] = chance.nextFloat() * alpha;
            }
            light[i + 3] = alpha;
        }
        System.arraycopy(light, 0, before, 0, light.length);
        new Toning(tone).on(window, light, Loops.plain());
        for (int i = 0; i < window.length(); i += 4) {
            double alpha = before[i + 3];
            double[] expected = toned(tone, before[i] / alpha, before[i + 1] / alpha, before[i + 2] / alpha);
            for (int c = 0; c < 3; c++) {
                assertThat(light[i + c] / alpha).isCloseTo(expected[c], within(2e-4 * (1 + Math.abs(expected[c]))));
            }
            assertThat(light[i + 3]).isEqualTo(before[i + 3]);
        }
    }

    @Test
    void a_vignette_leaves_the_middle_and_reaches_its_strength_in_the_corners() {
        var vignette = new Vignette(0.5, 0.6, 1, 1, 0.5, 0.5, LookSpace.FRAME);
        float[] light = white(WINDOW);
        new Darkening(vignette, ProjectiveMap.IDENTITY, 160, 90).on(WINDOW, light, Loops.plain());
        assertThat(at(WINDOW, light, 80, 45)).isEqualTo(1);
        assertThat(at(WINDOW, light, 0, 0)).isCloseTo(0.5, within(1e-3));
        double diagonal = Math.hypot(80, 45);
        for (int x = 0; x < 80; x += 7) {
            double r = Math.hypot(x + 0.5 - 80, 20.5 - 45) / diagonal;
            double t = Math.clamp((r - 0.6) / 0.4, 0, 1);
            assertThat(at(WINDOW, light, x, 20)).isCloseTo(1 - 0.5 * (3 * t * t - 2 * t * t * t), within(1e-4));
        }
        assertThat(light[WINDOW.row(0) + 3]).as("alpha").isEqualTo(1);
    }

    @Test
    void a_vignette_that_is_not_round_follows_the_frame() {
        var shaped = new Vignette(1, 0.5, 1, 0, 0.5, 0.5, LookSpace.FRAME);
        float[] light = white(WINDOW);
        new Darkening(shaped, ProjectiveMap.IDENTITY, 160, 90).on(WINDOW, light, Loops.plain());
        for (int k = 0; k < 45; k += 6) {
            double across = at(WINDOW, light, (int) Math.round(k * 16 / 9.0), 44);
            double down = at(WINDOW, light, 79, k);
            assertThat(across).as("a part of the way in").isCloseTo(down, within(0.03));
        }
    }

    @ParameterizedTest
    @CsvSource({"RECTANGLE", "ELLIPSE", "POLYGON"})
    void a_mask_without_feather_covers_the_area_of_its_shape(Mask.Shape shape) {
        var points = List.of(new Mask.Point(-50, 50), new Mask.Point(50, 50), new Mask.Point(0, -50));
        var mask = new Mask(
                shape,
                LookSpace.FRAME,
                new FramePoint(80.3, 45.6),
                new FramePoint(70.5, 48.25),
                17,
                0,
                points,
                Mask.Mode.CUT,
                1,
                false,
                Mask.Join.ADD);
        float[] light = white(WINDOW);
        Masking.of(List.of(mask), _ -> ProjectiveMap.IDENTITY).on(WINDOW, light, Loops.plain());
        double sum = 0;
        for (int y = 0; y < 90; y++) {
            for (int x = 0; x < 160; x++) {
                sum += at(WINDOW, light, x, y);
            }
        }
        double box = 70.5 * 48.25;
        double expected =
                switch (shape) {
                    case RECTANGLE -> box;
                    case ELLIPSE -> Math.PI / 4 * box;
                    case POLYGON -> box / 2;
                };
        assertThat(sum).isCloseTo(expected, within(0.004 * expected));
    }

    @Test
    void a_spotlight_dims_what_is_outside_and_an_inverted_one_what_is_inside() {
        Mask spot = mask(Mask.Mode.SPOTLIGHT, Mask.Join.ADD, 80, false);
        float[] light = white(WINDOW);
        Masking.of(List.of(spot), _ -> ProjectiveMap.IDENTITY).on(WINDOW, light, Loops.plain());
        assertThat(at(WINDOW, light, 80, 45)).isCloseTo(1, within(1e-6));
        assertThat(at(WINDOW, light, 5, 5)).isCloseTo(0.4, within(1e-6));
        assertThat(light[WINDOW.row(5) + 4 * 5 + 3]).as("still opaque").isEqualTo(1);
        float[] inverted = white(WINDOW);
        Masking.of(List.of(mask(Mask.Mode.SPOTLIGHT, Mask.Join.ADD, 80, true)), _ -> ProjectiveMap.IDENTITY)
                .on(WINDOW, inverted, Loops.plain());
        assertThat(at(WINDOW, inverted, 80, 45)).isCloseTo(0.4, within(1e-6));
    }

    @Test
    void several_masks_add_subtract_and_intersect() {
        Mask left = mask(Mask.Mode.CUT, Mask.Join.ADD, 60, false);
        for (Mask.Join join : Mask.Join.values()) {
            float[] light = white(WINDOW);
            Masking.of(List.of(left, mask(Mask.Mode.CUT, join, 100, false)), _ -> ProjectiveMap.IDENTITY)
                    .on(WINDOW, light, Loops.plain());
            boolean[] seen = {
                at(WINDOW, light, 45, 45) > 0.5, at(WINDOW, light, 80, 45) > 0.5, at(WINDOW, light, 115, 45) > 0.5
            };
            boolean[] expected =
                    switch (join) {
                        case ADD -> new boolean[] {true, true, true};
                        case SUBTRACT -> new boolean[] {true, false, false};
                        case INTERSECT -> new boolean[] {false, true, false};
                    };
            assertThat(seen).as(join.name()).isEqualTo(expected);
        }
    }

    @Test
    void an_empty_mask_leaves_nothing() {
        var empty = new Mask(
                Mask.Shape.POLYGON,
                LookSpace.FRAME,
                new FramePoint(80, 45),
                new FramePoint(50, 50),
                0,
                3,
                List.of(),
                Mask.Mode.CUT,
                1,
                false,
                Mask.Join.ADD);
        float[] light = white(WINDOW);
        Masking.of(List.of(empty), _ -> ProjectiveMap.IDENTITY).on(WINDOW, light, Loops.plain());
        assertThat(at(WINDOW, light, 80, 45)).isZero();
    }

    private static Mask mask(Mask.Mode mode, Mask.Join join, double x, boolean inverted) {
        return new Mask(
                Mask.Shape.RECTANGLE,
                LookSpace.FRAME,
                new FramePoint(x, 45),
                new FramePoint(60, 60),
                0,
                1,
                List.of(),
                mode,
                0.6,
                inverted,
                join);
    }

    @Test
    void work_is_the_same_in_a_part_of_the_output_and_in_a_smaller_one() {
        var part = new Window(0, 0, 40, 30);
        var vignette = new Vignette(0.8, 0.2, 0.9, 0.5, 0.4, 0.6, LookSpace.FRAME);
        List<LightWork> works = List.of(
                new Darkening(vignette, ProjectiveMap.IDENTITY, 160, 90),
                Masking.of(List.of(mask(Mask.Mode.CUT, Mask.Join.ADD, 60, false)), _ -> ProjectiveMap.IDENTITY));
        for (LightWork work : works) {
            float[] whole = white(WINDOW);
            work.on(WINDOW, whole, Loops.plain());
            float[] shifted = white(part);
            work.moved(Zoom.shift(-25, -15)).on(part, shifted, Loops.plain());
            for (int y = 0; y < 30; y += 3) {
                for (int x = 0; x < 40; x += 3) {
                    assertThat(at(part, shifted, x, y)).isCloseTo(at(WINDOW, whole, x + 25, y + 15), within(1e-4));
                }
            }
        }
    }
}
