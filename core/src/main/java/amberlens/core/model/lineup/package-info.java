/**
 * How shots lie in time on their tracks.
 *
 * <p>Shots of one track follow each other, with gaps or without; they overlap only where one dissolves into the next. A change either
 * <em>ripples</em> – what comes later on the track moves along – or <em>overwrites</em>: everything stays where it is, and what
 * lies under the changed shot is cut away. Cutting never loses a move: keys outside a shot still shape it.
 */
@NullMarked
package amberlens.core.model.lineup;

import org.jspecify.annotations.NullMarked;
