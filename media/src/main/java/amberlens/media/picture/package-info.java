/**
 * Still pictures: what a file holds, its pixels in linear light, and a cache of them.
 */
@NullMarked
package amberlens.media.picture;

import org.jspecify.annotations.NullMarked;
