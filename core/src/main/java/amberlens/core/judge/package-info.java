/**
 * What is right or wrong with a move: edges, sharpness, the seal, where a camera aims.
 *
 * <p>Uses base and motion.
 */
@NullMarked
package amberlens.core.judge;

import org.jspecify.annotations.NullMarked;
