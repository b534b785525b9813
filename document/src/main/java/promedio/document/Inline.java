package promedio.document;

import org.jsoup.nodes.Document.OutputSettings;
import org.jsoup.nodes.Entities;

/**
 * A piece of a line, in each of the forms that documents take.
 *
 * @param plain as plain characters
 * @param latex in LaTeX, to stand within a formula; empty where it is no formula
 * @param mathml in MathML, without its outermost element; empty where it is no formula
 */
public record Inline(String plain, String latex, String mathml) {

  /** {@return words, in which no markup of any format means anything} */
  public static Inline text(String text) {
    return new Inline(text, "", "");
  }

  public Inline {
    plain = shown(plain);
  }

  /** {@return whether it is a formula} */
  public boolean isFormula() {
    return !latex.isEmpty();
  }

  /** {@return it as a piece of HTML with MathML} */
  String html() {
    return isFormula() ? math("false") : escaped(plain);
  }

  /**
   * {@return the formula as an element of MathML}
   *
   * @param large true for fractions and sums as large as on a line of their own, else false
   */
  String math(String large) {
    return "<math xmlns=\"http://www.w3.org/1998/Math/MathML\" displaystyle=\""
        + large
        + "\">"
        + mathml
        + "</math>";
  }

  /** {@return the text without signs that no format shows} */
  static String shown(String text) {
    StringBuilder allowed = new StringBuilder();
    text.codePoints()
        .filter(c -> c >= ' ' || c == '\n' || c == '\t')
        .filter(c -> !(c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE))
        .filter(c -> c != 0xFFFE && c != 0xFFFF && !(c >= 0x7F && c <= 0x9F))
        .forEach(allowed::appendCodePoint);
    return allowed.toString();
  }

  /** {@return the text as HTML and XML show it: what they give no place is left out} */
  static String escaped(String text) {
    return Entities.escape(
        shown(text), new OutputSettings().escapeMode(Entities.EscapeMode.xhtml).charset("UTF-8"));
  }
}
