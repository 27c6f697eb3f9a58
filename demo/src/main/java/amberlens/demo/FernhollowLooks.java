package amberlens.demo;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.look.Mask;
import amberlens.core.material.look.StockLook;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.property.Property;
import java.awt.geom.Point2D;
import java.util.List;

/** How some pictures of the film appear. */
final class FernhollowLooks {
    private FernhollowLooks() {}

    /** An old print that comes to life. */
    static Shot clearing(Shot shot, Media media, Size frame) {
        return wearing(shot, StockLook.CLEARING.make(media.size(), frame, shot.length()));
    }

    /** A postcard with a shadow. */
    static Shot card(Shot shot, Media media, Size frame) {
        return wearing(shot, StockLook.PAPER_CARD.make(media.size(), frame, shot.length()));
    }

    /** For a while the ferry alone is lit. */
    static Shot spotlight(Shot shot, Media media, Size frame) {
        Point2D at = MillPond.ferryAt(0);
        var ferry = new FramePoint(at.getX(), at.getY() - 10);
        LookSet set = new LookDraft(media.size(), frame, shot.length())
                .add(LookKinds.MASK)
                .choose(LookKinds.MODE, Mask.Mode.SPOTLIGHT)
                .set(LookKinds.MASK_CENTRE, ferry)
                .set(LookKinds.MASK_SIZE, new FramePoint(520, 380))
                .set(LookKinds.MASK_FEATHER, 60.0)
                .named("spotlight");
        Property<Double> outside = set.looks().getFirst().own(LookKinds.OUTSIDE);
        Leg gentle = Ease.GENTLE_BOTH.leg();
        CameraTrack keyed = set.camera()
                .with(
                        outside,
                        Channel.keyed(
                                ValueKinds.NUMBER,
                                List.of(
                                        Key.of(8, 0.0, gentle),
                                        Key.of(30, 55.0, Leg.HOLD),
                                        Key.of(48, 55.0, gentle),
                                        Key.of(66, 0.0, Leg.LINEAR))));
        return wearing(shot, set.withCamera(keyed));
    }

    private static Shot wearing(Shot shot, LookSet set) {
        LookSet.Worn worn = set.behind(shot.looks(), shot.camera());
        return shot.withLooks(worn.looks(), worn.camera());
    }
}
