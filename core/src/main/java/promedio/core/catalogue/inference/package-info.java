/** What one sample tells of the mean that it was drawn from. */
@NullMarked
package promedio.core.catalogue.inference;

import org.jspecify.annotations.NullMarked;
