/** The move of a film, put on a shot: seen in the film and on the picture before it is taken. */
@NullMarked
package amberlens.desktop.dialogs.trace;

import org.jspecify.annotations.NullMarked;
