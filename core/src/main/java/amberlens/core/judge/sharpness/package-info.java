/**
 * How far the picture is enlarged. <em>Enlargement</em> is the largest stretch of a source pixel in frame pixels, in
 * per cent: up to 100 the picture is crisp, up to 110 nobody sees it (common practice), above it goes soft.
 */
@NullMarked
package amberlens.core.judge.sharpness;

import org.jspecify.annotations.NullMarked;
