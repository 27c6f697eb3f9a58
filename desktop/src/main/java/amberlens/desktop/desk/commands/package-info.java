/**
 * What a person can do to the selected keys, wherever it is asked for: menu, shortcut or view.
 */
@NullMarked
package amberlens.desktop.desk.commands;

import org.jspecify.annotations.NullMarked;
