/**
 * Benchmarks: figures, never a verdict. Enters: nothing. Leaves: tables for docs/benchmarks.md.
 * Ratios within one run count; absolute figures depend on the machine and what else it does.
 */
@NullMarked
package velvetkettle.bench;

import org.jspecify.annotations.NullMarked;
