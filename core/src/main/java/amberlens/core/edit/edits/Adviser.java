package amberlens.core.edit.edits;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Shutter;
import amberlens.core.base.words.Figures;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.OwnMove;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.footage.Source;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.keys.KeyEases;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.pace.Pace;
import amberlens.core.motion.pace.PaceReport;
import amberlens.core.motion.pose.Travel;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;

/**
 * Looks for what the eye would stumble over. The limits are common practice, from memory: below some 40 frames a second a pan that crosses
 * the frame in less than 7 s strobes; a change of speed from one frame to the next shows from about a seven-hundredth of the frame's width
 * on, when it is a third of the speed there; slower than a two-thousandth of the width a frame, a start is not seen.
 */
public final class Adviser {
    private static final double STEP_OF_WIDTH = 1 / 700.0;
    private static final double STEP_OF_SPEED = 0.33;
    private static final double SEEN_OF_WIDTH = 1 / 2000.0;

    /** A move whose corners go less far than this, and no faster, is too weak to be felt: common practice, from memory. */
    private static final double WEAK_OF_WIDTH = 0.015;

    private static final double WEAK_PACE_OF_WIDTH = 0.012;
    private static final double MOVED_PX = 0.5;

    /** Per cent. */
    private static final double STRONGER = 300;

    /** Frames before and after a moment that are looked at with it. */
    private static final int AROUND = 12;

    /** How strongly the stock gentle legs are held back. */
    private static final double GENTLE = 0.42;

    private final Project project;
    private final Shot shot;
    private final Take take;
    private final double width;
    private final List<Advice> found = new ArrayList<>();

    private Adviser(Project project, Shot shot) {
        this.project = project;
        this.shot = shot;
        take = project.take(shot);
        width = project.frameSize().width();
    }

    /** All advice for a shot, in order of time. A rig gets none: what it moves does. */
    public static List<Advice> of(Project project, Shot shot) {
        if (project.isRig(shot) || shot.length() < 3) {
            return List.of();
        }
        var adviser = new Adviser(project, shot);
        adviser.look();
        return List.copyOf(adviser.found);
    }

    private void look() {
        footage();
        if (!take.ride().isNone() || project.isTitle(shot)) {
            return; // what is seen is not this move alone
        }
        if (!shot.fillsFrame()) {
            steps();
            return; // an inset comes and goes as it is meant to, and is no camera
        }
        cut(true);
        judder();
        steps();
        cut(false);
        weakness();
    }

    /** A move that one has to look for is none. */
    private void weakness() {
        double rate = project.frame().rate().perSecond();
        double most = 0;
        double fastest = 0;
        for (int frame = 1; frame < shot.length(); frame++) {
            most = Math.max(most, Travel.between(take.pose(0), take.pose(frame)).furthest(project.frameSize()));
            fastest = Math.max(fastest, travel(frame - 1).furthest(project.frameSize()));
        }
        if (most > MOVED_PX && most < WEAK_OF_WIDTH * width && fastest * rate < WEAK_PACE_OF_WIDTH * width) {
            found.add(new Advice(
                    shot.id(),
                    Advice.Kind.TOO_WEAK,
                    new FrameSpan(0, shot.lastFrame()),
                    String.format(
                            Locale.ROOT,
                            "its corners move by %.0f px at most, %.1f %% of the frame's width a second: too weak to be felt",
                            most,
                            100 * fastest * rate / width),
                    mend("Strengthen it", strengthened())));
        }
    }

    /** The same move three times as strong, sealed. */
    private Edit strengthened() {
        var move = new OwnMove(
                shot.name().isBlank() ? "move" : shot.name(),
                shot.camera(),
                project.mediaOf(shot).size(),
                project.frameSize(),
                shot.length(),
                false);
        return ReadyEdits.plan(
                        project,
                        Set.of(shot.id()),
                        move,
                        MoveWish.USUAL.withAmount(STRONGER),
                        Optional.empty(),
                        Enlargement.UNNOTICED)
                .edit();
    }

    /** Footage of another rate repeats or leaves out frames at a beat. */
    private void footage() {
        Optional<Footage> footage = project.mediaOf(shot).footage();
        Channel<Double> speed = shot.camera().get(Properties.SPEED);
        boolean constant = !speed.animated() || speed.muted();
        if (footage.isEmpty() || !constant || shot.source().conversion() == Source.Conversion.BLEND) {
            return;
        }
        double step = footage.get().rate().perSecond() / project.frame().rate().perSecond() * speed.constant() / 100;
        double beat = Math.abs(step - Math.rint(step)) * project.frame().rate().perSecond();
        if (Math.abs(step) < 0.95 || beat < 0.05) {
            return; // slowed down, frames stand still for a while anyway
        }
        found.add(new Advice(
                shot.id(),
                Advice.Kind.UNEVEN_FOOTAGE,
                new FrameSpan(0, shot.lastFrame()),
                "the footage has " + footage.get().rate() + " frames a second and the film "
                        + project.frame().rate() + ": " + Figures.fixed(beat, 1)
                        + " times a second a frame comes twice or is left out",
                mend("Blend its frames", FootageEdits.setConversion(shot.id(), Source.Conversion.BLEND))));
    }

