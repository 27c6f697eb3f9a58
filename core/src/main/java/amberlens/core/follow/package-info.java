/** A camera that keeps a tracked subject at its place, and what rides on a track beside it. */
@NullMarked
package amberlens.core.follow;

import org.jspecify.annotations.NullMarked;
