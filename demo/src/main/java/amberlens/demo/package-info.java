/**
 * Draws the archive of Fernhollow Garden, an invented botanic garden, and lays out a short film from it. Everything comes
 * from fixed seeds, so that two runs give the same pictures.
 */
@NullMarked
package amberlens.demo;

import org.jspecify.annotations.NullMarked;
