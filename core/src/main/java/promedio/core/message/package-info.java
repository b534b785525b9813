/** Sentences for people, kept in bundles so that another language is a file. */
@NullMarked
package promedio.core.message;

import org.jspecify.annotations.NullMarked;
