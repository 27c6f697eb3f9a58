/**
 * What was computed is remembered for the next question. A {@link amberlens.core.base.memo.Last} keeps the last answer of each thread, a
 * {@link amberlens.core.base.memo.Memo} as many as a budget of bytes allows. What is computed from never changes, so that an answer stays right.
 * Whatever is kept within a budget, here and elsewhere, is kept by {@link amberlens.core.base.memo.RecentlyUsed}.
 */
@NullMarked
package amberlens.core.base.memo;

import org.jspecify.annotations.NullMarked;
