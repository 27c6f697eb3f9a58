package amberlens.desktop.score;

import amberlens.core.model.Shot;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Property;
import amberlens.core.motion.ValueKind;

/** One property of a shot as a line between 0 (its lowest value) and 1 (its highest). */
final class LaneCurve {
    private LaneCurve() {}

    /** The heights at the frames 0 … N−1; all one half when nothing changes. */
    static double[] heights(Shot shot, Property property) {
        return heights(shot.camera().channel(property), shot.length());
    }

    private static <V> double[] heights(Channel<V> channel, int frames) {
        double[] values = new double[frames];
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        int part = livelierPart(channel);
        for (int frame = 0; frame < frames; frame++) {
            values[frame] = channel.kind().part(channel.at(frame), part);
            low = Math.min(low, values[frame]);
            high = Math.max(high, values[frame]);
        }
        for (int frame = 0; frame < frames; frame++) {
            values[frame] = high - low < 1e-9 ? 0.5 : (values[frame] - low) / (high - low);
        }
        return values;
    }

    /** Of two axes, the one that travels further between its keys. */
    private static <V> int livelierPart(Channel<V> channel) {
        ValueKind<V> kind = channel.kind();
        if (kind.parts() == 1) {
            return 0;
        }
        return reach(channel, 1) > reach(channel, 0) ? 1 : 0;
    }

    private static <V> double reach(Channel<V> channel, int part) {
        var values = channel.keys().stream()
                .mapToDouble(key -> channel.kind().part(key.value(), part))
                .summaryStatistics();
        return values.getMax() - values.getMin();
    }
}
