/** The demo: Huerta Valdemora, an orchard made up for Promedio. */
@NullMarked
package promedio.desktop.demo;

import org.jspecify.annotations.NullMarked;
