/**
 * The sheet of a sample: line-up, measures, rules, and the margin that explains them. Begin at
 * {@link promedio.desktop.window.sample.Sheet}.
 */
@NullMarked
package promedio.desktop.window.sample;

import org.jspecify.annotations.NullMarked;
