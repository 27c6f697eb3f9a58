/** Advice on how moves feel: what was found in every shot, with what mends it. */
@NullMarked
package amberlens.desktop.dialogs.advice;

import org.jspecify.annotations.NullMarked;
