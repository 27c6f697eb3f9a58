/**
 * One value over time. A <em>channel</em> is a constant, or <em>keys</em> in ascending frames. From each key a <em>leg</em> leads to the next; it
 * says how the value travels. Before its first key a channel has that key's value, after the last key that key's value; between equal keys it
 * stands still, whatever the leg. Times are frames from the shot's first frame and may be fractional.
 */
@NullMarked
package amberlens.core.motion.curve;

import org.jspecify.annotations.NullMarked;
