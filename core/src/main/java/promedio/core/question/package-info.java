/**
 * Reading a question as it is printed: its data, its parts, what each asks. Begin with {@link
 * promedio.core.question.PrintedQuestion}.
 */
@NullMarked
package promedio.core.question;

import org.jspecify.annotations.NullMarked;
