/** Sound: 48 kHz, two channels of floats between −1 and 1 at full level. Mixed, measured, and searched for beats. */
@NullMarked
package amberlens.core.material.sound;

import org.jspecify.annotations.NullMarked;
