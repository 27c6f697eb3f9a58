/** Where sound is played: the system's device, or one that only writes down what it would play. */
@NullMarked
package amberlens.media.sound.device;

import org.jspecify.annotations.NullMarked;
