/**
 * The Line-up: all shots in a row.
 */
@NullMarked
package amberlens.desktop.time.lineup;

import org.jspecify.annotations.NullMarked;
