/**
 * The export dialog and its progress.
 */
@NullMarked
package amberlens.desktop.export;

import org.jspecify.annotations.NullMarked;
