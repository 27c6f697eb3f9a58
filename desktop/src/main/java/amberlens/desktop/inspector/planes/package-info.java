/** Cutting still pictures into planes: drawing around things, distances, what is filled behind, and what a move sees of it. */
@NullMarked
package amberlens.desktop.inspector.planes;

import org.jspecify.annotations.NullMarked;
