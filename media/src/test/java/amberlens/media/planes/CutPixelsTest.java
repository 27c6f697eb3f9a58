package amberlens.media.planes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Srgb;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.planes.Cutouts;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.Light;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.PictureRef;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A red lantern before a wall that gets lighter to the right. */
class CutPixelsTest {
    private static final Size SIZE = new Size(480, 320);
    private static final int LEFT = 180;
    private static final int RIGHT = 300;
    private static final int TOP = 100;
    private static final int BOTTOM = 220;

    private static boolean isLantern(int x, int y) {
        return x >= LEFT && x < RIGHT && y >= TOP && y < BOTTOM;
    }

    private static int wall(int x) {
        return 60 + x / 4;
    }

    private static CodeRaster eightBits() {
        int[] codes = new int[SIZE.width() * SIZE.height()];
        for (int i = 0; i < codes.length; i++) {
            int x = i % SIZE.width();
            codes[i] = isLantern(x, i / SIZE.width())
                    ? CodeRaster.pixel(220, 20, 10, 255)
                    : CodeRaster.pixel(wall(x), wall(x), 150, 255);
        }
        return CodeRaster.ofEightBits(SIZE, codes, true);
    }

    private static Media media(double soft, Fill fill) {
        Plane lantern = new Plane(
                "p1",
                "Lantern",
                List.of(
                        new PicturePoint(LEFT, TOP),
                        new PicturePoint(RIGHT, TOP),
                        new PicturePoint(RIGHT, BOTTOM),
                        new PicturePoint(LEFT, BOTTOM)),
                0.5,
                soft,
                fill,
                Extras.NONE);
        return Media.photo("m1", "wall.png", SIZE).withPlanes(List.of(lantern));
    }

    private static Raster cut(Raster picture, Media media, int number) {
        return CutPixels.of(picture, Cutout.of(new PictureRef.CutOut(media, number)), Rows.ALONE);
    }

    private static int code(double light) {
        return (int) Math.round(255 * Srgb.toEncoded(light));
    }

    @ParameterizedTest
    @EnumSource(
            value = Fill.Kind.class,
            names = {"SPREAD", "CONTINUE"})
    void theWallGoesOnBehindTheLantern(Fill.Kind kind) {
        Raster ground = cut(eightBits(), media(0, Fill.whole(kind)), Cutouts.GROUND);
        assertThat(ground.opaque()).isTrue();
        int worst = 0;
        for (int y = TOP; y < BOTTOM; y++) {
            for (int x = LEFT; x < RIGHT; x++) {
                Light light = ground.at(x, y);
                worst = Math.max(worst, Math.abs(code(light.red()) - wall(x)));
                assertThat(code(light.blue())).isCloseTo(150, within(3));
            }
        }
        // from 105 on its left to 135 on its right: a guess lies between, mostly nearer to the truth than that
        assertThat(worst).isLessThanOrEqualTo(30);
        assertThat(code(ground.at(100, 50).red())).isEqualTo(wall(100));
    }

    /** A wall of one red that ends, with nothing beyond it, right beside the lantern: what is transparent is no black. */
    @ParameterizedTest
    @EnumSource(
            value = Fill.Kind.class,
            names = {"SPREAD", "CONTINUE"})
    void theGroundKeepsItsColourBesideWhatIsTransparent(Fill.Kind kind) {
        int[] codes = new int[SIZE.width() * SIZE.height()];
        long[] pixels = new long[codes.length];
        int wall = (int) Math.round(65535 * Srgb.toLinear(230 / 255.0));
        for (int i = 0; i < codes.length; i++) {
            int x = i % SIZE.width();
            boolean nothing = x >= RIGHT + 10;
            boolean lantern = isLantern(x, i / SIZE.width());
            codes[i] = nothing
                    ? CodeRaster.pixel(0, 0, 0, 0)
                    : lantern ? CodeRaster.pixel(20, 20, 20, 255) : CodeRaster.pixel(230, 40, 40, 255);
            pixels[i] = nothing ? 0 : LinearRaster.pixel(lantern ? 100 : wall, 900, 900, 65535);
        }
        for (Raster picture :
                List.of(CodeRaster.ofEightBits(SIZE, codes, false), new LinearRaster(SIZE, pixels, false))) {
            Raster ground = cut(picture, media(6, Fill.whole(kind)), Cutouts.GROUND);
            for (int y = TOP + 8; y < BOTTOM - 8; y += 4) {
                for (int x = LEFT + 8; x < RIGHT - 1; x += 3) {
                    Light light = ground.at(x, y);
                    assertThat(code(light.red() / light.alpha()))
                            .as("%s at %d, %d", picture.getClass().getSimpleName(), x, y)
                            .isCloseTo(230, within(14));
                }
            }
        }
    }

