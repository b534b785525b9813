/**
 * Tables of several columns: looked at, tidied, imported and exported. Begin at {@link
 * promedio.desktop.window.table.TableSheet}.
 */
@NullMarked
package promedio.desktop.window.table;

import org.jspecify.annotations.NullMarked;
