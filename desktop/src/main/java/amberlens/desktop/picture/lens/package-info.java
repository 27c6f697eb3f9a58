/**
 * The Lens: the output frame, and the transport beneath it.
 */
@NullMarked
package amberlens.desktop.picture.lens;

import org.jspecify.annotations.NullMarked;
