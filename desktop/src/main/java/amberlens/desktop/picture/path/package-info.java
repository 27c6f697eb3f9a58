/**
 * The handles of the position's path, shared by the views that draw it.
 */
@NullMarked
package amberlens.desktop.picture.path;

import org.jspecify.annotations.NullMarked;
