/** Benchmarks; their figures stand in docs/benchmarks.md. */
@NullMarked
package promedio.bench;

import org.jspecify.annotations.NullMarked;
