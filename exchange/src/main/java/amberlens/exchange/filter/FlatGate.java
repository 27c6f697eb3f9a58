package amberlens.exchange.filter;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import amberlens.exchange.move.ShotMove;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * The gate of a flat move by the {@code v360} filter, which every build of FFmpeg has: from a flat picture to a flat frame, looked at along
 * its axis. Turn is its roll, scale its field of view of the input, and position its shift off the axis; {@code sendcmd} sets them anew before
 * every frame at which they have changed. It samples cubically between pixels, without rounding to whole ones.
 *
 * <p>A frame point x is seen along the vector (x − F) / q + o, where q is the length in frame pixels that counts as 1 and F the frame's
 * centre. With o = (F − C) / q, where C is the place of the sheet's centre in the frame, and fields of view that make the sheet as wide as it
 * is seen, that is the move. The filter loses its precision along its axis, so the sheet is widened to the left until its centre lies beside the
 * picture.
 */
final class FlatGate {
    /** Of the picture's width, between the sheet's centre and the picture. */
    private static final double BESIDE = 0.1;

    /** Of the picture's first column to its left, so that sampling at its border does not see what is beside it. */
    private static final int SMEARED = 4;

    private static final String NAME = "v360@gate";

    private final ShotMove move;
    private final Chain chain;
    private final Size inner;
    private final int left;
    private final Size sheet;
    private final double unit;

    FlatGate(ShotMove move, Chain chain) {
        this.move = move;
        this.chain = chain;
        inner = chain.bordered();
        int beside = SMEARED + (int) Math.ceil(BESIDE * inner.width());
        left = inner.width() + 2 * beside;
        sheet = new Size(left + inner.width(), inner.height());
        unit = 2 * furthest();
    }

    /** What must count as less than 1: how far the sheet's centre ever is from the frame's. */
    private double furthest() {
        double most = move.frame().width();
        for (int at = 0; at < move.length(); at++) {
            most = Math.max(most, centre(at).distance(move.frame().centre()));
        }
        return most;
    }

    private FramePoint centre(int at) {
        return chain.inFrame(at, sheet.width() / 2.0 - left, sheet.height() / 2.0);
    }

    List<String> filters() {
        List<String> filters = new ArrayList<>();
        if (move.mirror().across()) {
            filters.add("hflip");
        }
        if (move.mirror().down()) {
            filters.add("vflip");
        }
        filters.add("pad=%d:%d:%d:0".formatted(inner.width() + SMEARED, inner.height(), SMEARED));
        filters.add("fillborders=left=%d:mode=smear".formatted(SMEARED));
        filters.add(
                "pad=%d:%d:%d:0:color=%s".formatted(sheet.width(), sheet.height(), left - SMEARED, chain.background()));
        filters.addAll(chain.repeated());
        Map<String, String> now = numbers(0);
        String commands = commands(now);
        if (!commands.isEmpty()) {
            filters.add("sendcmd=c='\n" + commands + "'");
        }
        int finer = chain.fineness();
        var options = new StringBuilder(NAME)
                .append("=input=flat:output=flat:interp=cubic:reset_rot=1:w=")
                .append(move.frame().width() * finer)
                .append(":h=")
                .append(move.frame().height() * finer)
                .append(":h_fov=")
                .append(fov(move.frame().width() / 2.0))
                .append(":v_fov=")
                .append(fov(move.frame().height() / 2.0));
        now.forEach(
                (name, number) -> options.append(':').append(name).append('=').append(number));
        filters.add(options.toString());
        return filters;
    }

    private String commands(Map<String, String> first) {
        var text = new StringBuilder();
        Map<String, String> now = first;
        for (int at = 1; at < move.length(); at++) {
            Map<String, String> next = numbers(at);
            List<String> changed = new ArrayList<>();
            for (var entry : next.entrySet()) {
                if (!entry.getValue().equals(now.get(entry.getKey()))) {
                    changed.add(NAME + " " + entry.getKey() + " " + entry.getValue());
                }
            }
            if (!changed.isEmpty()) { // half a frame early, so that rounded times do no harm
                text.append(String.format(Locale.ROOT, "%.6f ", move.rate().seconds(at - 0.5)))
                        .append(String.join(", ", changed))
                        .append(";\n");
            }
            now = next;
        }
        return text.toString();
    }

    /** The filter's options at a frame. It counts the input's sides from the middle of the first pixel to that of the last. */
    private Map<String, String> numbers(int at) {
        Pose pose = move.pose(at);
        double kx = chain.toBordered().xx();
        double ky = chain.toBordered().yy();
        FramePoint off = move.frame().centre().minus(centre(at)).times(1 / unit);
        Map<String, String> numbers = new LinkedHashMap<>();
        numbers.put("ih_fov", fov((sheet.width() - 1) / 2.0 * pose.scale().factorX() / kx));
        numbers.put("iv_fov", fov((sheet.height() - 1) / 2.0 * pose.scale().factorY() / ky));
        numbers.put("roll", number(Math.IEEEremainder(-pose.degrees(), 360)));
        numbers.put("h_offset", number(off.x()));
        numbers.put("v_offset", number(off.y()));
        return numbers;
    }

    /** The field of view, in degrees, in which half a side of so many frame pixels is seen. */
    private String fov(double halfPx) {
        return number(2 * Math.toDegrees(Math.atan(halfPx / unit)));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.8f", value);
    }
}
