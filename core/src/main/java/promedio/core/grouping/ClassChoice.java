package promedio.core.grouping;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;

/**
 * How the student groups samples.
 *
 * @param by the code of a named rule, or one of {@link #NUMBERED}
 * @param numbers what was typed for the latter: how many classes; how wide they are, and from where
 *     if that matters; or all boundaries
 */
public record ClassChoice(String by, String numbers) {

  /** What one begins with. */
  public static final ClassChoice USUAL = new ClassChoice(WidthRule.STURGES.code(), "");

  /** By how many there are. */
  public static final String COUNT = "count";

  /** By how wide they are. */
  public static final String WIDTH = "width";

  /** By limits that are typed. */
  public static final String LIMITS = "limits";

  /** The ways that need numbers. */
  public static final List<String> NUMBERED = List.of(COUNT, WIDTH, LIMITS);

  /**
   * What came of a choice.
   *
   * @param grouping the classes; none where there are no values
   * @param problem why they are not those that were asked for but the usual ones, and how to mend
   *     that
   */
  public record Outcome(Optional<Grouping> grouping, Optional<Message> problem) {

    private static Outcome of(Grouping grouping) {
      return new Outcome(Optional.of(grouping), Optional.empty());
    }
  }

  /** {@return whether numbers are needed} */
  public boolean needsNumbers() {
    return NUMBERED.contains(by);
  }

  /**
   * {@return the classes of the data}; a class table is its own, and what makes no classes leaves
   * the usual ones and says why
   */
  public Outcome group(Data data, CourseRules rules, DecimalSign sign) {
    Optional<ClassTable> own = data.classes().filter(table -> !table.rows().isEmpty());
    if (own.isPresent()) {
      return Outcome.of(new Grouping(own.get(), Exact.ZERO, Exact.ZERO));
    }
    if (data.tally().isEmpty()) {
      return new Outcome(Optional.empty(), Optional.empty());
    }
    try {
      return Outcome.of(chosen(data, rules, sign));
    } catch (BadInputException e) {
      // Half-typed numbers make no classes; what was typed stays where it is.
      return new Outcome(Optional.of(usual(data, rules)), Optional.of(e.why()));
    }
  }

  private static Grouping usual(Data data, CourseRules rules) {
    try {
      return sturges(data, rules);
    } catch (BadInputException e) {
      // Of an enormous frequency Sturges makes more classes than there can be; the caller says so.
      return Grouping.into(data, 1, rules);
    }
  }

  /** Values that do not spread lie in one class. */
  private static Grouping sturges(Data data, CourseRules rules) throws BadInputException {
    return Grouping.by(WidthRule.STURGES, data, rules)
        .orElseGet(() -> Grouping.into(data, 1, rules));
  }

  private Grouping chosen(Data data, CourseRules rules, DecimalSign sign) throws BadInputException {
    Optional<WidthRule> rule = WidthRule.ofCode(by);
    if (rule.isPresent()) {
      return rule.get() == WidthRule.STURGES
          ? sturges(data, rules)
          : Grouping.by(rule.get(), data, rules)
              .orElseThrow(() -> BadInputException.of("grouping.no-spread", by));
    }
    if (!needsNumbers()) {
      throw BadInputException.of("grouping.unknown", by);
    }
    List<Exact> read = numbers(sign);
    return switch (by) {
      case COUNT -> Grouping.into(data, count(read), rules);
      case WIDTH -> ofWidth(data, read, rules);
      default -> Grouping.of(data, read, rules.get(Rule.CLASS_END));
    };
  }

  private List<Exact> numbers(DecimalSign sign) throws BadInputException {
    List<Exact> read = new ArrayList<>();
    if (numbers.isBlank()) {
      throw BadInputException.of("grouping.nothing." + by);
    }
    for (String text : numbers.strip().split("[;\\s]+", -1)) {
      Reading reading = NumberText.read(text, sign);
      if (reading instanceof Reading.Unreadable unreadable) {
        throw new BadInputException(unreadable.why());
      }
      read.add(((Reading.Numeral) reading).value());
    }
    return read;
  }

  private static int count(List<Exact> read) throws BadInputException {
    Exact classes = read.get(0);
    boolean sensible =
        read.size() == 1
            && classes.isWhole()
            && classes.signum() > 0
            && classes.numerator().compareTo(BigInteger.valueOf(NiceLimits.MOST)) <= 0;
    if (!sensible) {
      throw BadInputException.of(
          "grouping.count", classes.toString(), String.valueOf(NiceLimits.MOST));
    }
    return classes.numerator().intValueExact();
  }

  private static Grouping ofWidth(Data data, List<Exact> read, CourseRules rules)
      throws BadInputException {
    Exact width = read.get(0);
    if (width.signum() <= 0) {
      throw BadInputException.of("grouping.width", width.toString());
    }
    if (read.size() > 2) {
      throw BadInputException.of("grouping.width-and-start");
    }
    return read.size() == 2
        ? Grouping.ofWidth(data, width, read.get(1), rules)
        : Grouping.ofWidth(data, width, rules);
  }
}
