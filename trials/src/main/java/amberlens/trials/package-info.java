/**
 * Trials with damaged files. A <b>seed</b> is a good file; a <b>mutation</b> damages it by chance; an <b>examiner</b> is a process that does
 * with it what the program would. A file <b>holds</b> when it is read or refused in words, in time; else it is a <b>fault</b>, which is
 * made as small as it stays one.
 */
@NullMarked
package amberlens.trials;

import org.jspecify.annotations.NullMarked;
