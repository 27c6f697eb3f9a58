/** Exports, one after the other. */
@NullMarked
package amberlens.desktop.work.queue;

import org.jspecify.annotations.NullMarked;
