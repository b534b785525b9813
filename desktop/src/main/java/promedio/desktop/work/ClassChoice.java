package promedio.desktop.work;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.grouping.Grouping;
import promedio.core.grouping.WidthRule;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.UnusableDataException;

/**
 * How the student groups samples.
 *
 * @param by the code of a named rule, or count, width, limits
 * @param numbers what was typed for the last three
 */
public record ClassChoice(String by, String numbers) {

  /** What one begins with. */
  public static final ClassChoice USUAL = new ClassChoice(WidthRule.STURGES.code(), "");

  /** The ways that need numbers. */
  public static final List<String> NUMBERED = List.of("count", "width", "limits");

  /** {@return whether numbers are needed} */
  public boolean needsNumbers() {
    return NUMBERED.contains(by);
  }

  /**
   * {@return the classes of the data}; a class table is its own, and numbers that make no classes
   * leave the usual ones
   */
  public Optional<Grouping> group(Data data, Reckoning reckoning) {
    if (data instanceof ClassTable table) {
      return table.rows().isEmpty()
          ? Optional.empty()
          : Optional.of(new Grouping(table, Exact.ZERO, Exact.ZERO));
    }
    if (data.tally().isEmpty()) {
      return Optional.empty();
    }
    try {
      return chosen(data, reckoning)
          .or(() -> Grouping.by(WidthRule.STURGES, data, reckoning.rules()))
          .or(() -> Grouping.intoAbout(data, 1, reckoning.rules()));
    } catch (IllegalArgumentException | UnusableDataException e) {
      // Half-typed numbers make no classes; what was typed stays where it is.
      return Grouping.intoAbout(data, 1, reckoning.rules());
    }
  }

  private Optional<Grouping> chosen(Data data, Reckoning reckoning) {
    Optional<WidthRule> rule = WidthRule.ofCode(by);
    if (rule.isPresent()) {
      return Grouping.by(rule.get(), data, reckoning.rules());
    }
    List<Exact> read = new ArrayList<>();
    for (String text : numbers.strip().split("[;\\s]+", -1)) {
      if (NumberText.read(text, reckoning.sign()) instanceof Reading.Numeral numeral) {
        read.add(numeral.value());
      }
    }
    if (read.isEmpty() || (read.get(0).signum() <= 0 && !by.equals("limits"))) {
      return Optional.empty();
    }
    return switch (by) {
      case "count" ->
          Grouping.intoAbout(
              data,
              read.get(0).floor().min(BigInteger.TEN.pow(3)).intValueExact(),
              reckoning.rules());
      case "width" -> Optional.of(Grouping.ofWidth(data, read.get(0), reckoning.rules()));
      default -> Optional.of(Grouping.of(data, read, reckoning.rules().get(Rule.CLASS_END)));
    };
  }
}
