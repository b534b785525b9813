/**
 * The frame of the window: what stands where, commands, keys, files and notices. Begin at {@link
 * promedio.desktop.window.shell.AssignmentView}.
 */
@NullMarked
package promedio.desktop.window.shell;

import org.jspecify.annotations.NullMarked;
