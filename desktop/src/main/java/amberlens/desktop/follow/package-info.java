/** Subjects in footage: tracked behind the bench, shown on the Table and in the Score, and followed by the camera or by what rides on them. */
@NullMarked
package amberlens.desktop.follow;

import org.jspecify.annotations.NullMarked;
