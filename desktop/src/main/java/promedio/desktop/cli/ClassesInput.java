package promedio.desktop.cli;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import promedio.core.grouping.ClassChoice;
import promedio.core.grouping.Grouping;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;

/** How a sample is grouped on the command line. */
final class ClassesInput {

  @Option(names = "--by", paramLabel = "${bundle:label.rule}", descriptionKey = "option.classes.by")
  private @Nullable String by;

  @Option(
      names = "--classes",
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.classes.classes")
  private @Nullable String classes;

  @Option(
      names = "--width",
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.classes.width")
  private @Nullable String width;

  @Option(
      names = "--start",
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.classes.start")
  private @Nullable String start;

  @Option(
      names = "--limits",
      paramLabel = "${bundle:label.numbers}",
      descriptionKey = "option.classes.limits")
  private @Nullable String limits;

  private ClassesInput() {}

  /**
   * {@return the classes of the data}; a class table is its own
   *
   * @throws ParameterException if what is said of them makes no classes
   */
  ClassTable classes(Data data, CourseRules rules, CommandSpec spec) {
    if (data.classes().isPresent()) {
      return data.classes().get();
    }
    if (data.tally().isEmpty()) {
      throw new ParameterException(spec.commandLine(), Texts.of("group.empty"));
    }
    checkOneWay(spec);
    ClassChoice.Outcome outcome = choice().group(data, rules, DecimalSign.POINT);
    if (outcome.problem().isPresent()) {
      throw new ParameterException(
          spec.commandLine(), Texts.of("group.wrong", outcome.problem().get().text()));
    }
    Grouping grouping = outcome.grouping().orElseThrow();
    Exact outside = grouping.below().plus(grouping.above());
    if (outside.signum() > 0) {
      spec.commandLine().getErr().println(Texts.of("group.outside", outside.toString()));
    }
    return grouping.table();
  }

  private void checkOneWay(CommandSpec spec) {
    Map<String, Optional<String>> ways = new LinkedHashMap<>();
    ways.put("--by", Optional.ofNullable(by));
    ways.put("--classes", Optional.ofNullable(classes));
    ways.put("--width", Optional.ofNullable(width));
    ways.put("--limits", Optional.ofNullable(limits));
    List<String> said = new ArrayList<>(ways.keySet());
    said.removeIf(way -> ways.get(way).isEmpty());
    if (said.size() > 1) {
      throw new ParameterException(
          spec.commandLine(), Texts.of("group.one-way", String.join(", ", said)));
    }
    if (start != null && width == null) {
      throw new ParameterException(spec.commandLine(), Texts.of("group.start"));
    }
  }

  private ClassChoice choice() {
    if (limits != null) {
      return new ClassChoice(ClassChoice.LIMITS, limits);
    }
    if (width != null) {
      return new ClassChoice(ClassChoice.WIDTH, start == null ? width : width + " " + start);
    }
    if (classes != null) {
      return new ClassChoice(ClassChoice.COUNT, classes);
    }
    return by == null ? ClassChoice.USUAL : new ClassChoice(by, "");
  }

  /**
   * {@return the columns that values or points are grouped by, where groups are drawn}: there
   * {@code --by} names them, and no rule for classes
   */
  List<String> factorsOf(boolean groups) {
    if (!groups || by == null) {
      return List.of();
    }
    List<String> factors = List.of(by.split(",", -1));
    by = null;
    return factors;
  }
}
