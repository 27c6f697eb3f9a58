/** Sounds made ready in the background, and heard. */
@NullMarked
package amberlens.desktop.time.hearing;

import org.jspecify.annotations.NullMarked;
