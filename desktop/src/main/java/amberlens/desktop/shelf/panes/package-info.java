/**
 * The Shelf: the pictures of the project.
 */
@NullMarked
package amberlens.desktop.shelf.panes;

import org.jspecify.annotations.NullMarked;
