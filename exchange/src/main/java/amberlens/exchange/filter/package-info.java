/**
 * Moves as scripts of filters for FFmpeg.
 */
@NullMarked
package amberlens.exchange.filter;

import org.jspecify.annotations.NullMarked;
