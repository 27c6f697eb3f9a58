/**
 * Aiming the camera: the pose that frames a box, levels a horizon, holds a subject, or goes as close as the pixels allow.
 */
@NullMarked
package amberlens.core.judge.aim;

import org.jspecify.annotations.NullMarked;
