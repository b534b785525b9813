package promedio.files.report;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.grouping.ClassColumns;
import promedio.core.grouping.Grouping;
import promedio.core.grouping.NiceLimits;
import promedio.core.grouping.WidthRule;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;

/** Writes a class table with all its columns, as CSV or in lines to read. */
public final class GroupingText {

  private static final int DIGITS = 12;

  /** Longer tallies are told by their frequency alone. */
  private static final int LONGEST_TALLY = 60;

  private static final List<String> COLUMNS =
      List.of(
          "lower",
          "upper",
          "frequency",
          "relative",
          "percentage",
          "cumulative",
          "cumulative_above",
          "density",
          "midpoint");

  private GroupingText() {}

  /** {@return the table as CSV, its first three columns being a class table themselves} */
  public static String csv(ClassTable table) {
    StringWriter text = new StringWriter();
    try (CsvWriter csv = CsvWriter.builder().build(text)) {
      csv.writeRecord(COLUMNS);
      rows(table).forEach(csv::writeRecord);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  /** {@return the table as it is pasted into other programs: cells apart by tabs} */
  public static String tabbed(ClassTable table, DecimalSign sign) {
    return Stream.concat(
            Stream.of(COLUMNS),
            rows(table).stream()
                .map(row -> row.stream().map(cell -> cell.replace('.', sign.sign())).toList()))
        .map(row -> String.join("\t", row) + "\n")
        .collect(Collectors.joining());
  }

  private static List<List<String>> rows(ClassTable table) {
    return ClassColumns.of(table).stream()
        .map(
            row ->
                List.of(
                    number(row.interval().lower()),
                    number(row.interval().upper()),
                    plain(row.interval().frequency()),
                    plain(row.relative()),
                    plain(row.percentage()),
                    plain(row.cumulative()),
                    plain(row.cumulativeAbove()),
                    number(row.density()),
                    number(row.interval().midpoint())))
        .toList();
  }

  private static String number(Optional<Exact> value) {
    return value.map(GroupingText::plain).orElse("");
  }

  static String plain(Exact value) {
    String exact = PlainText.of(value);
    return exact.indexOf('/') < 0
        ? exact
        : value.significant(DIGITS).stripTrailingZeros().toPlainString();
  }

  /** {@return the table in lines, with its tally and totals} */
  public static List<String> lines(ClassTable table, CourseRules rules) {
    ShownNumbers numbers = new ShownNumbers(rules, DecimalSign.spoken());
    List<List<String>> rows = new ArrayList<>();
    rows.add(List.of(Texts.of("group.heads").split("\\|")));
    for (ClassColumns row : ClassColumns.of(table)) {
      Exact f = row.interval().frequency();
      rows.add(
          List.of(
              numbers.shown(row.interval()),
              tally(f),
              numbers.shown(f),
              numbers.shown(row.relative()),
              numbers.result(row.percentage()),
              numbers.shown(row.cumulative()),
              numbers.shown(row.cumulativeAbove()),
              row.density().map(numbers::shown).orElse("")));
    }
    String n = numbers.shown(table.tally().total());
    rows.add(List.of("Σ", "", n, "1", numbers.result(Exact.of(100)), "", "", ""));
    return Columns.aligned(rows);
  }

  /** {@return strokes in bundles of five} */
  public static String tally(Exact frequency) {
    if (!frequency.isWhole() || frequency.compareTo(Exact.of(LONGEST_TALLY)) > 0) {
      return "";
    }
    int strokes = frequency.numerator().intValueExact();
    return ("||||/ ".repeat(strokes / 5) + "|".repeat(strokes % 5)).strip();
  }

  /** {@return what each named rule comes to for the values, with its arithmetic} */
  public static List<String> advice(Data data, CourseRules rules) {
    ShownNumbers numbers = new ShownNumbers(rules, DecimalSign.spoken());
    return Arrays.stream(WidthRule.values())
        .map(rule -> advice(rule, data, rules, numbers))
        .toList();
  }

  /** {@return what a named rule comes to for the values, with its arithmetic} */
  public static String advice(WidthRule rule, Data data, CourseRules rules, ShownNumbers numbers) {
    Optional<WidthRule.Advice> advice = rule.advice(data, rules);
    if (advice.isEmpty()) {
      return Texts.of("group.no-advice", Texts.of("group.rule." + rule.code()));
    }
    String arithmetic =
        Texts.of(
            "group.advice." + rule.code(),
            numbers.shown(data.tally().total()),
            advice.get().classes().map(String::valueOf).orElse(""),
            numbers.shown(advice.get().width()),
            numbers.shown(advice.get().spread()));
    Exact width = NiceLimits.width(advice.get().width(), NiceLimits.unit(data.tally()));
    try {
      List<Exact> boundaries = Grouping.ofWidth(data, width, rules).boundaries();
      return Texts.of(
          "group.advice-taken",
          arithmetic,
          numbers.shown(width),
          boundaries.size() - 1,
          numbers.shown(boundaries.get(0)));
    } catch (BadInputException e) {
      return Texts.of("group.advice-not-taken", arithmetic, e.getMessage());
    }
  }

  /** {@return each measure of the values, of the classes, and by how much they differ} */
  public static List<String> besideRaw(Data raw, ClassTable table, CourseRules rules) {
    ShownNumbers numbers = new ShownNumbers(rules, DecimalSign.spoken());
    Computation exact = Computation.of(raw, rules);
    Computation grouped = Computation.of(table, rules);
    List<List<String>> rows = new ArrayList<>();
    rows.add(List.of(Texts.of("group.beside").split("\\|")));
    for (Measure measure : Measures.all()) {
      rows.add(
          List.of(
              measure.key(),
              shown(exact.result(measure), numbers),
              shown(grouped.result(measure), numbers),
              error(exact.result(measure), grouped.result(measure), rules)));
    }
    return Columns.aligned(rows);
  }

  private static String shown(Result result, ShownNumbers numbers) {
    if (result instanceof Result.Several several) {
      return String.join("; ", several.values().stream().map(numbers::result).toList());
    }
    return result.number().map(numbers::result).orElse("–");
  }

  /** {@return grouped − raw of what is shown of both} */
  public static String error(Result raw, Result grouped, CourseRules rules) {
    if (raw.number().isEmpty() || grouped.number().isEmpty()) {
      return "";
    }
    int places = rules.get(Rule.PLACES);
    Exact difference =
        Exact.of(grouped.number().get().rounded(places, rules.get(Rule.ROUNDING)))
            .minus(Exact.of(raw.number().get().rounded(places, rules.get(Rule.ROUNDING))));
    String shown = new ShownNumbers(rules, DecimalSign.spoken()).result(difference);
    return difference.signum() > 0 ? "+" + shown : shown;
  }
}
