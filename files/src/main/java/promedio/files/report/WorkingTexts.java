package promedio.files.report;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import promedio.core.formula.Formula;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.working.RowLabel;
import promedio.core.working.Sight;
import promedio.core.working.Why;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;

/** The words of a working, and its formulas and tables as lines of plain characters. */
public final class WorkingTexts {

  /** Tables of more rows are printed with their first and last ones. */
  private static final int MOST_ROWS = 60;

  private static final int END_ROWS = 10;

  /** An addition of more terms is broken into lines of so many. */
  private static final int LONG_ADDITION = 6;

  private WorkingTexts() {}

  /** {@return the sentence of what the hand sees} */
  public static String sentence(WorkingStep.Seen seen, ShownNumbers numbers) {
    List<String> shown = seen.numbers().stream().map(number -> numbers.shown(number)).toList();
    String key = "working.seen." + seen.about().code();
    // The modes are many; all but the frequency stand together.
    return seen.about() == Sight.MODES
        ? Texts.of(key, shown.get(0), String.join("; ", shown.subList(1, shown.size())))
        : Texts.of(key, shown.toArray());
  }

  /** {@return the reason, in one or two sentences} */
  public static String reason(Why why) {
    return Texts.of("working.why." + why.code());
  }

  /** {@return the step as one line: symbols, numbers put in, and what that comes to} */
  public static String plain(WorkingStep step, ShownNumbers numbers) {
    return step.fold(
        computed ->
            line(
                computed.left().plain(numbers::shown),
                computed.symbols().plain(numbers::shown),
                computed.numbers().plain(numbers::shown),
                numbers.related(computed)),
        agreed ->
            agreed(
                agreed.left().plain(numbers::shown),
                agreed.symbols().plain(numbers::shown),
                agreed.numbers().plain(numbers::shown)),
        list -> inOrder(list, numbers, "/", "/"),
        seen -> sentence(seen, numbers));
  }

  /** {@return what a step finds, without how} */
  public static String found(WorkingStep.Computed step, ShownNumbers numbers) {
    return step.left().plain(numbers::shown) + " " + numbers.related(step);
  }

  /** {@return the left side of a step that is a formula; empty for others} */
  public static String left(WorkingStep step) {
    return step.fold(
        computed -> computed.left().plain(Exact::toString),
        agreed -> agreed.left().plain(Exact::toString),
        list -> "",
        seen -> "");
  }

  /** {@return the step as one formula in LaTeX; sentences as text} */
  public static String latex(WorkingStep step, ShownNumbers numbers) {
    return step.fold(
        computed ->
            line(
                computed.left().latex(numbers::latex),
                computed.symbols().latex(numbers::latex),
                computed.numbers().latex(numbers::latex),
                numbers.relation(computed).replace("≈", "\\approx")
                    + " "
                    + ShownNumbers.latex(numbers.value(computed))),
        agreed ->
            agreed(
                agreed.left().latex(numbers::latex),
                agreed.symbols().latex(numbers::latex),
                agreed.numbers().latex(numbers::latex)),
        list -> LatexWorking.inOrder(list, numbers),
        seen -> "\\text{" + LatexText.of(sentence(seen, numbers)) + "}");
  }

  /**
   * {@return the step in LaTeX with a line for each sign of equality, as it is written by hand}
   *
   * @param told whether the value is told at the end
   */
  public static String latexLines(WorkingStep step, ShownNumbers numbers, boolean told) {
    return step.calculation()
        .map(computed -> latexLines(computed, numbers, told))
        .orElseGet(() -> latex(step, numbers));
  }

  private static String latexLines(
      WorkingStep.Computed computed, ShownNumbers numbers, boolean told) {
    String left = computed.left().latex(numbers::latex);
    String symbols = computed.symbols().latex(numbers::latex);
    String putIn = computed.numbers().latex(numbers::latex);
    String value = ShownNumbers.latex(numbers.value(computed));
    List<String> lines = new ArrayList<>();
    if (!symbols.equals(left) && !symbols.equals(value)) {
      lines.add("&= " + symbols);
    }
    if (told && !putIn.equals(symbols) && !putIn.equals(value)) {
      lines.add("&= " + broken(computed.numbers(), numbers).orElse(putIn));
    }
    String relation = numbers.relation(computed).replace("≈", "\\approx");
    lines.add(told ? "&" + relation + " " + value : lines.isEmpty() ? "&= \\;?" : "&\\;");
    return "\\begin{aligned}" + left + " " + String.join(" \\\\ ", lines) + "\\end{aligned}";
  }

  /** A long addition goes on in further lines; none where it is short, or something else. */
  private static Optional<String> broken(Formula putIn, ShownNumbers numbers) {
    List<String> terms = new ArrayList<>();
    Formula rest = putIn;
    while (rest instanceof Formula.Operation sum
        && sum.operator() == Formula.Operator.PLUS
        && sum.right() instanceof Formula.Numeral) {
      terms.add(0, sum.right().latex(numbers::latex));
      rest = sum.left();
    }
    if (terms.size() < LONG_ADDITION || !(rest instanceof Formula.Numeral)) {
      return Optional.empty();
    }
    terms.add(0, rest.latex(numbers::latex));
    List<String> lines = new ArrayList<>();
    for (int at = 0; at < terms.size(); at += LONG_ADDITION) {
      lines.add(String.join(" + ", terms.subList(at, Math.min(terms.size(), at + LONG_ADDITION))));
    }
    return Optional.of(String.join(" \\\\ &\\quad + ", lines));
  }

