/**
 * What is shown and heard: footage, layers, looks, titles, planes, tracks, sound.
 *
 * <p>Uses base, motion and pixels.
 */
@NullMarked
package amberlens.core.material;

import org.jspecify.annotations.NullMarked;
