/**
 * How the camera moves.
 *
 * <p>A <em>pose</em> is the camera's setup at one moment. A <em>channel</em> is one property of the pose over time: a
 * constant, or <em>keys</em> in ascending frames. From each key a <em>leg</em> leads to the next; it says how the value
 * travels. Before its first key a channel has that key's value, after the last key that key's value; between equal
 * keys it stands still, whatever the leg. A <em>take</em> is a
 * camera over one picture for some frames. Times are frames from the shot's first frame and may be fractional.
 */
@NullMarked
package amberlens.core.motion;

import org.jspecify.annotations.NullMarked;
