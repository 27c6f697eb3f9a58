/**
 * How the camera moves: a <em>camera track</em> is all properties of a camera over time, a <em>take</em> is a camera over one picture for some
 * frames, with the rigs above it.
 */
@NullMarked
package amberlens.core.motion.camera;

import org.jspecify.annotations.NullMarked;
