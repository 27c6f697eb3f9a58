/**
 * The score, the line-up, beats, playing and hearing.
 *
 * <p>Uses kit, desk, work and shelf.
 */
@NullMarked
package amberlens.desktop.time;

import org.jspecify.annotations.NullMarked;
