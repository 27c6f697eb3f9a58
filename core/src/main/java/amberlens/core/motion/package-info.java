/**
 * How a camera moves: values over time, poses, properties, keys, pace.
 *
 * <p>Uses base.
 */
@NullMarked
package amberlens.core.motion;

import org.jspecify.annotations.NullMarked;
