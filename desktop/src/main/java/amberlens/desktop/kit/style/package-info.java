/**
 * Colours, fonts, icons and the few controls that all views share.
 */
@NullMarked
package amberlens.desktop.kit.style;

import org.jspecify.annotations.NullMarked;
