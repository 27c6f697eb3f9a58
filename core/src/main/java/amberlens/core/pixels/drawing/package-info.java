/** Drawings, which have no pixels of their own: how large which part of one is drawn for what is seen of it. */
@NullMarked
package amberlens.core.pixels.drawing;

import org.jspecify.annotations.NullMarked;
