/**
 * Arrivals and departures: how an inset or a title comes to its <em>place</em>, which is where it stands, and how it leaves it.
 *
 * <p>An arrival is made of plain keys before the moment at which the picture stands, and where it fades, of a fade; a departure of those
 * after it. Another one takes the place of the one before.
 */
@NullMarked
package amberlens.core.edit.arrival;

import org.jspecify.annotations.NullMarked;
