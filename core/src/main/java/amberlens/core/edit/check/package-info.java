/**
 * Everything that is measured of a shot, in one place.
 */
@NullMarked
package amberlens.core.edit.check;

import org.jspecify.annotations.NullMarked;
