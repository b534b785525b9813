/** What tables of distributions show. */
@NullMarked
package promedio.desktop.projection.distribution;

import org.jspecify.annotations.NullMarked;
