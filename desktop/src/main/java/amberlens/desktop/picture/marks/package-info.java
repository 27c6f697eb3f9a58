/** Marks on the Table: seen, taken, moved, put off, and drawn by hand. */
@NullMarked
package amberlens.desktop.picture.marks;

import org.jspecify.annotations.NullMarked;
