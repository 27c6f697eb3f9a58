/**
 * The Shelf: the pictures of the project.
 */
@NullMarked
package amberlens.desktop.shelf;

import org.jspecify.annotations.NullMarked;
