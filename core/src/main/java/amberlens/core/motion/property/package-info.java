/** What can be changed over time, each property described once: its id, words, unit, kind of value, range and group. */
@NullMarked
package amberlens.core.motion.property;

import org.jspecify.annotations.NullMarked;
