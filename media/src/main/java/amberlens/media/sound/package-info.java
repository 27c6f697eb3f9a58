/** Sound in files: found, decoded once, and measured; and the sound of films that are written. */
@NullMarked
package amberlens.media.sound;

import org.jspecify.annotations.NullMarked;
