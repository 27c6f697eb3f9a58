/** The proof: asking where the page goes, and watching it being written. */
@NullMarked
package amberlens.desktop.dialogs.proof;

import org.jspecify.annotations.NullMarked;
