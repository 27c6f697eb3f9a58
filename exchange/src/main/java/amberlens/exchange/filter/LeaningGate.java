package amberlens.exchange.filter;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.exchange.move.FlatMove;
import amberlens.exchange.move.ShotMove;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The gate of a picture that leans by the {@code perspective} filter, which the usual builds of FFmpeg have (those under the GPL): the four
 * corners of its output are places of its input that change from frame to frame.
 */
final class LeaningGate {
    /** The filter counts frames from 1. */
    private static final String COUNT = "(on-1)";

    private final ShotMove move;
    private final Chain chain;
    private final Size sheet;

    LeaningGate(ShotMove move, Chain chain) {
        this.move = move;
        this.chain = chain;
        Size inner = chain.bordered();
        sheet = new Size(
                Math.max(inner.width(), move.frame().width()),
                Math.max(inner.height(), move.frame().height()));
    }

    List<String> filters() {
        List<String> filters = new ArrayList<>();
        if (!sheet.equals(chain.bordered())) {
            filters.add("pad=%d:%d:0:0:color=%s".formatted(sheet.width(), sheet.height(), chain.background()));
        }
        filters.addAll(chain.repeated());
        filters.add(perspective());
        return filters;
    }

    /** The gates as places in the sheet, as the filter counts: its pixels lie at whole numbers, ours half a pixel further. */
    private String perspective() {
        double near = FlatMove.NEAR_PX / 2 / Math.max(1e-9, chain.stretch());
        List<String> parts = new ArrayList<>();
        int last = move.length() - 1;
        List<ProjectiveMap> gates = IntStream.rangeClosed(0, last)
                .mapToObj(at -> move.map(at).inverse().then(chain.toBordered()))
                .toList();
        List<FramePoint> corners = corners();
        for (int i = 0; i < corners.size(); i++) {
            FramePoint place = corners.get(i);
            parts.add("x%d='%s'"
                    .formatted(
                            i,
                            FrameExpression.expression(
                                    last, at -> gates.get(at).x(place.x(), place.y()) - 0.5, near, COUNT)));
            parts.add("y%d='%s'"
                    .formatted(
                            i,
                            FrameExpression.expression(
                                    last, at -> gates.get(at).y(place.x(), place.y()) - 0.5, near, COUNT)));
        }
        return "perspective=sense=source:eval=frame:interpolation=cubic:\n  " + String.join(":\n  ", parts);
    }

    /** The corners in the order of the filter: upper left, upper right, lower left, lower right. */
    private List<FramePoint> corners() {
        Size frame = move.frame();
        double x = 0.5 * frame.width() / sheet.width();
        double y = 0.5 * frame.height() / sheet.height();
        return List.of(
                new FramePoint(x, y),
                new FramePoint(frame.width() + x, y),
                new FramePoint(x, frame.height() + y),
                new FramePoint(frame.width() + x, frame.height() + y));
    }
}
