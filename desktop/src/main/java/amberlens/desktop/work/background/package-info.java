/**
 * The one way to work in the background. A <em>work</em> is computed on another thread and shown on the interface thread; who shows
 * something starts no thread and sends nothing to the interface thread by itself.
 */
@NullMarked
package amberlens.desktop.work.background;

import org.jspecify.annotations.NullMarked;
