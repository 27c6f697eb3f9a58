/**
 * What a person can do to the selected keys, wherever it is asked for: menu, shortcut or view.
 */
@NullMarked
package amberlens.desktop.commands;

import org.jspecify.annotations.NullMarked;
