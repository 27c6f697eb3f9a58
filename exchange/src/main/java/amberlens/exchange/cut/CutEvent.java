package amberlens.exchange.cut;

import amberlens.core.base.time.FrameRate;
import java.util.List;
import java.util.Optional;

/**
 * A piece of media in an edit.
 *
 * @param name for people
 * @param clues what its file may be called, the surest first: paths, references, names of files, clips and reels
 * @param track from 1
 * @param start the frame of the line-up at which it begins to be seen, dissolves included
 * @param length frames, dissolves included
 * @param sourceSeconds the time in the source that its first frame shows
 * @param speed per cent
 * @param enter frames over which it comes; 0 for a cut
 * @param leave frames over which it goes when nothing follows; 0 for a cut
 * @param move of ours, if it was carried along
 * @param rig whether it shows nothing of its own, and moves what lies below
 * @param numbered at which rate numbered pictures follow each other, of which the file is the first; empty for any other file
 */
public record CutEvent(
        String name,
        List<String> clues,
        int track,
        int start,
        int length,
        double sourceSeconds,
        double speed,
        int enter,
        int leave,
        Optional<KeptMove> move,
        boolean rig,
        Optional<FrameRate> numbered) {
    public CutEvent {
        clues = List.copyOf(clues);
    }

    /** With nothing but a cut at either end. */
    public static CutEvent plain(String name, List<String> clues, int start, int length, double sourceSeconds) {
        return new CutEvent(
                name, clues, 1, start, length, sourceSeconds, 100, 0, 0, Optional.empty(), false, Optional.empty());
    }

    public int end() {
        return start + length;
    }

    public CutEvent withTrack(int other) {
        return new CutEvent(name, clues, other, start, length, sourceSeconds, speed, enter, leave, move, rig, numbered);
    }

    public CutEvent withSpeed(double percent) {
        return new CutEvent(
                name, clues, track, start, length, sourceSeconds, percent, enter, leave, move, rig, numbered);
    }

    public CutEvent withMove(Optional<KeptMove> kept) {
        return new CutEvent(name, clues, track, start, length, sourceSeconds, speed, enter, leave, kept, rig, numbered);
    }

    /** Seen for more frames at its end, where the next one comes over it. */
    public CutEvent longer(int frames) {
        return new CutEvent(
                name, clues, track, start, length + frames, sourceSeconds, speed, enter, leave, move, rig, numbered);
    }

    /** Seen for more frames before its start, and coming over so many. */
    public CutEvent earlier(int frames, double perSecond, int over) {
        double source = sourceSeconds - frames / perSecond * speed / 100;
        return new CutEvent(
                name, clues, track, start - frames, length + frames, source, speed, over, leave, move, rig, numbered);
    }

    public CutEvent entering(int frames) {
        return new CutEvent(
                name, clues, track, start, length, sourceSeconds, speed, frames, leave, move, rig, numbered);
    }

    public CutEvent leaving(int frames) {
        return new CutEvent(
                name, clues, track, start, length, sourceSeconds, speed, enter, frames, move, rig, numbered);
    }

    public CutEvent withNumbered(Optional<FrameRate> pictures) {
        return new CutEvent(name, clues, track, start, length, sourceSeconds, speed, enter, leave, move, rig, pictures);
    }

    /** Likewise, as a rig. */
    public CutEvent asRig() {
        return new CutEvent(
                name, clues, track, start, length, sourceSeconds, speed, enter, leave, move, true, numbered);
    }
}
