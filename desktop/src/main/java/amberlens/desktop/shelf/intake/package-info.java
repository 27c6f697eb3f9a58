/**
 * How pictures and films come into a project: files added, found again and replaced.
 */
@NullMarked
package amberlens.desktop.shelf.intake;

import org.jspecify.annotations.NullMarked;