  /** {@return the values in order, with marks around those that are crossed off} */
  static String inOrder(
      WorkingStep.InOrder list, ShownNumbers numbers, String before, String after) {
    StringBuilder line = new StringBuilder();
    for (int position = 1; position <= list.values().size(); position++) {
      String value = numbers.shown(list.values().get(position - 1));
      boolean crossed = list.isLookedAt(position) && !list.isKept(position);
      boolean opens = !list.isLookedAt(position) && (position == 1 || position == list.last() + 1);
      boolean closes =
          !list.isLookedAt(position)
              && (position == list.first() - 1 || position == list.values().size());
      line.append(position == 1 ? "" : "  ")
          .append(opens ? "(" : "")
          .append(crossed ? before + value + after : value)
          .append(closes ? ")" : "");
    }
    return line.toString();
  }

  private static String agreed(String left, String symbols, String numbers) {
    return left + " = " + symbols + (numbers.equals(symbols) ? "" : " = " + numbers);
  }

  /** What would stand twice side by side stands once. */
  static String line(String left, String symbols, String numbers, String result) {
    StringBuilder line = new StringBuilder(left);
    String value = result.substring(result.indexOf(' ') + 1);
    if (!symbols.equals(left) && !symbols.equals(value)) {
      line.append(" = ").append(symbols);
    }
    // 29 / 3 is the fraction 29/3 itself.
    boolean same = numbers.equals(value) || numbers.replace(" / ", "/").equals(value);
    if (!numbers.equals(symbols) && !same) {
      line.append(" = ").append(numbers);
    }
    return line.append(' ').append(result).toString();
  }

  /** {@return the sentences below the table: what its totals must be} */
  public static List<String> checks(Working working, ShownNumbers numbers) {
    List<String> checks = new ArrayList<>();
    Optional<WorkTable> table = working.table();
    table
        .flatMap(WorkTable::totalOfFrequencies)
        .ifPresent(total -> checks.add(Texts.of("working.check-count", numbers.shown(total))));
    String weighted = table.flatMap(WorkTable::totalOfFrequencies).isPresent() ? "-weighted" : "";
    table
        .flatMap(WorkTable::totalOfDeviations)
        .map(
            total ->
                Texts.of(
                    (total.signum() == 0 ? "working.check" : "working.no-check") + weighted,
                    numbers.shown(total)))
        .ifPresent(checks::add);
    return checks;
  }

  /** {@return the sentences at the end: the result, and what rounding on the way cost} */
  public static List<String> ending(Working working, ShownNumbers numbers) {
    List<String> lines = new ArrayList<>();
    if (!working.results().isEmpty()) {
      lines.add(Texts.of("working.result", numbers.results(working)));
    }
    if (numbers.hasCost(working)) {
      lines.add(Texts.of("working.cost", numbers.exactResults(working)));
    }
    if (numbers.isWipedOut(working)) {
      lines.add(Texts.of("working.wiped-out", numbers.places()));
    }
    return lines;
  }

  /** {@return which rows are printed, from 0: of very many the first and the last; −1 is a gap} */
  static List<Integer> printedRows(WorkTable table) {
    int rows = table.rows().size();
    if (rows <= MOST_ROWS) {
      return IntStream.range(0, rows).boxed().toList();
    }
    return Stream.of(
            IntStream.range(0, END_ROWS), IntStream.of(-1), IntStream.range(rows - END_ROWS, rows))
        .flatMap(IntStream::boxed)
        .toList();
  }

  /** {@return the table as it is printed: of very many rows the first and the last} */
  public static List<List<String>> printed(WorkTable table, ShownNumbers numbers) {
    return cells(table, numbers, printedRows(table));
  }

  /** {@return the table as texts: its head, its rows, its totals} */
  public static List<List<String>> cells(WorkTable table, ShownNumbers numbers) {
    return cells(table, numbers, IntStream.range(0, table.rows().size()).boxed().toList());
  }

  private static List<List<String>> cells(
      WorkTable table, ShownNumbers numbers, List<Integer> shownRows) {
    List<List<String>> rows = new ArrayList<>();
    boolean named = !table.labels().isEmpty();
    List<String> head = new ArrayList<>(named ? List.of(head(table)) : List.of());
    head.addAll(table.columns().stream().map((Formula c) -> c.plain(numbers::shown)).toList());
    rows.add(head);
    for (int row : shownRows) {
      if (row < 0) {
        rows.add(Collections.nCopies(head.size(), "…"));
        continue;
      }
      List<String> cells = new ArrayList<>(named ? List.of(label(table, row, numbers)) : List.of());
      table.rows().get(row).forEach(value -> cells.add(numbers.shown(value)));
      rows.add(cells);
    }
    List<String> totals = new ArrayList<>(named ? List.of("") : List.of());
    table.totals().forEach(total -> totals.add(total(total, numbers)));
    totals.set(0, Texts.of("working.total", totals.get(0)).strip());
    rows.add(totals);
    return rows;
  }

  /** {@return what stands above the names of the rows} */
  static String head(WorkTable table) {
    return table.labels().get(0) instanceof RowLabel.OfClass ? Texts.of("working.class") : "";
  }

  /** {@return what a row is called: a class as it is printed, or a name} */
  static String label(WorkTable table, int row, ShownNumbers numbers) {
    RowLabel label = table.labels().get(row);
    return label instanceof RowLabel.OfClass printed
        ? numbers.shown(printed.printed())
        : ((RowLabel.OfName) label).name();
  }

  static String total(Optional<Exact> total, ShownNumbers numbers) {
    return total.map(value -> numbers.shown(value)).orElse("");
  }
}
