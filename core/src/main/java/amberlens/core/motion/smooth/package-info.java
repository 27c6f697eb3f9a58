/** The smoothest ways between bounds. */
@NullMarked
package amberlens.core.motion.smooth;

import org.jspecify.annotations.NullMarked;
