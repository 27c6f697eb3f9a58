/**
 * The guide, read inside the application and without a network.
 */
@NullMarked
package amberlens.desktop.guide;

import org.jspecify.annotations.NullMarked;
