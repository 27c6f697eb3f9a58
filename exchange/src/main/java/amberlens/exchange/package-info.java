/**
 * Moves and line-ups in other open formats, in and out.
 */
@NullMarked
package amberlens.exchange;

import org.jspecify.annotations.NullMarked;
