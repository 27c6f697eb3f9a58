/**
 * The JavaFX application: a thin shell over the core. Views read the {@link amberlens.desktop.desk.state.Desk} and send it
 * edits; no view talks to another view.
 */
@NullMarked
package amberlens.desktop;

import org.jspecify.annotations.NullMarked;
