/** Looks given to shots: actions, stock looks and kept ones with their pictures, and handles on the picture. */
@NullMarked
package amberlens.desktop.looks;

import org.jspecify.annotations.NullMarked;
