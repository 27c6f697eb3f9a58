/**
 * What lies on the desk: the document with its history and file, the cursor in it, the tools; and what is derived from them.
 */
@NullMarked
package amberlens.desktop.desk.state;

import org.jspecify.annotations.NullMarked;
