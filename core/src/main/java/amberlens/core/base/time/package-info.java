/**
 * Time in whole frames.
 *
 * <p>A <em>frame</em> is counted from 0. A shot of N frames has the frames 0 … N−1: its last frame is N−1, never N.
 * A <em>span</em> of frames is closed: it holds both its first and its last frame. Rates are exact rationals; seconds
 * appear only where a person reads them.
 */
@NullMarked
package amberlens.core.base.time;

import org.jspecify.annotations.NullMarked;
