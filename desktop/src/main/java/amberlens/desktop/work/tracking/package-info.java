/** Footage looked through in the background: subjects tracked, and the ground found that holds it still. */
@NullMarked
package amberlens.desktop.work.tracking;

import org.jspecify.annotations.NullMarked;
