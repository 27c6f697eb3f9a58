/** A film made of what lies in a folder. */
@NullMarked
package amberlens.media.folder;

import org.jspecify.annotations.NullMarked;
