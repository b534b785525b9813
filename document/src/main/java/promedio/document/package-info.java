/** Documents to hand in: what they consist of, and how they are written. */
@NullMarked
package promedio.document;

import org.jspecify.annotations.NullMarked;
