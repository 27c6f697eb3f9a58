/**
 * The first minutes: ways in on an empty bench, and a first move in five steps.
 */
@NullMarked
package amberlens.desktop.shell.firstmove;

import org.jspecify.annotations.NullMarked;
