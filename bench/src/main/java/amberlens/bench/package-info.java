/**
 * Measurements beside other libraries, in one run on one machine; see docs/BENCHMARKS.md.
 */
@NullMarked
package amberlens.bench;

import org.jspecify.annotations.NullMarked;
