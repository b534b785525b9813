/**
 * Tables of several columns, as they are imported and tidied. Begin at {@link
 * promedio.core.table.Table}.
 */
@NullMarked
package promedio.core.table;

import org.jspecify.annotations.NullMarked;
