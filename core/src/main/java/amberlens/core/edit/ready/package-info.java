/**
 * Ready moves: moves by name that adapt themselves to a picture.
 *
 * <p>A ready move is subtle unless more is asked for. Its <em>amount</em> is in per cent, 100 being the usual one. It may <em>rest</em>
 * before and after, and it never shows an edge: what it would open, it closes by itself, or it says why it cannot.
 */
@NullMarked
package amberlens.core.edit.ready;

import org.jspecify.annotations.NullMarked;
