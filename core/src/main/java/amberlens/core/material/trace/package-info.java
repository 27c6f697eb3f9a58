/** What a camera did in a film: how the whole picture moves, its smooth part and what is left of it. */
@NullMarked
package amberlens.core.material.trace;

import org.jspecify.annotations.NullMarked;
