/**
 * What stands in the menus, above the bench and where it is pointed at.
 */
@NullMarked
package amberlens.desktop.desk.menu;

import org.jspecify.annotations.NullMarked;
