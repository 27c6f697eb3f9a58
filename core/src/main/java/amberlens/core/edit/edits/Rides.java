package amberlens.core.edit.edits;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSpace;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.KeyFit;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Property;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/**
 * Things that go along with a subject: where they stand to it in one frame, they stand in all, with few plain keys. They may grow and
 * shrink with it.
 */
public final class Rides {
    private static final double KEYS_PX = 0.5;
    private static final double KEYS_PERCENT = 0.2;

    private final Project project;
    private final Shot shot;
    private final Spot[] shown;
    private final Track track;
    private final int frame;
    private final boolean grows;

    /**
     * On a track of what a shot shows.
     *
     * @param frame of the shot, in which they stand to the subject as they are to
     * @param grows whether they become larger and smaller with it
     */
    public Rides(Project project, Shot shot, Track track, int frame, boolean grows) {
        this.project = project;
        this.shot = shot;
        this.track = track;
        this.frame = Math.clamp(frame, 0, shot.length() - 1);
        this.grows = grows;
        shown = Tracked.on(project, shot, track);
    }

    /** Lets something ride. */
    public Edit edit(Rider rider) {
        return switch (rider) {
            case Rider.Above above -> {
                Shot other = project.shot(above.shotId()).orElseThrow();
                yield ShotEdits.setCamera("attach to subject", other.id(), above(other));
            }
            case Rider.OfMask mask -> ShotEdits.setCamera("attach to subject", shot.id(), mask(mask.look()));
        };
    }

    /** Where the subject is seen in the frame. */
    private FramePoint seen(int at) {
        return pose(at).toFrame(shown[at].at());
    }

    private Pose pose(int at) {
        return project.ride(shot).on(project.pose(shot, at), at);
    }

    /** How large the subject is seen, against anything. */
    private double size(int at) {
        return shown[at].scale() * pose(at).scale().factorX();
    }

    private CameraTrack above(Shot other) {
        int shift = other.start() - shot.start();
        int here = Math.clamp(frame - shift, 0, other.length() - 1);
        IntFunction<Integer> under = at -> Math.clamp((long) at + shift, 0, shot.length() - 1);
        var ride = project.ride(other);
        Pose now = ride.on(project.pose(other, here), here);
        FramePoint beside = now.position().minus(seen(under.apply(here)));
        List<FramePoint> positions = new ArrayList<>();
        List<Scale> scales = new ArrayList<>();
        Scale scale = other.camera().at(here).scale();
        for (int at = 0; at < other.length(); at++) {
            double grown = grown(size(under.apply(at)) / size(under.apply(here)));
            positions.add(ride.before(seen(under.apply(at)).plus(beside.times(grown)), at));
            scales.add(scale.times(grown));
        }
        CameraTrack camera = other.camera().withPosition(KeyFit.of(ValueKinds.POSITION, positions, KEYS_PX));
        return grows ? camera.withScale(KeyFit.of(ValueKinds.SCALE, scales, KEYS_PERCENT)) : camera;
    }

    private double grown(double factor) {
        return grows ? factor : 1;
    }

    private CameraTrack mask(Look look) {
        boolean inFrame = look.get(LookKinds.MASK_SPACE) == LookSpace.FRAME;
        Property<FramePoint> centre = look.own(inFrame ? LookKinds.MASK_CENTRE_IN_FRAME : LookKinds.MASK_CENTRE);
        Property<FramePoint> size = look.own(inFrame ? LookKinds.MASK_SIZE_IN_FRAME : LookKinds.MASK_SIZE);
        CameraTrack camera = shot.camera();
        FramePoint beside = camera.get(centre).at(frame).minus(place(inFrame, frame));
        FramePoint sizeNow = camera.get(size).at(frame);
        List<FramePoint> centres = new ArrayList<>();
        List<FramePoint> sizes = new ArrayList<>();
        for (int at = 0; at < shot.length(); at++) {
            double factor = inFrame ? size(at) / size(frame) : shown[at].scale() / shown[frame].scale();
            centres.add(place(inFrame, at).plus(beside.times(grown(factor))));
            sizes.add(sizeNow.times(grown(factor)));
        }
        CameraTrack riding = camera.with(centre, fit(centre, centres));
        return grows ? riding.with(size, fit(size, sizes)) : riding;
    }

    private static Channel<FramePoint> fit(Property<FramePoint> property, List<FramePoint> values) {
        return KeyFit.of(property.kind(), values, KEYS_PX);
    }

    /** Where the subject is in what a mask counts in; looks lie on the picture before it is mirrored. */
    private FramePoint place(boolean inFrame, int at) {
        if (inFrame) {
            return seen(at);
        }
        Spot spot = track.at(project.sourceTime(shot).orElseThrow().place(at));
        return new FramePoint(spot.at().x(), spot.at().y());
    }
}
