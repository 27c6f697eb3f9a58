/** Beats corrected by hand, and shots and keys brought to them. */
@NullMarked
package amberlens.desktop.time.beats;

import org.jspecify.annotations.NullMarked;
