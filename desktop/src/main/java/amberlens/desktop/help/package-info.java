/**
 * The key map.
 */
@NullMarked
package amberlens.desktop.help;

import org.jspecify.annotations.NullMarked;
