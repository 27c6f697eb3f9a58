/**
 * The Line-up: all shots in a row.
 */
@NullMarked
package amberlens.desktop.lineup;

import org.jspecify.annotations.NullMarked;
