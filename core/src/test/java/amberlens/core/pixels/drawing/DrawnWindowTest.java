package amberlens.core.pixels.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.AffineMap;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrawnWindowTest {
    private static final Size PICTURE = new Size(4400, 3300);
    private static final Size OUTPUT = new Size(1920, 1080);

    private static ProjectiveMap map(double scale, double degrees, double x, double y) {
        return ProjectiveMap.IDENTITY
                .thenShifted(-x, -y)
                .thenTurned(degrees)
                .thenScaled(scale, scale)
                .thenShifted(960, 540);
    }

    /** What the Java library says is seen lies in the window, which is about as fine as what is seen. */
    @Test
    void whatIsSeenLiesInItsWindow() throws NoninvertibleTransformException {
        Random chance = new Random(4);
        int found = 0;
        for (int i = 0; i < 500; i++) {
            double scale = Math.exp(3.5 * chance.nextDouble());
            double x = PICTURE.width() * chance.nextDouble();
            double y = PICTURE.height() * chance.nextDouble();
            double degrees = 360 * chance.nextDouble();
            Optional<DrawnWindow> window = DrawnWindow.of(map(scale, degrees, x, y), PICTURE, OUTPUT);
            var back = new AffineTransform();
            back.translate(960, 540);
            back.scale(scale, scale);
            back.rotate(Math.toRadians(degrees));
            back.translate(-x, -y);
            Rectangle2D seen = back.createInverse()
                    .createTransformedShape(new Rectangle2D.Double(0, 0, 1920, 1080))
                    .getBounds2D()
                    .createIntersection(new Rectangle2D.Double(0, 0, PICTURE.width(), PICTURE.height()));
            if (window.isPresent()) {
                found++;
                PictureArea area = window.get().area(PICTURE);
                assertThat(seen.getMinX()).isGreaterThanOrEqualTo(area.left() - 1e-6);
                assertThat(seen.getMinY()).isGreaterThanOrEqualTo(area.top() - 1e-6);
                assertThat(seen.getMaxX())
                        .isLessThanOrEqualTo(area.left() + area.size().width() + 1e-6);
                assertThat(seen.getMaxY())
                        .isLessThanOrEqualTo(area.top() + area.size().height() + 1e-6);
                assertThat(scale / window.get().times()).isGreaterThan(0.55);
                assertThat(area.size().width() * window.get().times()).isLessThanOrEqualTo(6528);
            } else {
                assertThat(scale).isLessThan(2.6);
            }
        }
        assertThat(found).isGreaterThan(300);
    }

    @Test
    void anUprightOutputHasUprightWindows() {
        DrawnWindow window = DrawnWindow.of(map(8, 0, 2000, 1500), PICTURE, new Size(1080, 1920))
                .orElseThrow();
        PictureArea area = window.area(PICTURE);
        assertThat(area.size().height()).isGreaterThan(area.size().width());
    }

    @ParameterizedTest
    @CsvSource({"1.1, 0", "1.6, 2", "2.3, 2", "4.5, 4", "40, 64", "500, 64"})
    void isNeverEnlargedMuchAndNeverFinerThanItNeedsToBe(double scale, int times) {
        Optional<DrawnWindow> window = DrawnWindow.of(map(scale, 0, 2000, 1500), PICTURE, OUTPUT);
        assertThat(window.map(DrawnWindow::times).orElse(0)).isEqualTo(times);
    }

    @Test
    void whatLeansOrIsFlattenedHasNone() {
        ProjectiveMap leaning = new ProjectiveMap(8, 0, 0, 0, 8, 0, 1e-4, 0, 1);
        assertThat(DrawnWindow.of(leaning, PICTURE, OUTPUT)).isEmpty();
        assertThat(DrawnWindow.of(ProjectiveMap.of(new AffineMap(0, 0, 0, 0, 0, 0)), PICTURE, OUTPUT))
                .isEmpty();
        assertThatThrownBy(() -> new DrawnWindow(false, 7, 0, 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
