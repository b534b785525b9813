/**
 * Answers of a class: a row for each student and part. Begin at {@link
 * promedio.files.answers.ClassAnswers}.
 */
@NullMarked
package promedio.files.answers;

import org.jspecify.annotations.NullMarked;
