/**
 * Pictures of the views, taken without a screen.
 */
@NullMarked
package amberlens.desktop.shooting;

import org.jspecify.annotations.NullMarked;
