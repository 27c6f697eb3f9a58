/**
 * The Score: one shot in time.
 */
@NullMarked
package amberlens.desktop.score;

import org.jspecify.annotations.NullMarked;
