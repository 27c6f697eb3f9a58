/**
 * The Score: one shot in time.
 */
@NullMarked
package amberlens.desktop.time.score;

import org.jspecify.annotations.NullMarked;
