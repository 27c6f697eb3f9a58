/** The camera's setup at one moment, and how a picture is seen in it: a <em>pose</em>, its depth, and how far two poses lie apart. */
@NullMarked
package amberlens.core.motion.pose;

import org.jspecify.annotations.NullMarked;
