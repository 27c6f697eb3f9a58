/**
 * What a shot's move is, said so that other formats can hold it.
 */
@NullMarked
package amberlens.exchange.move;

import org.jspecify.annotations.NullMarked;
