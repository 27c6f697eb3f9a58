/** Looks given to shots: actions, stock looks and kept ones with their pictures, and handles on the picture. */
@NullMarked
package amberlens.desktop.inspector.looks;

import org.jspecify.annotations.NullMarked;
