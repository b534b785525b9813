package promedio.files.report;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;

/** The measures that are computed only when asked for, since they need a number of their own. */
public final class RequestedMeasures {

  /** None of them. */
  public static final RequestedMeasures NONE =
      new RequestedMeasures(Optional.empty(), Map.of(), Map.of(), List.of());

  private static final Exact HUNDRED = Exact.of(100);

  /** What can be given with a question, beside the list of expected numbers. */
  private static final List<String> ARGUMENTS = List.of("mu", "sigma", "level", "x");

  private final Optional<Exact> trim;
  private final Map<String, Exact> percentiles;
  private final Map<String, Exact> with;
  private final List<Exact> expected;

  private RequestedMeasures(
      Optional<Exact> trim,
      Map<String, Exact> percentiles,
      Map<String, Exact> with,
      List<Exact> expected) {
    this.trim = trim;
    this.percentiles = percentiles;
    this.with = Map.copyOf(with);
    this.expected = List.copyOf(expected);
  }

  /**
   * {@return what one sample tells of the mean that it was drawn from, of what is given, and the
   * percentile rank of an x}
   */
  List<Request> ofSample() {
    return Stream.concat(
            Measures.ofMean().stream()
                .filter(measure -> Request.lacking(measure, with).isEmpty())
                .map(measure -> Request.of(measure, with)),
            Optional.ofNullable(with.get("x")).stream()
                .map(x -> Request.of(Measures.PERCENTILE_RANK, x)))
        .toList();
  }

  /**
   * {@return the extras of these texts}
   *
   * @param trim the proportion to trim at each end, such as {@code 0.1}
   * @param percentiles such as {@code 90} or {@code 2.5}
   * @param with the arguments of tests, intervals and predictions by their names: {@code mu},
   *     {@code sigma}, {@code level}, {@code x}, and {@code expected}, numbers with commas between
   * @throws BadInputException if one is no number, or beyond what makes sense
   */
  public static RequestedMeasures of(
      Optional<String> trim, List<String> percentiles, Map<String, String> with)
      throws BadInputException {
    Map<String, Exact> read = new LinkedHashMap<>();
    for (String percent : percentiles) {
      read.put(percent, within(percent, "percentile", 100));
    }
    Optional<Exact> share =
        trim.isEmpty() ? Optional.empty() : Optional.of(within(trim.get(), "trim", 1));
    Map<String, Exact> arguments = new LinkedHashMap<>();
    for (Map.Entry<String, String> each : with.entrySet()) {
      if (!each.getKey().equals("expected")) {
        arguments.put(each.getKey(), argument(each.getKey(), each.getValue()));
      }
    }
    List<Exact> expected = new ArrayList<>();
    if (with.containsKey("expected")) {
      for (String part : with.get("expected").split(",", -1)) {
        expected.add(number("expected", part.strip()));
      }
    }
    return new RequestedMeasures(share, read, arguments, expected);
  }

  private static Exact argument(String name, String text) throws BadInputException {
    if (!ARGUMENTS.contains(name)) {
      throw Texts.refusal("extra.unknown", name, String.join(", ", ARGUMENTS) + ", expected");
    }
    Exact value = number(name, text);
    if (name.equals("sigma") && value.signum() <= 0) {
      throw Texts.refusal("extra.positive", name, text);
    }
    boolean level = value.signum() > 0 && value.compareTo(HUNDRED) < 0;
    if (name.equals("level") && !level) {
      throw Texts.refusal("extra.level", text);
    }
    return value;
  }

  private static Exact number(String name, String text) throws BadInputException {
    if (NumberText.read(text, DecimalSign.POINT) instanceof Reading.Numeral numeral) {
      return numeral.value();
    }
    throw Texts.refusal("extra.number", name, text);
  }

  /** The arguments of tests, intervals and predictions by their names. */
  Map<String, Exact> with() {
    return with;
  }

  /** What is expected of categories; empty where nothing is said, so that all are equal. */
  List<Exact> expected() {
    return expected;
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
