package promedio.desktop.session;

/**
 * Tells a document of a window from the others it shows one after another. Every edit of an
 * assignment belongs to the document that the assignment was begun, opened or brought back as; its
 * file hangs on the key, so that undoing past "open" goes back to the file of before, too.
 */
public final class DocumentKey {

  /** A document that is like no other. */
  public DocumentKey() {}
}
