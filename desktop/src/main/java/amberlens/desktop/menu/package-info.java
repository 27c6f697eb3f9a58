/**
 * What stands in the menus, above the bench and where it is pointed at.
 */
@NullMarked
package amberlens.desktop.menu;

import org.jspecify.annotations.NullMarked;
