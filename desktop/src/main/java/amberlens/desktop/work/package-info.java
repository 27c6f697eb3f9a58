/**
 * Everything that is done in the background: saving, reading ahead, thumbnails, decoded sound, the export queue, tracking.
 *
 * <p>Uses kit and desk.
 */
@NullMarked
package amberlens.desktop.work;

import org.jspecify.annotations.NullMarked;
