/**
 * The program: its window, and what puts the rooms together.
 */
@NullMarked
package amberlens.desktop.shell.app;

import org.jspecify.annotations.NullMarked;
