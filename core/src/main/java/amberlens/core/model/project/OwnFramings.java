package amberlens.core.model.project;

import amberlens.core.base.extras.Extras;
import amberlens.core.motion.camera.CameraTrack;

/**
 * How a shot moves in a delivery where it does not follow its one move.
 *
 * @param camera of which the move counts, in the delivery's frame
 */
public record OwnFramings(CameraTrack camera, Extras extras) {}
