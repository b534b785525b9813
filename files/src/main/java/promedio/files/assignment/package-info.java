/**
 * The assignment file, described in docs/file-format.md, and the copies kept while work goes on.
 * Begin at {@link promedio.files.assignment.AssignmentFile}.
 */
@NullMarked
package promedio.files.assignment;

import org.jspecify.annotations.NullMarked;
