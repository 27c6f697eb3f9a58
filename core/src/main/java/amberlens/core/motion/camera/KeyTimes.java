package amberlens.core.motion.camera;

import amberlens.core.base.memo.Last;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.property.Properties;
import java.util.Collections;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * When a camera has keys: found once for a camera, since every view asks for it while the same camera is shown.
 *
 * @param frames at which any property has a key, ascending
 * @param framings at which the camera is set up, ascending; see {@link Framings}
 */
record KeyTimes(SortedSet<Integer> frames, List<Integer> framings) {
    private static final Last<CameraTrack, KeyTimes> LAST = Last.byIdentity();

    static KeyTimes of(CameraTrack camera) {
        return LAST.get(camera, KeyTimes::find);
    }

    private static KeyTimes find(CameraTrack camera) {
        List<? extends Channel<?>> ofPose =
                Properties.OF_MOVE.stream().filter(camera::has).map(camera::get).toList();
        int[] times = ofPose.stream()
                .flatMap(channel -> channel.keys().stream())
                .mapToInt(Key::at)
                .sorted()
                .toArray();
        long animated = ofPose.stream().filter(Channel::animated).count();
        long needed = Math.min(2, animated);
        var frames = new TreeSet<Integer>();
        var framings = new TreeSet<Integer>();
        for (int start = 0, next; start < times.length; start = next) {
            next = start;
            while (next < times.length && times[next] == times[start]) {
                next++;
            }
            frames.add(times[start]);
            if (next - start >= needed) {
                framings.add(times[start]);
            }
        }
        camera.channels().all().forEach(channel -> channel.keys().forEach(key -> frames.add(key.at())));
        return new KeyTimes(Collections.unmodifiableSortedSet(frames), List.copyOf(framings));
    }
}
