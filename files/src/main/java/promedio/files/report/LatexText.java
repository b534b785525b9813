package promedio.files.report;

import java.text.Normalizer;
import java.util.Map;

/** Text for LaTeX, in which no character is a command. */
public final class LatexText {

  /** What has a meaning of its own, or no place in the usual fonts. */
  private static final Map<Integer, String> SIGNS =
      Map.ofEntries(
          sign('\\', "\\textbackslash{}"),
          sign('{', "\\{"),
          sign('}', "\\}"),
          sign('$', "\\$"),
          sign('&', "\\&"),
          sign('#', "\\#"),
          sign('%', "\\%"),
          sign('_', "\\_"),
          sign('^', "\\textasciicircum{}"),
          sign('~', "\\textasciitilde{}"),
          sign('<', "\\textless{}"),
          sign('>', "\\textgreater{}"),
          sign('|', "\\textbar{}"),
          sign('"', "\\textquotedbl{}"),
          sign('`', "\\textasciigrave{}"),
          sign('\'', "\\textquotesingle{}"),
          sign('−', "$-$"),
          sign('·', "$\\cdot$"),
          sign('×', "$\\times$"),
          sign('÷', "$\\div$"),
          sign('±', "$\\pm$"),
          sign('≈', "$\\approx$"),
          sign('≠', "$\\neq$"),
          sign('≤', "$\\leq$"),
          sign('≥', "$\\geq$"),
          sign('√', "$\\surd$"),
          sign('∑', "$\\sum$"),
          sign('∞', "$\\infty$"),
          sign('→', "$\\rightarrow$"),
          sign('½', "$\\frac12$"),
          sign('¼', "$\\frac14$"),
          sign('¾', "$\\frac34$"),
          sign('⅓', "$\\frac13$"),
          sign('⅜', "$\\frac38$"),
          sign('α', "$\\alpha$"),
          sign('β', "$\\beta$"),
          sign('η', "$\\eta$"),
          sign('μ', "$\\mu$"),
          sign('µ', "$\\mu$"),
          sign('ν', "$\\nu$"),
          sign('ρ', "$\\rho$"),
          sign('σ', "$\\sigma$"),
          sign('φ', "$\\varphi$"),
          sign('χ', "$\\chi$"),
          sign('Σ', "$\\Sigma$"),
          sign('Δ', "$\\Delta$"),
          sign('ᵤ', "$_u$"),
          sign('…', "\\dots{}"),
          sign('“', "\\textquotedblleft{}"),
          sign('”', "\\textquotedblright{}"),
          sign('‘', "\\textquoteleft{}"),
          sign('’', "\\textquoteright{}"),
          sign('–', "\\textendash{}"),
          sign('—', "\\textemdash{}"),
          sign('\u00A0', "~"),
          sign('\u202F', "\\,"),
          sign('\n', " \\\\\n"));

  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
  private static final String LOWERED = "₀₁₂₃₄₅₆₇₈₉";
  private static final int COMBINING_MACRON = 0x304;

  /** Letters up to here are in the fonts of every LaTeX. */
  private static final int LAST_LETTER = 0x17F;

  private LatexText() {}

  private static Map.Entry<Integer, String> sign(char sign, String latex) {
    return Map.entry((int) sign, latex);
  }

  /** {@return the text}; what a LaTeX may have no letter for is left to those that have one */
  public static String of(String text) {
    int[] points = Normalizer.normalize(text, Normalizer.Form.NFC).codePoints().toArray();
    StringBuilder latex = new StringBuilder();
    for (int i = 0; i < points.length; i++) {
      if (i + 1 < points.length && points[i + 1] == COMBINING_MACRON) {
        latex.append("$\\bar{").append(letter(points[i])).append("}$");
        i++;
      } else {
        latex.append(one(points[i]));
      }
    }
    return latex.toString();
  }

  private static String letter(int point) {
    return Character.isLetterOrDigit(point) && point < 0x80 ? Character.toString(point) : "?";
  }

  private static String one(int point) {
    String sign = SIGNS.get(point);
    if (sign != null) {
      return sign;
    }
    if (RAISED.indexOf(point) >= 0) {
      return "$^" + RAISED.indexOf(point) + "$";
    }
    if (LOWERED.indexOf(point) >= 0) {
      return "$_" + LOWERED.indexOf(point) + "$";
    }
    boolean plain = (point >= ' ' && point < 0x7F) || (point > 0xA0 && point <= LAST_LETTER);
    if (plain) {
      return Character.toString(point);
    }
    return Character.isLetterOrDigit(point)
        ? "\\ifPDFTeX ?\\else " + Character.toString(point) + "\\fi{}"
        : Character.isWhitespace(point) ? " " : "?";
  }
}
