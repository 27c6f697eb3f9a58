/**
 * Finding what matters in a picture: faces, persons, a subject. The networks lie beside this package's classes, with their licence and
 * where they come from in {@code networks.txt}.
 */
@NullMarked
package amberlens.media.marks;

import org.jspecify.annotations.NullMarked;
