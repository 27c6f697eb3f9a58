/**
 * Work that is kept safe. A <b>safe</b> is the folder in which one running program keeps what is open in it; it holds a lock on it
 * as long as it lives. A safe whose lock nobody holds was <b>left behind</b> by a program that ended without closing it; what is
 * in it is offered until somebody decides. <b>Earlier versions</b> are what was saved under a name before.
 */
@NullMarked
package amberlens.project.safe;

import org.jspecify.annotations.NullMarked;
