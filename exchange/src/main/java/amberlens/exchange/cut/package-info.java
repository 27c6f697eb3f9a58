/**
 * An edit as other programs write it, before its media are found: events with lengths, dissolves and names.
 */
@NullMarked
package amberlens.exchange.cut;

import org.jspecify.annotations.NullMarked;
