/**
 * Geometry, time, colour and other values that everything else is made of.
 *
 * <p>Uses no other wing.
 */
@NullMarked
package amberlens.core.base;

import org.jspecify.annotations.NullMarked;
