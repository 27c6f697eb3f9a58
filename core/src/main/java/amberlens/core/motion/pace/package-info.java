/**
 * How fast the picture moves through the frame.
 */
@NullMarked
package amberlens.core.motion.pace;

import org.jspecify.annotations.NullMarked;
