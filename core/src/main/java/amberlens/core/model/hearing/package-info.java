/** What of a project is heard, and where its beats fall on the line-up. */
@NullMarked
package amberlens.core.model.hearing;

import org.jspecify.annotations.NullMarked;
