/**
 * Reading tables of text: comma, semicolon, tab or bar between the cells, or plain lists of values.
 * Begin at {@link promedio.files.delimited.DelimitedReader}.
 */
@NullMarked
package promedio.files.delimited;

import org.jspecify.annotations.NullMarked;
