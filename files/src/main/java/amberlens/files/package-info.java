/**
 * Files on disk. A <b>whole file</b> is written aside, under a name of its own, and moved into place in one step: whatever
 * happens, there is the old file or the new one. What a killed program left aside is a <b>stray</b>. A <b>stamp</b> tells
 * whether a file is still what it was. <b>Folders</b> are where this system keeps settings and data.
 */
@NullMarked
package amberlens.files;

import org.jspecify.annotations.NullMarked;
