/**
 * How numbers are said to people: so many of something, and measures to so many places.
 */
@NullMarked
package amberlens.core.base.words;

import org.jspecify.annotations.NullMarked;
