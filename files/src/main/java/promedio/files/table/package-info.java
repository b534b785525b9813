/**
 * Tables from files and from the clipboard: text of any encoding and separator, workbooks, pasted
 * tables. What is recognised can be decided otherwise. Begin at {@link
 * promedio.files.table.TableReader}.
 */
@NullMarked
package promedio.files.table;

import org.jspecify.annotations.NullMarked;
