/**
 * Edit lists as CMX 3600 has them.
 */
@NullMarked
package amberlens.exchange.edl;

import org.jspecify.annotations.NullMarked;
