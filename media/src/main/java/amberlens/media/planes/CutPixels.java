package amberlens.media.planes;

import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.planes.Contour;
import amberlens.core.material.planes.Contour.Depths;
import amberlens.core.material.planes.Cutouts;
import amberlens.core.material.planes.Fill;
import amberlens.core.pixels.raster.Light;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Cuts a picture into its ground and its planes. */
public final class CutPixels {
    /** Pixels that are looked at together. */
    private static final int BLOCK = 16;

    /** What lies around holes, from which they are filled, in parts of the longer side of the picture. */
    private static final double AROUND = 0.08;

    /** So much deeper than a filling is asked to reach there is something still, for samplers that look around: in pixels. */
    private static final double BEYOND = 16;

    private static final double BEYOND_PART = 1 / 256.0;

    /** Over so many pixels a copy from beside runs into what is around. */
    private static final double SEAM = 12;

    private final Raster picture;
    private final Size size;
    private final List<Hole> holes;
    private final Map<Fill.Kind, Filling> fillings = new EnumMap<>(Fill.Kind.class);
    private final double beyond;

    private CutPixels(Raster picture, List<Hole> holes) {
        this.picture = picture;
        this.holes = holes;
        size = picture.size();
        beyond = BEYOND + BEYOND_PART * Math.max(size.width(), size.height());
    }

    /**
     * The pixels of a cut-out.
     *
     * @param picture the whole picture
     */
    public static Raster of(Raster picture, Cutout cutout, Rows rows) {
        Size size = picture.size();
        List<Hole> holes =
                cutout.nearer().stream().map(piece -> Hole.of(piece, size)).toList();
        var cut = new CutPixels(picture, holes);
        PictureArea area = cutout.own()
                .map(own -> Cutouts.area(own.outline(), own.soft(), size))
                .orElseGet(() -> PictureArea.whole(size));
        PixelSheet sheet = PixelSheet.of(picture, area);
        cut.fill(sheet, rows);
        cutout.own().ifPresent(own -> cutOut(sheet, Contour.of(own.outline(), size), Math.max(1, own.soft()), rows));
        return sheet.raster(cutout.own().isEmpty() && picture.opaque());
    }

    private void fill(PixelSheet sheet, Rows rows) {
        if (holes.isEmpty()) {
            return;
        }
        PictureArea around = around();
        for (Hole hole : holes) {
            switch (hole.fill().kind()) {
                case NONE -> {}
                case SPREAD ->
                    fillings.computeIfAbsent(Fill.Kind.SPREAD, _ -> Filling.spread(picture, around, holes, rows));
                case CONTINUE, BESIDE ->
                    fillings.computeIfAbsent(Fill.Kind.CONTINUE, _ -> Filling.goingOn(picture, around, holes, rows));
            }
        }
        inBlocks(sheet, rows, (left, top, right, bottom) -> {
            double x = (left + right) / 2.0;
            double y = (top + bottom) / 2.0;
            double radius = Math.hypot(right - left, bottom - top) / 2;
            if (holes.stream().anyMatch(hole -> hole.kept(hole.depth(x, y) - radius, beyond) == 0)) {
                sheet.drop(left, top, right, bottom);
            } else if (holes.stream().anyMatch(hole -> hole.begins(x, y, radius))) {
                List<Depths> here = near(x, y, radius);
                Map<Fill, List<Depths>> known = new HashMap<>();
                Function<Fill, List<Depths>> beside =
                        fill -> known.computeIfAbsent(fill, from -> near(x + from.byX(), y + from.byY(), radius + 1));
                for (int i = top; i < bottom; i++) {
                    for (int k = left; k < right; k++) {
                        fill(sheet, k, i, here, beside);
                    }
                }
            }
        });
    }

    /** All holes and enough around them to fill them from. */
    private PictureArea around() {
        double margin = AROUND * Math.max(size.width(), size.height());
        double left = size.width();
        double top = size.height();
        double right = 0;
        double bottom = 0;
        for (Hole hole : holes) {
            double[] bounds = hole.contour().bounds(size);
            left = Math.min(left, bounds[0] - margin);
            top = Math.min(top, bounds[1] - margin);
            right = Math.max(right, bounds[2] + margin);
            bottom = Math.max(bottom, bounds[3] + margin);
        }
        int fromX = (int) Math.clamp(left, 0, size.width() - 1.0);
        int fromY = (int) Math.clamp(top, 0, size.height() - 1.0);
        int toX = (int) Math.ceil(Math.clamp(right, fromX + 1.0, size.width()));
        int toY = (int) Math.ceil(Math.clamp(bottom, fromY + 1.0, size.height()));
        return new PictureArea(fromX, fromY, new Size(toX - fromX, toY - fromY));
    }

