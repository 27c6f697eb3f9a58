/**
 * Work on many keys of one camera at once: choosing, retiming, easing, copying and pasting.
 */
@NullMarked
package amberlens.core.motion.keys;

import org.jspecify.annotations.NullMarked;
