/** Titles: what is written, and how it is set. Fonts are found and letters drawn by a service, see {@link amberlens.core.title.Typesetter}. */
@NullMarked
package amberlens.core.title;

import org.jspecify.annotations.NullMarked;
