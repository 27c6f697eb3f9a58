/**
 * Colours as people choose them: by sight, from a picture, by text.
 */
@NullMarked
package amberlens.desktop.desk.colours;

import org.jspecify.annotations.NullMarked;
