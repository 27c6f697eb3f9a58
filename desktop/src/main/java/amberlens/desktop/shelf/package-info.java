/**
 * The shelf: pictures, footage, sounds, ready moves and looks, and how they are taken in.
 *
 * <p>Uses kit, desk and work.
 */
@NullMarked
package amberlens.desktop.shelf;

import org.jspecify.annotations.NullMarked;
