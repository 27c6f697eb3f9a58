/** Finished frames that are kept to be shown again. */
@NullMarked
package amberlens.media.frames;

import org.jspecify.annotations.NullMarked;
