/**
 * The Table: the whole picture with the gate, the framings and the path.
 */
@NullMarked
package amberlens.desktop.picture.table;

import org.jspecify.annotations.NullMarked;
