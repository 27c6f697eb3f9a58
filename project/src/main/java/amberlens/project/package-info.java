/**
 * The {@code .amber} project file: JSON with a schema, read with care and written whole or not at all.
 */
@NullMarked
package amberlens.project;

import org.jspecify.annotations.NullMarked;
