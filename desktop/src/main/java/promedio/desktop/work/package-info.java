/**
 * What the window shows, without any node: the document, its history, what is computed of it. Begin
 * at {@link promedio.desktop.work.Workspace}.
 */
@NullMarked
package promedio.desktop.work;

import org.jspecify.annotations.NullMarked;
