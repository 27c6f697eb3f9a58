/**
 * Footage: films and numbered pictures, frame by frame.
 *
 * <p>The frames of a film are counted from 0 in the order in which they are shown. A film of variable rate is read as if it ran at
 * the nearest common steady rate: its frame n is the picture that is on the screen at the time n / rate.
 */
@NullMarked
package amberlens.media.footage;

import org.jspecify.annotations.NullMarked;
