package promedio.core.tidy;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** What was filled in in the form of a step. */
@FunctionalInterface
public interface StepInput {

  /** {@return what was typed or chosen, empty where nothing was} */
  String of(StepField ask);

  /** {@return what was typed with commas or semicolons between} */
  default List<String> list(StepField ask) {
    return pieces(of(ask), "\\s*[,;]\\s*");
  }

  /** {@return what was typed with blanks or semicolons between} */
  default List<String> words(StepField ask) {
    return pieces(of(ask), "[\\s;]+");
  }

  private static List<String> pieces(String text, String delimiter) {
    return Stream.of(text.strip().split(delimiter, -1)).filter(p -> !p.isEmpty()).toList();
  }

  /** {@return what was chosen} */
  default <E extends Enum<E>> E choice(Class<E> type, StepField ask) {
    return Enum.valueOf(type, of(ask).toUpperCase(Locale.ROOT));
  }

  /** {@return the whole number that was typed, 0 where none was} */
  default int number(StepField ask) {
    String text = of(ask);
    return text.matches("\\d{1,9}") ? Integer.parseInt(text) : 0;
  }
}
