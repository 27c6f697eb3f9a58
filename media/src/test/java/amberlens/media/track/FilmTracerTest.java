package amberlens.media.track;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.trace.Stand;
import amberlens.core.material.trace.Trace;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.Raster;
import java.util.Arrays;
import java.util.Random;
import java.util.function.DoubleBinaryOperator;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A ground drawn by chance, filmed by a camera whose way is known. */
class FilmTracerTest {
    private static final Size SIZE = new Size(480, 270);
    private static final FrameRate RATE = FrameRate.of(25);
    private static final int FRAMES = 60;

    /** A ground much larger than the frame: soft spots of any shade. */
    private static final int SIDE = 1600;

    private static final float[] GROUND = ground(5);
    private static final float[] OTHER = ground(6);

    private static float[] ground(int seed) {
        var random = new Random(seed);
        float[] shades = new float[SIDE * SIDE];
        Arrays.fill(shades, 120);
        for (int spot = 0; spot < 40_000; spot++) {
            int cx = random.nextInt(SIDE - 20) + 10;
            int cy = random.nextInt(SIDE - 20) + 10;
            double by = 90 * (random.nextDouble() - 0.5);
            for (int y = cy - 9; y <= cy + 9; y++) {
                for (int x = cx - 9; x <= cx + 9; x++) {
                    double far = Math.hypot(x - cx, y - cy) / 3.5;
                    shades[y * SIDE + x] += (float) (by * Math.exp(-far * far));
                }
            }
        }
        return shades;
    }

    /** How the ground stands in a frame: a pan over most of a frame's width with a zoom and a roll. */
    private static Stand way(int frame) {
        double part = frame / (FRAMES - 1.0);
        double eased = part * part * (3 - 2 * part);
        return new Stand(-0.8 * eased, 0.2 * Math.sin(3 * part), 1 + 0.5 * eased, 14 * eased, 1);
    }

    private static double shade(float[] ground, Stand stand, double x, double y) {
        double turn = Math.toRadians(stand.degrees());
        double fromX = x - SIZE.width() / 2.0 - stand.x() * SIZE.width();
        double fromY = y - SIZE.height() / 2.0 - stand.y() * SIZE.width();
        double gx = SIDE / 2.0 + (Math.cos(turn) * fromX + Math.sin(turn) * fromY) / stand.scale();
        double gy = SIDE / 2.0 + (Math.cos(turn) * fromY - Math.sin(turn) * fromX) / stand.scale();
        int left = Math.clamp((int) gx, 0, SIDE - 2);
        int top = Math.clamp((int) gy, 0, SIDE - 2);
        double fx = gx - left;
        double fy = gy - top;
        int at = top * SIDE + left;
        return (ground[at] * (1 - fx) + ground[at + 1] * fx) * (1 - fy)
                + (ground[at + SIDE] * (1 - fx) + ground[at + SIDE + 1] * fx) * fy;
    }

    /** With noise, and something large that crosses. */
    private static Raster frame(float[] ground, Stand stand, int frame, double gain) {
        var random = new Random(frame);
        int[] codes = new int[Math.toIntExact(SIZE.area())];
        for (int i = 0; i < codes.length; i++) {
            int x = i % SIZE.width();
            int y = i / SIZE.width();
            boolean crossing = Math.hypot(x - 8.0 * frame, y - 150) < 75;
            double shade =
                    crossing ? shade(OTHER, Stand.STILL, x - 8.0 * frame, y) : shade(ground, stand, x + 0.5, y + 0.5);
            int code = Math.clamp(Math.round(gain * (shade + 4 * random.nextGaussian())), 0, 255);
            codes[i] = 0xFF000000 | code * 0x010101;
        }
        return CodeRaster.ofEightBits(SIZE, codes, true);
    }

    private static Trace trace(IntFunction<Raster> frames, int count) throws Exception {
        return new FilmTracer(frames::apply).trace(SIZE, RATE, new FrameSpan(0, count - 1), _ -> true);
    }

    private static void isNear(Stand found, Stand known, int frame) {
        assertThat(Math.hypot(found.x() - known.x(), found.y() - known.y()))
                .as("shift in frame %d", frame)
                .isLessThan(0.003);
        assertThat(found.scale() / known.scale()).as("scale in frame %d", frame).isCloseTo(1, within(0.005));
        assertThat(found.degrees()).as("turn in frame %d", frame).isCloseTo(known.degrees(), within(0.1));
    }

    @Test
    void a_pan_with_a_zoom_and_a_roll_is_found_in_spite_of_what_crosses_and_of_exposure() throws Exception {
        Trace trace = trace(at -> frame(GROUND, way(at), at, 1 - 0.3 * Math.sin(at / 9.0)), FRAMES);
        assertThat(trace.length()).isEqualTo(FRAMES);
        assertThat(trace.cut()).isFalse();
        assertThat(trace.guessed()).isZero();
        assertThat(trace.isDeep()).isFalse();
        for (int frame = 0; frame < FRAMES; frame++) {
            isNear(trace.stands().get(frame), way(frame), frame);
        }
    }

