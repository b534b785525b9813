/**
 * Workings step by step, one's own beside them, and scratch paper. Begin at {@link
 * promedio.desktop.window.working.WorkingPane}.
 */
@NullMarked
package promedio.desktop.window.working;

import org.jspecify.annotations.NullMarked;
