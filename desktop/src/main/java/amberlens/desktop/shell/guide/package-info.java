/**
 * The guide, read inside the application and without a network.
 */
@NullMarked
package amberlens.desktop.shell.guide;

import org.jspecify.annotations.NullMarked;
