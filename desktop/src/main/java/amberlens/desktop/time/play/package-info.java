/**
 * Moving the playhead in time, and pictures of frames made in the background.
 */
@NullMarked
package amberlens.desktop.time.play;

import org.jspecify.annotations.NullMarked;
