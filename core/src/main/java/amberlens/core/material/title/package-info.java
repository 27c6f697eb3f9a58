/** Titles: what is written, and how it is set. Fonts are found and letters drawn by a service, see {@link amberlens.core.material.title.Typesetter}. */
@NullMarked
package amberlens.core.material.title;

import org.jspecify.annotations.NullMarked;
