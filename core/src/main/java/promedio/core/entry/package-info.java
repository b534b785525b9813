/**
 * What is typed, read entry by entry: nothing is refused whole because one entry is unreadable.
 * Begin at {@link promedio.core.entry.Typed}.
 */
@NullMarked
package promedio.core.entry;

import org.jspecify.annotations.NullMarked;
