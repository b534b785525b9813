package promedio.desktop.projection;

import promedio.core.assignment.Assignment;

/**
 * An assignment as it is at one moment, and which document of the window it is.
 *
 * @param key tells the document from those that the window showed before and may go back to
 * @param assignment what is in it
 */
public record Document(DocumentKey key, Assignment assignment) {}
