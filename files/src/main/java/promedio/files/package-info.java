/** What all readers and writers share. */
@NullMarked
package promedio.files;

import org.jspecify.annotations.NullMarked;
