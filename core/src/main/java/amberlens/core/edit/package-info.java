/**
 * What a person can change. An <em>edit</em> has a name and turns a project into another one; it never fails on a
 * project it was built for, and a project it does not concern comes back unchanged. {@link
 * amberlens.core.edit.History} keeps what was before.
 */
@NullMarked
package amberlens.core.edit;

import org.jspecify.annotations.NullMarked;
