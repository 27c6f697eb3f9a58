/**
 * From what another program has written to a line-up of ours.
 */
@NullMarked
package amberlens.exchange.take;

import org.jspecify.annotations.NullMarked;
