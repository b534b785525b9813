/** What of an assignment is handed in, as a document. Begin at {@link HandIn}. */
@NullMarked
package promedio.desktop.projection.handin;

import org.jspecify.annotations.NullMarked;
