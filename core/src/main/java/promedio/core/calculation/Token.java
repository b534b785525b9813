package promedio.core.calculation;

/**
 * A piece of a formula.
 *
 * @param kind what it is
 * @param text what it says; of a quoted word without the quotation marks
 * @param start where it begins in the formula
 */
record Token(Kind kind, String text, int start) {

  /** Kinds of pieces. */
  enum Kind {
    NUMBER,
    COLUMN,
    WORD,
    QUOTED,
    SIGN,
    END
  }

  /** {@return whether it is this word, be it the name of a column besides} */
  boolean isWord(String word) {
    return (kind == Kind.WORD || kind == Kind.COLUMN) && text.equalsIgnoreCase(word);
  }

  /** {@return whether it is this sign, or this word of the language of formulas} */
  boolean is(String sign) {
    return (kind == Kind.SIGN || kind == Kind.WORD) && text.equalsIgnoreCase(sign);
  }
}
