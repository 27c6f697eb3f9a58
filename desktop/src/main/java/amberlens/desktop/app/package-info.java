/**
 * The program: its window, what it shares among the views, opening and saving.
 */
@NullMarked
package amberlens.desktop.app;

import org.jspecify.annotations.NullMarked;
