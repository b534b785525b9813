/**
 * Classes for a sample: how many, how wide, from where, and what lies in each. Begin at {@link
 * promedio.core.grouping.Grouping}.
 */
@NullMarked
package promedio.core.grouping;

import org.jspecify.annotations.NullMarked;
