package amberlens.desktop.time.score;

import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.property.Lane;

/** The numbers of one lane over time. */
record LaneValues(Channel<?> channel) {
    static LaneValues of(Shot shot, Lane lane) {
        return new LaneValues(shot.camera().channel(lane));
    }

    int parts() {
        return channel.kind().parts();
    }

    /** One number at a frame. */
    double at(double frame, int part) {
        return at(channel, frame, part);
    }

    private static <V> double at(Channel<V> channel, double frame, int part) {
        return channel.kind().part(channel.at(frame), part);
    }

    /** Units per frame: over one frame about the moment, half of it to each side. */
    double speed(double frame, int part) {
        return at(frame + 0.5, part) - at(frame - 0.5, part);
    }

    /** One number of a key. */
    double ofKey(int index, int part) {
        return ofKey(channel, index, part);
    }

    private static <V> double ofKey(Channel<V> channel, int index, int part) {
        return channel.kind().part(channel.keys().get(index).value(), part);
    }

    /** Of two axes, the one that travels further between its keys. */
    int livelierPart() {
        return parts() == 2 && reach(1) > reach(0) ? 1 : 0;
    }

    private double reach(int part) {
        ValueRange reach = ValueRange.NONE;
        for (int i = 0; i < channel.keys().size(); i++) {
            reach = reach.with(ofKey(i, part));
        }
        return reach.span();
    }

    /** What the livelier number reaches over so many frames. */
    ValueRange reachOfLivelier(int frames) {
        int part = livelierPart();
        ValueRange range = ValueRange.NONE;
        double step = Math.max(1, frames / 400.0);
        for (double frame = 0; frame < frames; frame += step) {
            range = range.with(at(frame, part));
        }
        for (int i = 0; i < channel.keys().size(); i++) {
            range = range.with(ofKey(i, part));
        }
        return range.span() < 1e-9 ? new ValueRange(range.low() - 1, range.high() + 1) : range;
    }

    /** Whether both numbers are the same all along, as those of a uniform scale. */
    boolean equalParts() {
        if (parts() == 1) {
            return true;
        }
        for (int i = 0; i < channel.keys().size(); i++) {
            if (ofKey(i, 0) != ofKey(i, 1)) {
                return false;
            }
        }
        return at(0, 0) == at(0, 1);
    }

    /** What the lane reaches between two frames, all numbers together. */
    ValueRange range(double from, double to, boolean speed) {
        ValueRange range = ValueRange.NONE;
        double step = Math.max(1, (to - from) / 800);
        for (int part = 0; part < (equalParts() ? 1 : parts()); part++) {
            for (double frame = from; frame <= to; frame += step) {
                range = range.with(speed ? speed(frame, part) : at(frame, part));
            }
        }
        for (int index = 0; index < channel.keys().size() && !speed; index++) {
            int at = channel.keys().get(index).at();
            for (int part = 0; part < parts() && at >= from && at <= to; part++) {
                range = range.with(ofKey(index, part));
            }
        }
        return range;
    }
}
