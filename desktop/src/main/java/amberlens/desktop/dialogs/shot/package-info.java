/**
 * What a shot is besides its move: name, picture, backdrop, mirror and shutter.
 */
@NullMarked
package amberlens.desktop.dialogs.shot;

import org.jspecify.annotations.NullMarked;
