/**
 * The proof of a project: one page that needs nothing else, with what is seen of every shot, how far its edges are from the frame all
 * along, and what was judged by which version.
 */
@NullMarked
package amberlens.media.proof;

import org.jspecify.annotations.NullMarked;
