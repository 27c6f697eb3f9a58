package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import java.util.List;
import java.util.Optional;

/** How close the Table is looked at: all of the picture, or as somebody has zoomed and panned. */
final class TableZoom {
    private static final double LARGEST = 32;
    private static final double SMALLEST_PART = 0.2;

    /** A view of one's own: its scale, and what lies in the middle. */
    private record Own(double scale, PicturePoint middle) {}

    private Optional<Own> own = Optional.empty();

    /** All of the picture again. */
    void reset() {
        own = Optional.empty();
    }

    TableView view(Size picture, double width, double height, double air) {
        TableView whole = TableView.fitting(picture, width, height, air);
        return own.map(zoomed -> new TableView(
                        zoomed.scale(),
                        width / 2 - zoomed.scale() * zoomed.middle().x(),
                        height / 2 - zoomed.scale() * zoomed.middle().y()))
                .orElse(whole);
    }

    /** Comes closer or goes further; the point under the pointer stays there. */
    void zoomAbout(TableView now, double fit, double x, double y, double factor, double width, double height) {
        double scale = Math.clamp(now.scale() * factor, SMALLEST_PART * fit, LARGEST);
        PicturePoint under = now.toPicture(x, y);
        own = Optional.of(new Own(
                scale, new PicturePoint(under.x() + (width / 2 - x) / scale, under.y() + (height / 2 - y) / scale)));
    }

    void pan(TableView now, double dx, double dy, double width, double height) {
        PicturePoint middle = now.toPicture(width / 2 - dx, height / 2 - dy);
        own = Optional.of(new Own(now.scale(), middle));
    }

    /** Shows all of some points of the picture, with air around them. */
    void fit(List<PicturePoint> points, double width, double height, double air) {
        double left = points.stream().mapToDouble(PicturePoint::x).min().orElse(0);
        double right = points.stream().mapToDouble(PicturePoint::x).max().orElse(1);
        double top = points.stream().mapToDouble(PicturePoint::y).min().orElse(0);
        double bottom = points.stream().mapToDouble(PicturePoint::y).max().orElse(1);
        double scale = Math.min(
                Math.max(1, width - 2 * air) / Math.max(1e-6, right - left),
                Math.max(1, height - 2 * air) / Math.max(1e-6, bottom - top));
        own = Optional.of(new Own(Math.min(scale, LARGEST), new PicturePoint((left + right) / 2, (top + bottom) / 2)));
    }
}
