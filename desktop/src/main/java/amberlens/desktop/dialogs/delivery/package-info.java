/** The other frame shapes of the film: which is looked at, which there are, and framings for them. */
@NullMarked
package amberlens.desktop.dialogs.delivery;

import org.jspecify.annotations.NullMarked;
