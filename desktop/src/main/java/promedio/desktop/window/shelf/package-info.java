/**
 * The samples and tables on the left, and the fields where they are typed. Begin at {@link
 * promedio.desktop.window.shelf.Shelf}.
 */
@NullMarked
package promedio.desktop.window.shelf;

import org.jspecify.annotations.NullMarked;
