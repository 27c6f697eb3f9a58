/** Beats corrected by hand, and shots and keys brought to them. */
@NullMarked
package amberlens.desktop.beats;

import org.jspecify.annotations.NullMarked;
