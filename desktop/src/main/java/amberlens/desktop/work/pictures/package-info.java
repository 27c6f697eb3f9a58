/** Frames and thumbnails that are read and rendered before they are asked for. */
@NullMarked
package amberlens.desktop.work.pictures;

import org.jspecify.annotations.NullMarked;
