/**
 * What all views share beside the desk: threads, pictures, derived facts.
 */
@NullMarked
package amberlens.desktop.work.services;

import org.jspecify.annotations.NullMarked;
