/** The sheets of several samples: comparisons, pairs, two-way tables. */
@NullMarked
package promedio.desktop.window.several;

import org.jspecify.annotations.NullMarked;
