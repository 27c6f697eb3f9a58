/**
 * Controls and styles that all views share.
 *
 * <p>Uses no other wing.
 */
@NullMarked
package amberlens.desktop.kit;

import org.jspecify.annotations.NullMarked;
