/** Finds in footage where a subject goes, and how the whole picture moves. */
@NullMarked
package amberlens.media.track;

import org.jspecify.annotations.NullMarked;