    @Test
    void aCopyFromBesideIsThePictureThere() {
        Fill beside = Fill.whole(Fill.Kind.BESIDE).from(-150, 0);
        Raster ground = cut(eightBits(), media(0, beside), Cutouts.GROUND);
        assertThat(code(ground.at(240, 160).red())).isEqualTo(wall(90));
        assertThat(code(ground.at(240, 160).green())).isEqualTo(wall(90));
    }

    @Test
    void thereIsNothingDeeperThanTheFillingReachesAndSamplersLook() {
        Raster ground = cut(eightBits(), media(0, Fill.whole(Fill.Kind.CONTINUE).withReach(20)), Cutouts.GROUND);
        assertThat(ground.opaque()).isFalse();
        assertThat(ground.at(LEFT + 20, 160).alpha()).isEqualTo(1);
        assertThat(ground.at(240, 160).alpha()).isZero();
        Raster bare = cut(eightBits(), media(0, Fill.NONE), Cutouts.GROUND);
        assertThat(code(bare.at(LEFT + 1, 160).red())).as("as it was").isEqualTo(220);
        assertThat(bare.at(240, 160).alpha()).isZero();
    }

    @Test
    void laidBackOverItsGroundThePlaneGivesThePicture() {
        Media media = media(6, Fill.whole(Fill.Kind.CONTINUE));
        Raster ground = cut(eightBits(), media, Cutouts.GROUND);
        Raster plane = cut(eightBits(), media, Cutouts.ofPlane(0));
        var area = Cutouts.area(media.planes().getFirst(), SIZE);
        assertThat(area.left()).isLessThanOrEqualTo(LEFT - 3);
        for (int y = TOP + 3; y < BOTTOM - 3; y++) {
            Light inside = plane.at(LEFT + 4 - area.left(), y - area.top());
            assertThat(inside.alpha()).isEqualTo(1);
            assertThat(code(inside.red())).isEqualTo(220);
        }
        assertThat(plane.at(LEFT - area.left(), 160 - area.top()).alpha())
                .as("half of it at the outline")
                .isEqualTo(0.58, within(0.03));
        assertThat(plane.at(0, 0).alpha()).isZero();
        assertThat(code(ground.at(LEFT - 20, 160).red())).isEqualTo(wall(LEFT - 20));
    }

    @Test
    void whatIsFinerThanEightBitsStaysSo() {
        long[] pixels = new long[SIZE.width() * SIZE.height()];
        for (int i = 0; i < pixels.length; i++) {
            int level = 20_000 + i % SIZE.width();
            pixels[i] = LinearRaster.pixel(level, level, level, 65535);
        }
        var fine = new LinearRaster(SIZE, pixels, true);
        Media media = media(0, Fill.whole(Fill.Kind.CONTINUE));
        Raster ground = cut(fine, media, Cutouts.GROUND);
        assertThat(ground.at(101, 40).red()).isEqualTo(20_101 / 65535.0, within(1e-6));
        assertThat(ground.opaque()).isTrue();
        Raster plane = cut(fine, media, Cutouts.ofPlane(0));
        assertThat(plane.at(40, 40).red()).isEqualTo((20_000 + 40 + LEFT - 1) / 65535.0, within(1e-6));
    }

    @Test
    void howFarAPlaneLiesChangesNoPixels() {
        Media media = media(2, Fill.whole(Fill.Kind.SPREAD));
        Plane nearer = media.planes().getFirst().withDistance(0.3).withName("Lamp");
        assertThat(Cutout.of(new PictureRef.CutOut(media.withPlanes(List.of(nearer)), Cutouts.GROUND)))
                .isEqualTo(Cutout.of(new PictureRef.CutOut(media, Cutouts.GROUND)));
        assertThatThrownBy(() -> new PictureRef.CutOut(media, 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
