package promedio.files.table;

import java.util.Optional;

/**
 * What parts the cells of a line of text.
 *
 * @param code its name in files and on the command line: the character itself, or {@code tab},
 *     {@code blanks}, {@code none} or {@code list}
 */
public record Separator(String code) {

  static final Separator SEMICOLON = new Separator(";");
  static final Separator TAB = new Separator("tab");
  static final Separator BAR = new Separator("|");
  static final Separator COMMA = new Separator(",");

  /** Cells stand under each other, or are parted by runs of blanks. */
  static final Separator BLANKS = new Separator("blanks");

  /** A line is one cell. */
  static final Separator NONE = new Separator("none");

  /** No table: every number of a line is a row. */
  static final Separator LIST = new Separator("list");

  /** No text holds it. */
  private static final char NOTHING = '\u001F';

  /** {@return the separator of this name} */
  public static Optional<Separator> ofCode(String code) {
    if (code.equals("\t")) {
      return Optional.of(TAB);
    }
    boolean named =
        code.equals("tab") || code.equals("blanks") || code.equals("none") || code.equals("list");
    boolean character =
        code.length() == 1 && !Character.isLetterOrDigit(code.charAt(0)) && code.charAt(0) > ' ';
    return named || character ? Optional.of(new Separator(code)) : Optional.empty();
  }

  /** {@return whether blanks part the cells} */
  boolean isBlanks() {
    return code.equals(BLANKS.code) || code.equals(LIST.code);
  }

  /** {@return the character that parts cells; one that no text holds where none does} */
  char character() {
    return code.equals(TAB.code) ? '\t' : code.length() == 1 ? code.charAt(0) : NOTHING;
  }

  /** {@return how it is given to other programs: the character, a blank, or nothing} */
  public String text() {
    return code.equals(BLANKS.code)
        ? " "
        : character() == NOTHING ? "" : String.valueOf(character());
  }
}
