/**
 * Line-ups and moves as OpenTimelineIO timelines, and back.
 */
@NullMarked
package amberlens.exchange.otio;

import org.jspecify.annotations.NullMarked;
