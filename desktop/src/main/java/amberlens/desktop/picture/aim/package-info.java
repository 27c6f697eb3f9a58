/**
 * What is measured in the picture and aimed at: subject points, level lines, places.
 */
@NullMarked
package amberlens.desktop.picture.aim;

import org.jspecify.annotations.NullMarked;
