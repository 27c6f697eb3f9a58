/**
 * Which frames of footage a shot shows.
 *
 * <p>The frames of footage are counted from 0 in the order in which they are shown. A <em>place</em> in footage may lie between
 * two frames: place 7 is exactly frame 7. A shot runs through its footage from its <em>in</em> place at its speed; footage of
 * another rate is converted by taking the nearest frame, or by blending the two about the place.
 */
@NullMarked
package amberlens.core.material.footage;

import org.jspecify.annotations.NullMarked;
