/**
 * What goes to disk while work goes on: saves, and work kept safe. All of it runs on one thread, in order, and reports to the document
 * it was made for.
 */
@NullMarked
package amberlens.desktop.work.saving;

import org.jspecify.annotations.NullMarked;
