/**
 * Help that is searched: every action with its keys.
 */
@NullMarked
package amberlens.desktop.shell.help;

import org.jspecify.annotations.NullMarked;
