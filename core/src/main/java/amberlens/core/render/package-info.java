/**
 * A frame of the line-up as light.
 *
 * <p>Uses all wings but edit.
 */
@NullMarked
package amberlens.core.render;

import org.jspecify.annotations.NullMarked;
