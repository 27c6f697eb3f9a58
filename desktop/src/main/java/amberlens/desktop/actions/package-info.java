/**
 * Everything a person can do, once: name, shortcut, and what happens.
 */
@NullMarked
package amberlens.desktop.actions;

import org.jspecify.annotations.NullMarked;
