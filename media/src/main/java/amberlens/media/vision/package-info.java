/** The general library that looks at pictures, made ready once for whoever uses it. */
@NullMarked
package amberlens.media.vision;

import org.jspecify.annotations.NullMarked;
