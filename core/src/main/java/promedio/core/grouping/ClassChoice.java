package promedio.core.grouping;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.rules.CourseRules;
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

  /** By limits that are typed. */
  public static final String LIMITS = "limits";

  /** The ways that need numbers. */
  public static final List<String> NUMBERED = List.of("count", "width", LIMITS);

  /** {@return whether numbers are needed} */
  public boolean needsNumbers() {
    return NUMBERED.contains(by);
  }

  /**
   * {@return the classes of the data}; a class table is its own, and numbers that make no classes
   * leave the usual ones
   */
  public Optional<Grouping> group(Data data, CourseRules rules, DecimalSign sign) {
    if (data instanceof ClassTable table) {
      return table.rows().isEmpty()
          ? Optional.empty()
          : Optional.of(new Grouping(table, Exact.ZERO, Exact.ZERO));
    }
    if (data.tally().isEmpty()) {
      return Optional.empty();
    }
    try {
      return chosen(data, rules, sign)
          .or(() -> Grouping.by(WidthRule.STURGES, data, rules))
          .or(() -> Grouping.intoAbout(data, 1, rules));
    } catch (IllegalArgumentException | UnusableDataException e) {
      // Half-typed numbers make no classes; what was typed stays where it is.
      return Grouping.intoAbout(data, 1, rules);
    }
  }

  private Optional<Grouping> chosen(Data data, CourseRules rules, DecimalSign sign) {
    Optional<WidthRule> rule = WidthRule.ofCode(by);
    if (rule.isPresent()) {
      return Grouping.by(rule.get(), data, rules);
    }
    List<Exact> read = new ArrayList<>();
    for (String text : numbers.strip().split("[;\\s]+", -1)) {
      if (NumberText.read(text, sign) instanceof Reading.Numeral numeral) {
        read.add(numeral.value());
      }
    }
    if (read.isEmpty() || (read.get(0).signum() <= 0 && !by.equals(LIMITS))) {
      return Optional.empty();
    }
    return switch (by) {
      case "count" ->
          Grouping.intoAbout(
              data, read.get(0).floor().min(BigInteger.TEN.pow(3)).intValueExact(), rules);
      case "width" -> Optional.of(Grouping.ofWidth(data, read.get(0), rules));
      default -> Optional.of(Grouping.of(data, read, rules.get(Rule.CLASS_END)));
    };
  }
}
