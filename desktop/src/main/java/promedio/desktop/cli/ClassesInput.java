package promedio.desktop.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import promedio.core.grouping.Grouping;
import promedio.core.grouping.NiceLimits;
import promedio.core.grouping.WidthRule;
import promedio.core.number.Exact;
import promedio.core.rules.ClassEnd;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.UnusableDataException;
import promedio.desktop.Texts;

/** How a sample is grouped on the command line. */
final class ClassesInput {

  @Option(
      names = "--by",
      paramLabel = "RULE",
      description =
          "sturges, square-root, rice, scott or freedman-diaconis (default: sturges where nothing"
              + " else is said)")
  private @Nullable String by;

  @Option(names = "--classes", paramLabel = "NUMBER", description = "about so many classes")
  private @Nullable Integer classes;

  @Option(names = "--width", paramLabel = "NUMBER", description = "the width of every class")
  private @Nullable String width;

  @Option(
      names = "--start",
      paramLabel = "NUMBER",
      description = "the first boundary, with --width")
  private @Nullable String start;

  @Option(
      names = "--limits",
      paramLabel = "NUMBERS",
      description = "all boundaries, apart by blanks, e.g. \"100 120 130 150\"")
  private @Nullable String limits;

  private ClassesInput() {}

  /**
   * {@return the classes of the data}; a class table is its own
   *
   * @throws ParameterException if what is said of them makes no classes
   */
  ClassTable classes(Data data, CourseRules rules, CommandSpec spec) {
    if (data instanceof ClassTable table) {
      return table;
    }
    if (data.tally().isEmpty()) {
      throw new ParameterException(spec.commandLine(), Texts.of("group.empty"));
    }
    try {
      Grouping grouping = grouping(data, rules, spec);
      Exact outside = grouping.below().plus(grouping.above());
      if (outside.signum() > 0) {
        spec.commandLine().getErr().println(Texts.of("group.outside", outside.toString()));
      }
      return grouping.table();
    } catch (IllegalArgumentException | UnusableDataException e) {
      throw new ParameterException(spec.commandLine(), Texts.of("group.wrong", e.getMessage()), e);
    }
  }

  private Grouping grouping(Data data, CourseRules rules, CommandSpec spec) {
    if (limits != null) {
      List<Exact> boundaries = new ArrayList<>();
      for (String text : limits.strip().split("[;\\s]+", -1)) {
        boundaries.add(NumberOption.read("--limits", text, spec));
      }
      return Grouping.of(data, boundaries, rules.get(Rule.CLASS_END));
    }
    if (width != null) {
      Exact each = NumberOption.read("--width", width, spec);
      if (each.signum() <= 0) {
        throw new IllegalArgumentException(Texts.of("group.width", each.toString()));
      }
      return start == null
          ? Grouping.ofWidth(data, each, rules)
          : from(data, NumberOption.read("--start", start, spec), each, rules);
    }
    if (classes != null) {
      return Grouping.intoAbout(data, classes, rules)
          .orElseThrow(() -> new IllegalArgumentException(Texts.of("group.count", classes)));
    }
    String code = by == null ? WidthRule.STURGES.code() : by;
    WidthRule rule =
        WidthRule.ofCode(code)
            .orElseThrow(() -> new IllegalArgumentException(Texts.of("group.by", code)));
    Optional<Grouping> found = Grouping.by(rule, data, rules);
    return found.or(() -> Grouping.intoAbout(data, 1, rules)).orElseThrow();
  }

  private static Grouping from(Data data, Exact first, Exact width, CourseRules rules) {
    ClassEnd end = rules.get(Rule.CLASS_END);
    Exact largest = data.tally().value(data.tally().size() - 1);
    return Grouping.of(data, NiceLimits.from(first, largest, width, end), end);
  }
}
