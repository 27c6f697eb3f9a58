/** Colours, and the way from their codes to light and back. */
@NullMarked
package amberlens.core.base.colour;

import org.jspecify.annotations.NullMarked;
