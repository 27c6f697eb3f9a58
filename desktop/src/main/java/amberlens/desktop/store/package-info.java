/**
 * The one state of the application: project and history, selection, playhead; and what is derived from them.
 */
@NullMarked
package amberlens.desktop.store;

import org.jspecify.annotations.NullMarked;
