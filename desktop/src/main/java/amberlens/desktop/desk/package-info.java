/**
 * What is edited and how it is looked at: the document, the cursor, tools, actions, commands, menus.
 *
 * <p>Uses kit.
 */
@NullMarked
package amberlens.desktop.desk;

import org.jspecify.annotations.NullMarked;
