/**
 * The pixels of all media, still pictures and footage alike, decoded once and kept within a budget.
 */
@NullMarked
package amberlens.media.pixels;

import org.jspecify.annotations.NullMarked;
