/** Titles: the fonts that ship and those of this machine, and letters set and drawn with Java2D. */
@NullMarked
package amberlens.media.title;

import org.jspecify.annotations.NullMarked;
