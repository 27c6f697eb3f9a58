/**
 * The window as a whole, and what surrounds the work: settings, guide, first move, help, pictures of views.
 *
 * <p>Uses all wings.
 */
@NullMarked
package amberlens.desktop.shell;

import org.jspecify.annotations.NullMarked;
