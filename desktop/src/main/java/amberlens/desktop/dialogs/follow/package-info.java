/** Subjects of footage at the bench: followed by the camera or by what rides on them, and footage held still. */
@NullMarked
package amberlens.desktop.dialogs.follow;

import org.jspecify.annotations.NullMarked;
