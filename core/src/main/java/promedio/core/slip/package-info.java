/** What may go wrong in working a measure by hand, and under which code that is known. */
@NullMarked
package promedio.core.slip;

import org.jspecify.annotations.NullMarked;
