/** The looks on the shelf. */
@NullMarked
package amberlens.desktop.shelf.looks;

import org.jspecify.annotations.NullMarked;