    /** Two fifths of the picture go their own way, as a crowd does. */
    @Test
    void what_moves_by_itself_in_two_fifths_of_the_picture_does_not_matter() throws Exception {
        Trace trace = trace(
                at -> composed(at, (x, y) -> {
                    boolean crowd = y > 0.35 * SIZE.height() && y < 0.75 * SIZE.height();
                    return crowd ? shade(OTHER, new Stand(0.004 * at, 0, 1, 0, 1), x, y) : shade(GROUND, way(at), x, y);
                }),
                30);
        IntStream.range(0, 30).forEach(at -> isNear(trace.stands().get(at), way(at), at));
    }

    /** White lines that roll up over the middle of the picture. */
    @Test
    void rolling_text_on_top_does_not_matter() throws Exception {
        Trace trace = trace(
                at -> composed(at, (x, y) -> {
                    int rolled = (int) Math.round(y + 3.0 * at);
                    boolean inked = new Random(31L * (rolled / 24) + (int) (x / 6)).nextInt(7) > 2;
                    boolean letter = Math.abs(x - SIZE.width() / 2.0) < 90 && rolled % 24 < 12 && inked;
                    return letter ? 240 : shade(GROUND, way(at), x, y);
                }),
                30);
        IntStream.range(0, 30).forEach(at -> isNear(trace.stands().get(at), way(at), at));
    }

    /** Each frame is exposed for half of its time. */
    @Test
    void blur_of_half_a_frame_does_not_matter() throws Exception {
        Trace trace = trace(
                at -> composed(at, (x, y) -> {
                    double sum = 0;
                    for (int part = 0; part < 6; part++) {
                        double time = Math.max(0, at + (part + 0.5) / 12 - 0.25);
                        int before = (int) time;
                        sum += shade(GROUND, way(before).towards(way(before + 1), time - before), x, y);
                    }
                    return sum / 6;
                }),
                20);
        IntStream.range(0, 20).forEach(at -> isNear(trace.stands().get(at), way(at), at));
    }

    /** A shade for each pixel, with noise. */
    private static Raster composed(int frame, DoubleBinaryOperator shade) {
        var random = new Random(frame);
        int[] codes = new int[Math.toIntExact(SIZE.area())];
        for (int i = 0; i < codes.length; i++) {
            double there = shade.applyAsDouble(i % SIZE.width() + 0.5, i / SIZE.width() + 0.5);
            int code = Math.clamp(Math.round(there + 4 * random.nextGaussian()), 0, 255);
            codes[i] = 0xFF000000 | code * 0x010101;
        }
        return CodeRaster.ofEightBits(SIZE, codes, true);
    }

    @Test
    void a_cut_ends_it() throws Exception {
        Trace trace = trace(at -> frame(at < 20 ? GROUND : OTHER, way(at), at, 1), 40);
        assertThat(trace.cut()).isTrue();
        assertThat(trace.length()).isEqualTo(20);
    }

    @Test
    void a_flash_does_not_and_is_bridged() throws Exception {
        int[] white = new int[Math.toIntExact(SIZE.area())];
        Arrays.fill(white, 0xFFFFFFFF);
        Raster flash = CodeRaster.ofEightBits(SIZE, white, true);
        Trace trace = trace(at -> at == 10 || at == 11 ? flash : frame(GROUND, way(at), at, 1), 30);
        assertThat(trace.cut()).isFalse();
        assertThat(trace.guessed()).isEqualTo(2);
        IntStream.range(0, 30).forEach(at -> isNear(trace.stands().get(at), way(at), at));
    }

    /** Two grounds that lie one behind the other, the farther of which goes half as fast, as a camera sees them that travels. */
    @Test
    void what_is_near_and_far_is_told() throws Exception {
        Trace trace = trace(
                at -> {
                    int[] codes = new int[Math.toIntExact(SIZE.area())];
                    for (int i = 0; i < codes.length; i++) {
                        int x = i % SIZE.width();
                        int y = i / SIZE.width();
                        double far = y < 120 ? 0.5 : 1;
                        Stand stand = new Stand(-0.004 * far * at, 0, 1, 0, 1);
                        int code = Math.clamp(
                                Math.round(shade(y < 120 ? OTHER : GROUND, stand, x + 0.5, y + 0.5)), 0, 255);
                        codes[i] = 0xFF000000 | code * 0x010101;
                    }
                    return CodeRaster.ofEightBits(SIZE, codes, true);
                },
                30);
        assertThat(trace.isDeep()).isTrue();
    }

    @Test
    void a_plain_picture_gives_nothing_to_hold_on_to() {
        int[] grey = new int[Math.toIntExact(SIZE.area())];
        Arrays.fill(grey, 0xFF808080);
        Raster plain = CodeRaster.ofEightBits(SIZE, grey, true);
        assertThatThrownBy(() -> trace(_ -> plain, 4)).hasMessageContaining("too little detail");
    }

    @Test
    void whoever_ends_it_has_what_was_found_so_far() throws Exception {
        Trace trace = new FilmTracer(at -> frame(GROUND, way(at), at, 1))
                .trace(SIZE, RATE, new FrameSpan(0, FRAMES - 1), looked -> looked < 5);
        assertThat(trace.length()).isEqualTo(5);
    }
}
