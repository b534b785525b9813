/**
 * Measures as JSON and as text for people, the contract of the command line. Begin at {@link
 * promedio.files.report.MeasuresJson}.
 */
@NullMarked
package promedio.files.report;

import org.jspecify.annotations.NullMarked;
