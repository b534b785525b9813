/**
 * The document a student works on, as one immutable value. Begin at {@link
 * promedio.core.assignment.Assignment}.
 */
@NullMarked
package promedio.core.assignment;

import org.jspecify.annotations.NullMarked;
