/**
 * Pictures of the views, taken without a screen.
 */
@NullMarked
package amberlens.desktop.shell.shooting;

import org.jspecify.annotations.NullMarked;
