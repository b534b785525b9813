/** The how-to: its topics, and how they are found. It knows no toolkit. */
@NullMarked
package promedio.desktop.howto;

import org.jspecify.annotations.NullMarked;
