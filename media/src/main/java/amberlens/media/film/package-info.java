/**
 * Finished frames out to files: films, image sequences, single pictures. Nothing partial is ever left behind.
 */
@NullMarked
package amberlens.media.film;

import org.jspecify.annotations.NullMarked;
