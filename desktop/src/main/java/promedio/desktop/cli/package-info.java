/** The command line. Begin at {@link promedio.desktop.cli.PromedioCommand}. */
@NullMarked
package promedio.desktop.cli;

import org.jspecify.annotations.NullMarked;
