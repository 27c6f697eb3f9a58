/**
 * Whether places of a picture are whole in the frame. A box is <em>inside</em> a frame when all of it is seen, <em>outside</em> when nothing
 * of it is, and <em>cut</em> else; its <em>margin</em> is how far its pictured corners are within the frame's sides. A <em>rest</em> is a
 * frame at which the camera stands still, the first or the last frame of a shot.
 */
@NullMarked
package amberlens.core.judge.marks;

import org.jspecify.annotations.NullMarked;
