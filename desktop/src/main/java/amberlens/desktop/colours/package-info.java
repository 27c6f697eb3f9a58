/**
 * Colours as people choose them: by sight, from a picture, by text.
 */
@NullMarked
package amberlens.desktop.colours;

import org.jspecify.annotations.NullMarked;
