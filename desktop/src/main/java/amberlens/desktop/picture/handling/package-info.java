/**
 * What a hand does to a pose, wherever it takes hold: moving, zooming and turning the gate or the picture, moving the anchor,
 * and what all of that snaps to. Table and Lens choose among these and turn screen pixels into points of the picture.
 */
@NullMarked
package amberlens.desktop.picture.handling;

import org.jspecify.annotations.NullMarked;
