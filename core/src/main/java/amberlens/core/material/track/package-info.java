/** Where something that moves in footage is, frame by frame. */
@NullMarked
package amberlens.core.material.track;

import org.jspecify.annotations.NullMarked;
