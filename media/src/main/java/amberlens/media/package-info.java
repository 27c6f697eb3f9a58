/**
 * Pictures and films in and out of files.
 */
@NullMarked
package amberlens.media;

import org.jspecify.annotations.NullMarked;
