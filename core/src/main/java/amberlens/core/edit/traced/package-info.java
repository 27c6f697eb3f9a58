/** The move of a film put on a shot: its smooth part as few keys, its shake as a layer under them, or its pace on the framings that are there. */
@NullMarked
package amberlens.core.edit.traced;

import org.jspecify.annotations.NullMarked;
