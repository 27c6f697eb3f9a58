/**
 * A project and all that is in it, as immutable records. Changes are made by the functions of
 * {@link amberlens.core.edit}.
 */
@NullMarked
package amberlens.core.model.project;

import org.jspecify.annotations.NullMarked;
