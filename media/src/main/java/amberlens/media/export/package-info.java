/**
 * Rendering a stretch of the line-up into a file.
 */
@NullMarked
package amberlens.media.export;

import org.jspecify.annotations.NullMarked;
