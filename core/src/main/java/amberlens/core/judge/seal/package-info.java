/**
 * Closing open edges with the smallest change.
 *
 * <p>A <em>seal</em> gives a take new key values so that no frame is open, or refuses and says why; keys keep their frames and
 * eases. <em>Lift</em> zooms the whole move by one factor, <em>shift</em> changes positions only, <em>least change</em> changes
 * scale and position together. A <em>locked</em> frame keeps its pose. Every result is verified frame by frame before it is
 * offered.
 */
@NullMarked
package amberlens.core.judge.seal;

import org.jspecify.annotations.NullMarked;
