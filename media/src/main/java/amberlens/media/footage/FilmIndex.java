package amberlens.media.footage;

import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_KEY;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;

import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.FileProblem;
import java.util.Arrays;
import java.util.List;
import org.bytedeco.ffmpeg.avutil.AVRational;

/**
 * When each picture of a film is shown. Found by reading all packets once, without decoding; so it is right where the header is
 * wrong, and a film that was cut off has as many frames as can really be read.
 *
 * @param stamps of all pictures in the order of showing, in the stream's time base
 * @param keys the stamps of the key pictures, ascending
 * @param footage rate and number of frames
 * @param variable whether the pictures do not follow each other at a steady rate
 * @param ticks the stream's time base: seconds are stamp · ticks
 */
record FilmIndex(long[] stamps, long[] keys, Footage footage, boolean variable, double ticks) {
    private static final int LEAST_FOR_RATE = 2;

    /** Half of what 24 and 24000/1001 differ by. */
    private static final double NEARLY = 0.0005;

    static FilmIndex scan(FilmStream film) throws FileProblem {
        long[] stamps = new long[1024];
        long[] keys = new long[64];
        int count = 0;
        int keyCount = 0;
        while (film.readPacket()) {
            var packet = film.packet();
            long stamp = packet.pts() != AV_NOPTS_VALUE ? packet.pts() : packet.dts();
            if (stamp != AV_NOPTS_VALUE && packet.size() > 0) {
                if (count == stamps.length) {
                    stamps = Arrays.copyOf(stamps, 2 * count);
                }
                stamps[count++] = stamp;
                if ((packet.flags() & AV_PKT_FLAG_KEY) != 0) {
                    if (keyCount == keys.length) {
                        keys = Arrays.copyOf(keys, 2 * keyCount);
                    }
                    keys[keyCount++] = stamp;
                }
            }
            film.dropPacket();
        }
        film.refuseIfTooLong();
        if (count == 0) {
            throw new FileProblem(film.path() + " has no frames; it may have been cut off while it was written.");
        }
        film.rewind();
        long[] all = Arrays.copyOf(stamps, count);
        long[] keyStamps = Arrays.copyOf(keys, keyCount);
        Arrays.sort(all);
        Arrays.sort(keyStamps);
        return of(all, keyStamps, film);
    }

    private static FilmIndex of(long[] stamps, long[] keys, FilmStream film) {
        AVRational base = film.stream().time_base();
        double ticks = (double) base.num() / base.den();
        FrameRate named = named(film.stream().avg_frame_rate(), film.stream().r_frame_rate());
        FrameRate measured = stamps.length >= LEAST_FOR_RATE ? measured(stamps, ticks, named) : named;
        for (FrameRate rate : List.of(named, measured)) {
            if (steady(stamps, ticks, rate)) {
                return new FilmIndex(stamps, keys, new Footage(rate, stamps.length), false, ticks);
            }
        }
        double seconds = (stamps[stamps.length - 1] - stamps[0]) * ticks;
        int frames = Math.clamp(Math.round(seconds * measured.perSecond()) + 1, 1, Footage.MOST_FRAMES);
        return new FilmIndex(stamps, keys, new Footage(measured, frames), true, ticks);
    }

    private static FrameRate named(AVRational average, AVRational base) {
        for (AVRational rate : List.of(average, base)) {
            if (rate.num() > 0
                    && rate.den() > 0
                    && rate.num() <= 1000L * rate.den()
                    && Math.max(rate.num(), rate.den()) < 1_000_000_000) {
                return common(new FrameRate(rate.num(), rate.den()));
            }
        }
        return FrameRate.of(25);
    }

    /** The common rate that a container with coarse time stamps has only come near to. */
    private static FrameRate common(FrameRate rate) {
        return FrameRate.COMMON.stream()
                .filter(usual -> Math.abs(rate.perSecond() / usual.perSecond() - 1) < NEARLY)
                .findFirst()
                .orElse(rate);
    }

    /** The common rate nearest to the middle distance of two pictures. */
    private static FrameRate measured(long[] stamps, double ticks, FrameRate otherwise) {
        long[] apart = new long[stamps.length - 1];
        for (int i = 0; i < apart.length; i++) {
            apart[i] = stamps[i + 1] - stamps[i];
        }
        Arrays.sort(apart);
        double seconds = apart[apart.length / 2] * ticks;
        if (!(seconds > 0)) {
            return otherwise;
        }
        FrameRate nearest = otherwise;
        for (FrameRate rate : FrameRate.COMMON) {
            if (Math.abs(rate.perSecond() * seconds - 1) < Math.abs(nearest.perSecond() * seconds - 1)) {
                nearest = rate;
            }
        }
        return nearest;
    }

    /** Whether every picture is shown within a tick, or a third of a frame, of where a steady rate would show it. */
    private static boolean steady(long[] stamps, double ticks, FrameRate rate) {
        double tolerance = Math.max(1.01 * ticks, 0.34 / rate.perSecond());
        for (int i = 0; i < stamps.length; i++) {
            if (Math.abs((stamps[i] - stamps[0]) * ticks - rate.seconds(i)) > tolerance) {
                return false;
            }
        }
        return true;
    }

    /** The place among the pictures of what is shown in a frame. */
    int picture(int frame) {
        int asked = Math.clamp(frame, 0, footage.last());
        if (!variable) {
            return asked;
        }
        double at = stamps[0] + footage.rate().seconds(asked + 0.5) / ticks;
        int found = Arrays.binarySearch(stamps, (long) Math.floor(at));
        return found >= 0 ? found : Math.max(0, -found - 2);
    }

    /** The stamp of the last key picture at or before another stamp. */
    long keyBefore(long stamp) {
        int found = Arrays.binarySearch(keys, stamp);
        int index = found >= 0 ? found : -found - 2;
        return index < 0 ? stamps[0] : keys[index];
    }
}
