/**
 * The program: its window, and what puts the rooms together.
 */
@NullMarked
package amberlens.desktop.app;

import org.jspecify.annotations.NullMarked;
