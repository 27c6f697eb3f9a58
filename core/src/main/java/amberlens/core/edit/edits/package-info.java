/**
 * What a person can change. An <em>edit</em> has a name and turns a project into another one; it never fails on a project it was built
 * for, and a project it does not concern comes back unchanged. {@link amberlens.core.edit.edits.History} keeps what was before.
 *
 * <p>Beside the edits stand those that look first: <em>evenness</em> takes the moves of neighbouring shots as a set and makes them alike in
 * direction, pace and strength; <em>follow</em> lets a camera keep a tracked subject at its place, and other pictures ride on a track;
 * <em>advice</em> names what the eye would stumble over although every frame is covered, each with what mends it.
 */
@NullMarked
package amberlens.core.edit.edits;

import org.jspecify.annotations.NullMarked;
