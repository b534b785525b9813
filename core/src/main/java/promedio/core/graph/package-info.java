/** What graphs show, exactly: whiskers, stems, stacks of dots. How they look is not said here. */
@NullMarked
package promedio.core.graph;

import org.jspecify.annotations.NullMarked;
