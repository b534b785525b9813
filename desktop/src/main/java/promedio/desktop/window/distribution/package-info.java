/** Tables of distributions: value and area, with the picture and the printed page. */
@NullMarked
package promedio.desktop.window.distribution;

import org.jspecify.annotations.NullMarked;
