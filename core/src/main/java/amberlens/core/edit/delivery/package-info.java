/**
 * The same film in other frame shapes: how each shape shows it, what an edit means in all of them, and framings that suit another shape.
 */
@NullMarked
package amberlens.core.edit.delivery;

import org.jspecify.annotations.NullMarked;
