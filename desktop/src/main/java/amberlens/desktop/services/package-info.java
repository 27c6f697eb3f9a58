/**
 * What all views share beside the desk: threads, pictures, derived facts.
 */
@NullMarked
package amberlens.desktop.services;

import org.jspecify.annotations.NullMarked;