    /** Depths within the outlines of the holes, of the places about one. */
    private List<Depths> near(double x, double y, double radius) {
        return holes.stream().map(hole -> hole.contour().near(x, y, radius)).toList();
    }

    private void fill(PixelSheet sheet, int x, int y, List<Depths> here, Function<Fill, List<Depths>> beside) {
        Hole deepest = null;
        double most = Double.NEGATIVE_INFINITY;
        float kept = 1;
        for (int i = 0; i < holes.size(); i++) {
            Hole hole = holes.get(i);
            double depth = here.get(i).at(x + 0.5, y + 0.5) - hole.half();
            kept = Math.min(kept, hole.kept(depth, beyond));
            double begun = depth + 2 * hole.half();
            if (begun > most) {
                most = begun;
                deepest = hole;
            }
        }
        if (deepest != null && deepest.fill().kind() != Fill.Kind.NONE) {
            float part = deepest.filled(most - 2 * deepest.half());
            if (part > 0) {
                sheet.mix(x, y, colour(deepest.fill(), x, y, beside), part);
            }
        }
        if (kept < 1) {
            sheet.keep(x, y, kept);
        }
    }

    private int colour(Fill fill, int x, int y, Function<Fill, List<Depths>> from) {
        return switch (fill.kind()) {
            case SPREAD -> fillings.get(Fill.Kind.SPREAD).code(x, y);
            case BESIDE -> beside(fill, x, y, from.apply(fill));
            case CONTINUE, NONE -> fillings.get(Fill.Kind.CONTINUE).code(x, y);
        };
    }

    /** A copy of the picture where it has something to give. */
    private int beside(Fill fill, int x, int y, List<Depths> from) {
        int fromX = (int) Math.round(x + fill.byX());
        int fromY = (int) Math.round(y + fill.byY());
        double room = Math.min(Math.min(fromX, size.width() - 1 - fromX), Math.min(fromY, size.height() - 1 - fromY));
        for (int i = 0; i < holes.size(); i++) {
            room = Math.min(
                    room,
                    -from.get(i).at(fromX + 0.5, fromY + 0.5) - holes.get(i).half());
        }
        int around = fillings.get(Fill.Kind.CONTINUE).code(x, y);
        return room <= 0 ? around : between(around, code(fromX, fromY), Math.min(1, room / SEAM));
    }

    private int code(int x, int y) {
        Light light = picture.at(x, y);
        return Srgb.encoded8((float) light.red())
                | Srgb.encoded8((float) light.green()) << 8
                | Srgb.encoded8((float) light.blue()) << 16;
    }

    private static int between(int one, int other, double part) {
        int code = 0;
        for (int shift = 0; shift < 24; shift += 8) {
            int from = one >>> shift & 0xFF;
            int to = other >>> shift & 0xFF;
            code |= (int) Math.round(from + part * (to - from)) << shift;
        }
        return code;
    }

    private static void cutOut(PixelSheet sheet, Contour contour, double soft, Rows rows) {
        inBlocks(sheet, rows, (left, top, right, bottom) -> {
            double depth = contour.depth((left + right) / 2.0, (top + bottom) / 2.0);
            double radius = Math.hypot(right - left, bottom - top) / 2;
            if (depth - radius >= soft / 2) {
                return;
            }
            Depths near = contour.near((left + right) / 2.0, (top + bottom) / 2.0, radius);
            for (int y = top; y < bottom; y++) {
                for (int x = left; x < right; x++) {
                    double inside = depth + radius < -soft / 2 ? -soft : near.at(x + 0.5, y + 0.5);
                    sheet.keep(x, y, (float) Math.clamp(0.5 + inside / soft, 0, 1));
                }
            }
        });
    }

    private interface Block {
        void of(int left, int top, int right, int bottom);
    }

    private static void inBlocks(PixelSheet sheet, Rows rows, Block block) {
        Size size = sheet.area.size();
        rows.inBands(Math.ceilDiv(size.height(), BLOCK), (first, last) -> {
            for (int y = first; y < last; y++) {
                for (int x = 0; x < size.width(); x += BLOCK) {
                    int left = sheet.area.left() + x;
                    int top = sheet.area.top() + y * BLOCK;
                    block.of(
                            left,
                            top,
                            sheet.area.left() + Math.min(x + BLOCK, size.width()),
                            sheet.area.top() + Math.min((y + 1) * BLOCK, size.height()));
                }
            }
        });
    }
}
