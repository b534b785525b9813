package promedio.files.report;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;

/** Writes a working for LaTeX, with the packages amsmath and cancel. */
final class LatexWorking implements WorkingWriter {

  /** So many values in order fit beside each other. */
  private static final int VALUES_IN_LINE = 12;

  private final String title;
  private final ShownNumbers numbers;

  LatexWorking(String title, ShownNumbers numbers) {
    this.title = title;
    this.numbers = numbers;
  }

  @Override
  public List<String> write(Working working) {
    List<String> lines = new ArrayList<>();
    lines.add("\\paragraph{" + LatexText.of(title) + "}");
    working
        .table()
        .ifPresent(
            table -> {
              lines.addAll(("\\[" + table(table, numbers) + "\\]").lines().toList());
              WorkingTexts.checks(working, numbers).stream().map(LatexText::of).forEach(lines::add);
            });
    for (WorkingStep step : working.steps()) {
      String displayed = "\\[" + WorkingTexts.latex(step, numbers) + "\\]";
      lines.add(
          step.fold(
              computed -> displayed,
              agreed -> displayed,
              list -> displayed,
              seen -> LatexText.of(WorkingTexts.sentence(seen, numbers))));
    }
    WorkingTexts.ending(working, numbers).stream().map(LatexText::of).forEach(lines::add);
    return lines;
  }

  /** {@return the table as an array} */
  static String table(WorkTable table, ShownNumbers numbers) {
    List<String> rows = new ArrayList<>();
    boolean named = !table.labels().isEmpty();
    List<String> head = new ArrayList<>(named ? List.of("") : List.of());
    head.addAll(table.columns().stream().map(c -> c.latex(numbers::latex)).toList());
    rows.add(row(head) + " \\hline");
    for (int row : WorkingTexts.printedRows(table)) {
      if (row < 0) {
        rows.add(row(Collections.nCopies(head.size(), "\\vdots")));
        continue;
      }
      List<String> cells =
          new ArrayList<>(
              named
                  ? List.of("\\text{" + LatexText.of(WorkingTexts.label(table, row, numbers)) + "}")
                  : List.of());
      table.rows().get(row).forEach(value -> cells.add(numbers.latex(value)));
      rows.add(row(cells));
    }
    int last = rows.size() - 1;
    rows.set(last, rows.get(last) + " \\hline");
    List<String> totals = new ArrayList<>(named ? List.of("") : List.of());
    table
        .totals()
        .forEach(total -> totals.add(ShownNumbers.latex(WorkingTexts.total(total, numbers))));
    rows.add(row(totals));
    return "\\begin{array}{"
        + "r".repeat(table.columns().size() + (named ? 1 : 0))
        + "}\n"
        + String.join("\n", rows)
        + "\n\\end{array}";
  }

  private static String row(List<String> cells) {
    return String.join(" & ", cells) + " \\\\";
  }

  /** {@return the values in order, those crossed off struck through} */
  static String inOrder(WorkingStep.InOrder list, ShownNumbers numbers) {
    List<String> lines = new ArrayList<>();
    List<String> line = new ArrayList<>();
    for (int position = 1; position <= list.values().size(); position++) {
      String value = numbers.latex(list.values().get(position - 1));
      boolean crossed = list.isLookedAt(position) && !list.isKept(position);
      line.add(
          crossed
              ? "\\cancel{" + value + "}"
              : list.isLookedAt(position) && !list.isWhole() ? "\\boxed{" + value + "}" : value);
      if (line.size() == VALUES_IN_LINE || position == list.values().size()) {
        lines.add(line.stream().collect(Collectors.joining("\\;\\; ")));
        line.clear();
      }
    }
    return "\\begin{array}{l}\n" + String.join(" \\\\\n", lines) + "\n\\end{array}";
  }
}
