/**
 * What a person can change, and checks of the whole: edits, ready moves, deliveries.
 *
 * <p>Uses all wings but pixels and render.
 */
@NullMarked
package amberlens.core.edit;

import org.jspecify.annotations.NullMarked;
