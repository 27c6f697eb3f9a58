/**
 * The pixels of a picture in planes: what is cut out, what is filled in behind it, and the outlines by which it is cut.
 */
@NullMarked
package amberlens.media.planes;

import org.jspecify.annotations.NullMarked;
