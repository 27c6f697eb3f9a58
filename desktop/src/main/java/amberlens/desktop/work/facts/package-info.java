/** What is known of the shots of the project: computed once for each state of a shot, some of it in the background. */
@NullMarked
package amberlens.desktop.work.facts;

import org.jspecify.annotations.NullMarked;
