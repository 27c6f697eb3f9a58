/**
 * Help that is searched: every action with its keys.
 */
@NullMarked
package amberlens.desktop.help;

import org.jspecify.annotations.NullMarked;
