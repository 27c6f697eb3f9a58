/**
 * The Camera: the numbers of the pose at the playhead, or the ease of a selected leg.
 */
@NullMarked
package amberlens.desktop.inspector.camera;

import org.jspecify.annotations.NullMarked;
