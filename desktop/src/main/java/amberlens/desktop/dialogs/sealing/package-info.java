/**
 * The offer to close open edges: the ways side by side with what they cost, each shown on all views before it is accepted.
 */
@NullMarked
package amberlens.desktop.dialogs.sealing;

import org.jspecify.annotations.NullMarked;
