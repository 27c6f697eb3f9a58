/**
 * The numbers and forms of what is selected: camera, looks, titles, planes.
 *
 * <p>Uses kit, desk and work.
 */
@NullMarked
package amberlens.desktop.inspector;

import org.jspecify.annotations.NullMarked;
