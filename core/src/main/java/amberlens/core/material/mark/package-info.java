/**
 * Marks: places of a picture that matter. A mark is an upright box in source pixels, before mirroring. What is asked of it, its
 * <em>keep</em>, is judged by {@code judge.marks}.
 */
@NullMarked
package amberlens.core.material.mark;

import org.jspecify.annotations.NullMarked;