    private void judder() {
        double rate = project.frame().rate().perSecond();
        boolean blurred = project.shutter(shot).angle() >= Shutter.USUAL.angle() / 2;
        if (rate >= Pace.CALM_RATE || blurred) {
            return;
        }
        double most = width / (Pace.CALM_CROSSING_SECONDS * rate);
        List<Pace> paces = PaceReport.of(take).paces();
        int first = -1;
        double fastest = 0;
        int last = -1;
        for (int frame = 0; frame < paces.size(); frame++) {
            double now = paces.get(frame).centrePx();
            if (now > most && !jumps(frame + 1)) {
                first = first < 0 ? frame : first;
                last = frame + 1;
                fastest = Math.max(fastest, now);
            }
        }
        if (first >= 0) {
            found.add(new Advice(
                    shot.id(),
                    Advice.Kind.JUDDER,
                    new FrameSpan(first, Math.min(last, shot.lastFrame())),
                    String.format(
                            Locale.ROOT,
                            "it would cross the frame in %.1f s; faster than 7 s a pan may judder at %s frames a second",
                            width / (fastest * rate),
                            project.frame().rate()),
                    mend("Open the shutter", SettingsEdits.setShutter(shot.id(), Optional.of(Shutter.USUAL)))));
        }
    }

    /** How the picture passes the middle and the corners from a frame to the next. */
    private Travel travel(int frame) {
        return Travel.between(take.pose(frame), take.pose(frame + 1.0));
    }

    private double change(int frame) {
        Travel before = travel(frame - 1);
        Travel after = travel(frame);
        return after.differs(before, project.frameSize());
    }

    private void steps() {
        SortedSet<Integer> keys = shot.camera().keyFrames();
        for (int frame : keys.subSet(2, Math.max(2, shot.length() - 2))) {
            if (jumps(frame)) {
                continue;
            }
            double speed = Math.max(
                    travel(frame - 1).furthest(project.frameSize()),
                    travel(frame).furthest(project.frameSize()));
            double step = change(frame);
            double usual = Math.max(change(frame - 1), change(frame + 1));
            if (step > width * STEP_OF_WIDTH && step > STEP_OF_SPEED * speed && step > 3 * usual) {
                found.add(new Advice(
                        shot.id(),
                        Advice.Kind.STEP,
                        around(frame),
                        String.format(
                                Locale.ROOT,
                                "its speed changes at frame %d by %.0f px a frame from one frame to the next",
                                frame,
                                step),
                        through(frame)));
            }
        }
    }

    /** Whether something holds until the frame, and so is meant to jump there. */
    private boolean jumps(int frame) {
        return Properties.OF_MOVE.stream().anyMatch(property -> {
            Channel<?> channel = shot.camera().get(property);
            return channel.keyAt(frame).isPresent()
                    && channel.keyBefore(frame - 1.0)
                            .map(key -> key.leg() instanceof Leg.Hold)
                            .orElse(false)
                    && !channel.at(frame - 1.0).equals(channel.at(frame));
        });
    }

    private FrameSpan around(int frame) {
        return new FrameSpan(Math.max(0, frame - AROUND), Math.min(shot.lastFrame(), frame + AROUND));
    }

    /** The legs on both sides of a frame as one smooth run. */
    private Optional<Advice.Mend> through(int frame) {
        CameraTrack camera = shot.camera();
        KeySet legs = KeySet.at(camera, frame);
        SortedSet<Integer> before = camera.keyFrames().headSet(frame);
        KeySet both = before.isEmpty() ? legs : legs.with(KeySet.at(camera, before.last()));
        CameraTrack smooth = KeyEases.withLeg(camera, both, Leg.SMOOTH);
        return mend("Run smoothly through", ShotEdits.setCamera("smooth legs", shot.id(), smooth));
    }

    private void cut(boolean start) {
        SortedSet<Integer> keys = shot.camera().keyFrames();
        if (keys.isEmpty()) {
            return;
        }
        int step = start ? 0 : shot.lastFrame() - 1;
        double speed = travel(step).furthest(project.frameSize());
        if (speed < width * SEEN_OF_WIDTH) {
            return;
        }
        CameraTrack camera = shot.camera();
        SortedSet<Integer> before = keys.headSet(start ? 1 : shot.lastFrame());
        Optional<Advice.Mend> mend = Optional.empty();
        if (!before.isEmpty()) {
            KeySet legs = KeySet.at(camera, before.last());
            CameraTrack gentle =
                    start ? KeyEases.leaving(camera, legs, GENTLE) : KeyEases.arriving(camera, legs, GENTLE);
            mend = mend(
                    start ? "Leave gently" : "Arrive gently",
                    ShotEdits.setCamera(start ? "gentle start" : "gentle end", shot.id(), gentle));
        }
        found.add(new Advice(
                shot.id(),
                start ? Advice.Kind.START_ON_CUT : Advice.Kind.END_ON_CUT,
                around(start ? 0 : shot.lastFrame()),
                String.format(
                        Locale.ROOT,
                        start
                                ? "it moves from its first frame on, %.1f px a frame"
                                : "it moves until its last frame, %.1f px a frame",
                        speed),
                mend));
    }

    /** An edit that mends, unless it opens an edge that is closed now. */
    private Optional<Advice.Mend> mend(String words, Edit edit) {
        Project mended = CarryEdits.apply(edit, project);
        Shot now = mended.shot(shot.id()).orElseThrow();
        boolean opens = project.judges(shot)
                && EdgeReport.of(take).isSealed()
                && !EdgeReport.of(mended.take(now)).isSealed();
        return opens ? Optional.empty() : Optional.of(new Advice.Mend(words, edit));
    }
}
