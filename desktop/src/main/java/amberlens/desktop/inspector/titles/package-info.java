/** Titles: their words and setting in the Camera and in the Lens. */
@NullMarked
package amberlens.desktop.inspector.titles;

import org.jspecify.annotations.NullMarked;
