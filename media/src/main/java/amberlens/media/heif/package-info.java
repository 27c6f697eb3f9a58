/** Pictures in HEIF containers: HEIC, as phones write it, and AVIF. */
@NullMarked
package amberlens.media.heif;

import org.jspecify.annotations.NullMarked;
