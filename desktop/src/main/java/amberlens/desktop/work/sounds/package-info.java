/** Decoded sounds, and their waves. */
@NullMarked
package amberlens.desktop.work.sounds;

import org.jspecify.annotations.NullMarked;
