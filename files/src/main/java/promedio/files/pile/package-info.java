/** Piles of answers: a row for each student and part. Begin at {@link promedio.files.pile.Pile}. */
@NullMarked
package promedio.files.pile;

import org.jspecify.annotations.NullMarked;
