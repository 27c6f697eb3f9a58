package amberlens.core.base.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** The reference is the affine map class of the Java platform. */
class AffineMapTest {
    @Property
    void maps_and_inverses_agree_with_the_reference(
            @ForAll @DoubleRange(min = -5, max = 5) double shear,
            @ForAll @DoubleRange(min = 0.1, max = 9) double sx,
            @ForAll @DoubleRange(min = 0.1, max = 9) double sy,
            @ForAll @DoubleRange(min = -999, max = 999) double dx)
            throws NoninvertibleTransformException {
        var map = new AffineMap(sx, shear, dx, 0.25, sy + Math.abs(shear), -dx);
        var reference = new AffineTransform(sx, 0.25, shear, sy + Math.abs(shear), dx, -dx);
        var point = new Point2D.Double(17.5, -3.25);
        var there = reference.transform(point, null);
        assertThat(map.x(17.5, -3.25)).isCloseTo(there.getX(), within(1e-9));
        assertThat(map.y(17.5, -3.25)).isCloseTo(there.getY(), within(1e-9));
        if (Math.abs(map.determinant()) > 1e-3) {
            var back = reference.inverseTransform(point, null);
            assertThat(map.inverse().x(17.5, -3.25)).isCloseTo(back.getX(), within(1e-6));
            assertThat(map.inverse().y(17.5, -3.25)).isCloseTo(back.getY(), within(1e-6));
        }
    }

    @Test
    void a_flat_map_has_no_inverse() {
        assertThatThrownBy(() -> new AffineMap(1, 2, 0, 2, 4, 0).inverse()).hasMessageContaining("no inverse");
    }

    /** SMPTE ST 2046-1: safe action area 93 %, safe title area 90 % of width and height. */
    @Test
    void safe_areas_follow_the_standard() {
        var frame = new Size(1920, 1080);
        assertThat(frame.width() - 2 * SafeArea.ACTION.insetX(frame)).isCloseTo(0.93 * 1920, within(1e-9));
        assertThat(frame.height() - 2 * SafeArea.TITLE.insetY(frame)).isCloseTo(0.90 * 1080, within(1e-9));
    }

    @Test
    void sizes_of_one_shape_are_told_from_squashed_ones() {
        var frame = new Size(1920, 1080);
        assertThat(frame.sameShapeAs(new Size(854, 480))).isTrue();
        assertThat(frame.sameShapeAs(new Size(640, 480))).isFalse();
        assertThat(frame.fittedInto(640, 640)).isEqualTo(new Size(640, 360));
        assertThatThrownBy(() -> new Size(0, 5)).hasMessageContaining("0 × 5");
    }
}
