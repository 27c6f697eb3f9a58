/**
 * Moves as Lottie animations.
 */
@NullMarked
package amberlens.exchange.lottie;

import org.jspecify.annotations.NullMarked;
