package amberlens.exchange.cut;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.motion.keys.KeyClip;

/**
 * A move of ours that another program has carried along.
 *
 * @param clip the whole move
 * @param mirror whether its picture is mirrored
 * @param fromSeconds the place in the source at which the shot began when it was written
 */
public record KeptMove(KeyClip clip, Mirror mirror, double fromSeconds) {}
