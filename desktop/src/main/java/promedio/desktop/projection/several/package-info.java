/** What sheets of several samples show: printed tables of questions, graphs, sentences. */
@NullMarked
package promedio.desktop.projection.several;

import org.jspecify.annotations.NullMarked;
