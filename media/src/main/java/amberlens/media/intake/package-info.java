/**
 * Finding out what files are: pictures, films or sequences, how large and how long, and how to know them again.
 */
@NullMarked
package amberlens.media.intake;

import org.jspecify.annotations.NullMarked;
