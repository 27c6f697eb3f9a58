/**
 * A project from opening to leaving: its file, its format, its versions, what was kept safe.
 */
@NullMarked
package amberlens.desktop.session;

import org.jspecify.annotations.NullMarked;
