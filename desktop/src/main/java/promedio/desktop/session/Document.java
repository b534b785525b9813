package promedio.desktop.session;

import java.util.function.UnaryOperator;
import promedio.core.assignment.Assignment;

/**
 * An assignment as it is at one moment, and which document of the window it is.
 *
 * @param key tells the document from those that the window showed before and may go back to
 * @param assignment what is in it
 */
public record Document(DocumentKey key, Assignment assignment) {

  /** {@return this after a change; itself where that changes nothing} */
  @SuppressWarnings("ReferenceEquality") // to compare all that is in it takes longer
  Document with(UnaryOperator<Assignment> change) {
    Assignment changed = change.apply(assignment);
    return changed == assignment ? this : new Document(key, changed);
  }
}
