/**
 * Whether the picture covers the frame.
 *
 * <p>The <em>margin</em> of a pose is the smallest signed distance, in frame pixels, from the four frame corners to the
 * four lines through the picture's sides, positive inside. A frame is <em>sealed</em> when its margin is at least
 * {@link amberlens.core.judge.edges.Margin#SEALED}, otherwise an edge is <em>open</em> there.
 */
@NullMarked
package amberlens.core.judge.edges;

import org.jspecify.annotations.NullMarked;
