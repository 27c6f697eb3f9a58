/**
 * What is judged: all shots in one table, how large a picture must be, the edges and what closes them.
 */
@NullMarked
package amberlens.desktop.dialogs.check;

import org.jspecify.annotations.NullMarked;
