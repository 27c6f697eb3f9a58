/**
 * What opens over the window for one purpose, and goes again.
 *
 * <p>Uses kit, desk, work and shelf.
 */
@NullMarked
package amberlens.desktop.dialogs;

import org.jspecify.annotations.NullMarked;
