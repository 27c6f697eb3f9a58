/**
 * What a project file carries beyond what this version knows: kept through a round trip, never interpreted.
 */
@NullMarked
package amberlens.core.base.extras;

import org.jspecify.annotations.NullMarked;
