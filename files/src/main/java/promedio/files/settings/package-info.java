/** What is remembered for the person, across assignments. */
@NullMarked
package promedio.files.settings;

import org.jspecify.annotations.NullMarked;
