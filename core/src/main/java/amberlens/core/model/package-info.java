/**
 * A project: its media, its line-up, and what of it is heard.
 *
 * <p>Uses base, motion, judge and material.
 */
@NullMarked
package amberlens.core.model;

import org.jspecify.annotations.NullMarked;
