/**
 * The table and the lens, and the hands on both.
 *
 * <p>Uses kit, desk, work, shelf and inspector.
 */
@NullMarked
package amberlens.desktop.picture;

import org.jspecify.annotations.NullMarked;
