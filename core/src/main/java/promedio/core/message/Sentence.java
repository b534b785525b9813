package promedio.core.message;

import java.text.ChoiceFormat;
import java.text.FieldPosition;
import java.text.Format;
import java.text.MessageFormat;
import java.text.ParsePosition;
import java.util.Arrays;
import java.util.Locale;

/**
 * Puts arguments into the sentences of bundles. A number is put in as it is, never grouped by the
 * habits of the machine; and it can choose words: {@code {0} {0,choice,0#values|1#value|1<values}}.
 */
public final class Sentence {

  private static final Format AS_IT_IS = new AsItIs();

  private Sentence() {}

  /** {@return the sentence of the pattern with the arguments put in} */
  public static String of(String pattern, Object... arguments) {
    // The digits of the machine's language are not those of the sentence.
    MessageFormat format = new MessageFormat(pattern, Locale.ROOT);
    Format[] parts = format.getFormats();
    for (int i = 0; i < parts.length; i++) {
      format.setFormat(
          i, parts[i] instanceof ChoiceFormat choice ? new Chosen(choice, arguments) : AS_IT_IS);
    }
    Object[] given = Arrays.copyOf(arguments, arguments.length, Object[].class);
    for (int i = 0; i < given.length; i++) {
      if (given[i] instanceof String text && pattern.contains("{" + i + ",choice")) {
        given[i] = new Count(text);
      }
    }
    return format.format(given);
  }

  /** A count that comes as a text, such as a grouped one; what is no whole number is many. */
  private static final class Count extends Number {

    private static final long serialVersionUID = 1;
    private static final long MANY = 1000;

    private final String text;

    Count(String text) {
      this.text = text;
    }

    @Override
    public long longValue() {
      return text.matches("\\d{1,15}") ? Long.parseLong(text) : MANY;
    }

    @Override
    public int intValue() {
      return (int) longValue();
    }

    @Override
    public double doubleValue() {
      return longValue();
    }

    @Override
    public float floatValue() {
      return longValue();
    }

    @Override
    public String toString() {
      return text;
    }
  }

  /** Writes the words that a number chooses, among which arguments may stand. */
  private static final class Chosen extends Format {

    private static final long serialVersionUID = 1;

    private final ChoiceFormat choice;
    private final transient Object[] arguments;

    Chosen(ChoiceFormat choice, Object... arguments) {
      this.choice = choice;
      this.arguments = arguments;
    }

    @Override
    public StringBuffer format(Object argument, StringBuffer into, FieldPosition position) {
      String words = choice.format(argument);
      return into.append(words.indexOf('{') >= 0 ? Sentence.of(words, arguments) : words);
    }

    @Override
    public Object parseObject(String text, ParsePosition position) {
      throw new UnsupportedOperationException("sentences are written, not read");
    }
  }

  /** Writes anything as it says itself. */
  private static final class AsItIs extends Format {

    private static final long serialVersionUID = 1;

    @Override
    public StringBuffer format(Object argument, StringBuffer into, FieldPosition position) {
      return into.append(argument);
    }

    @Override
    public Object parseObject(String text, ParsePosition position) {
      throw new UnsupportedOperationException("sentences are written, not read");
    }
  }
}
