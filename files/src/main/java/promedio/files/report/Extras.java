package promedio.files.report;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.files.Texts;

/** The measures that are computed only when asked for, since they need a number of their own. */
public final class Extras {

  /** None of them. */
  public static final Extras NONE = new Extras(Optional.empty(), Map.of());

  private final Optional<Exact> trim;
  private final Map<String, Exact> percentiles;

  private Extras(Optional<Exact> trim, Map<String, Exact> percentiles) {
    this.trim = trim;
    this.percentiles = percentiles;
  }

  /**
   * {@return the extras of these texts}
   *
   * @param trim the proportion to trim at each end, such as {@code 0.1}
   * @param percentiles such as {@code 90} or {@code 2.5}
   * @throws BadInputException if one is no number, or beyond what makes sense
   */
  public static Extras of(Optional<String> trim, List<String> percentiles)
      throws BadInputException {
    Map<String, Exact> read = new LinkedHashMap<>();
    for (String percent : percentiles) {
      read.put(percent, within(percent, "percentile", 100));
    }
    return trim.isEmpty()
        ? new Extras(Optional.empty(), read)
        : new Extras(Optional.of(within(trim.get(), "trim", 1)), read);
  }

  Optional<Exact> trim() {
    return trim;
  }

  /** The percentiles by the text they were asked for with. */
  Map<String, Exact> percentiles() {
    return percentiles;
  }

  private static Exact within(String text, String name, long most) throws BadInputException {
    if (NumberText.read(text, DecimalSign.POINT) instanceof Reading.Numeral numeral
        && numeral.value().signum() >= 0
        && numeral.value().compareTo(Exact.of(most)) <= 0) {
      return numeral.value();
    }
    throw Texts.refusal("extra.range", name, text, most);
  }
}
