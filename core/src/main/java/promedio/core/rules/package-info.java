/**
 * Course rules: the conventions that differ from course to course. Begin at {@link
 * promedio.core.rules.CourseRules}.
 */
@NullMarked
package promedio.core.rules;

import org.jspecify.annotations.NullMarked;
