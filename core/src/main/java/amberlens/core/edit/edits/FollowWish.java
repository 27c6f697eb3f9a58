package amberlens.core.edit.edits;

import amberlens.core.base.geometry.FramePoint;

/**
 * How a subject is to be followed.
 *
 * @param place where it is to be seen, in frame pixels
 * @param calm from 0, pinned to the place, to 1, as calm as a camera can be that does not lose it
 * @param lead how much room is left in the direction in which it goes, in parts of the frame's width, 0 … {@value #MOST_LEAD}
 * @param closer whether the camera goes closer where it has no room otherwise
 */
public record FollowWish(FramePoint place, double calm, double lead, boolean closer) {
    /** More would put it on the side. */
    public static final double MOST_LEAD = 0.3;

    /** At its calmest it may be this far from its place, in parts of the frame's height. */
    private static final double FURTHEST = 0.3;

    /** Pinned means within the exactness of a track, in frame pixels. */
    private static final double PINNED_PX = 0.3;

    public FollowWish {
        if (!(calm >= 0 && calm <= 1) || !(lead >= 0 && lead <= MOST_LEAD)) {
            throw new IllegalArgumentException("calm is a number from 0 to 1 and the lead from 0 to " + MOST_LEAD
                    + ", not " + calm + " and " + lead);
        }
    }

    /** How far the subject may be from its place, in frame pixels. */
    double reach(double frameHeight) {
        return PINNED_PX + calm * calm * FURTHEST * frameHeight;
    }
}
