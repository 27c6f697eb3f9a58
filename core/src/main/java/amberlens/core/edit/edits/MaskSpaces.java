package amberlens.core.edit.edits;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSpace;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Property;

/** Masks that are to move with something else: all their places are counted anew, so that one frame looks as it did. */
final class MaskSpaces {
    private MaskSpaces() {}

    /** The camera with a mask's amounts in the other space, as a shot shows it at a frame. */
    static CameraTrack changed(Project project, Shot shot, Look before, Look after, int frame) {
        Pose pose = project.pose(shot, frame);
        boolean toFrame = after.get(LookKinds.MASK_SPACE) == LookSpace.FRAME;
        double factor = Math.sqrt(pose.scale().factorX() * pose.scale().factorY());
        double sizeX = toFrame ? pose.scale().factorX() : 1 / pose.scale().factorX();
        double sizeY = toFrame ? pose.scale().factorY() : 1 / pose.scale().factorY();
        double length = toFrame ? factor : 1 / factor;
        double turn = toFrame ? pose.degrees() : -pose.degrees();
        CameraTrack camera = shot.camera();
        Channel<FramePoint> centre = camera.get(before.own(LookKinds.MASK_CENTRE))
                .mapValues(at ->
                        toFrame ? pose.toFrame(new PicturePoint(at.x(), at.y())) : framePoint(pose.toPicture(at)));
        Channel<FramePoint> size = camera.get(before.own(LookKinds.MASK_SIZE))
                .mapValues(extent -> new FramePoint(extent.x() * sizeX, extent.y() * sizeY));
        Channel<Double> feather = camera.get(before.own(LookKinds.MASK_FEATHER)).mapValues(sigma -> sigma * length);
        Channel<Double> turned = camera.get(before.own(LookKinds.MASK_TURN)).mapValues(degrees -> degrees + turn);
        CameraTrack changed = camera.without(before.owner()::equals);
        changed = with(changed, after.own(toFrame ? LookKinds.MASK_CENTRE_IN_FRAME : LookKinds.MASK_CENTRE), centre);
        changed = with(changed, after.own(toFrame ? LookKinds.MASK_SIZE_IN_FRAME : LookKinds.MASK_SIZE), size);
        changed = with(changed, after.own(toFrame ? LookKinds.MASK_FEATHER_IN_FRAME : LookKinds.MASK_FEATHER), feather);
        changed = with(changed, after.own(LookKinds.MASK_TURN), turned);
        return with(changed, after.own(LookKinds.OUTSIDE), camera.get(before.own(LookKinds.OUTSIDE)));
    }

    private static <V> CameraTrack with(CameraTrack camera, Property<V> amount, Channel<V> channel) {
        return camera.with(amount, channel);
    }

    private static FramePoint framePoint(PicturePoint point) {
        return new FramePoint(point.x(), point.y());
    }
}
