/** The measures of k groups: all together, variance within and between, two means compared. */
@NullMarked
package promedio.core.catalogue.groups;

import org.jspecify.annotations.NullMarked;
