/**
 * Everything a person can do, once: name, shortcut, and what happens.
 */
@NullMarked
package amberlens.desktop.desk.actions;

import org.jspecify.annotations.NullMarked;
