package promedio.files.report;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.formula.Formula;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;
import promedio.files.Texts;

/** How a working is written. */
public enum WorkingFormat {
  /** Lines to read, the columns of the table under each other. */
  TEXT {
    @Override
    List<String> table(WorkTable table, ShownNumbers numbers) {
      List<List<String>> rows = cells(table, numbers);
      int[] widths = new int[table.columns().size()];
      rows.forEach(
          row -> {
            for (int i = 0; i < widths.length; i++) {
              widths[i] = Math.max(widths[i], row.get(i).length());
            }
          });
      return rows.stream()
          .map(
              row -> {
                StringBuilder line = new StringBuilder();
                for (int i = 0; i < widths.length; i++) {
                  line.append(" ".repeat(widths[i] - row.get(i).length() + (i == 0 ? 0 : 3)))
                      .append(row.get(i));
                }
                return line.toString();
              })
          .toList();
    }

    @Override
    String heading(String text) {
      return text;
    }

    @Override
    String step(WorkingStep step, ShownNumbers numbers) {
      return plain(step, numbers);
    }
  },

  /** The same with a table that documents understand. */
  MARKDOWN {
    @Override
    List<String> table(WorkTable table, ShownNumbers numbers) {
      List<String> lines = new ArrayList<>();
      for (List<String> row : cells(table, numbers)) {
        lines.add("| " + String.join(" | ", row) + " |");
        if (lines.size() == 1) {
          lines.add("|" + "--:|".repeat(row.size()));
        }
      }
      return lines;
    }

    @Override
    String heading(String text) {
      return "### " + text + "\n";
    }

    @Override
    String step(WorkingStep step, ShownNumbers numbers) {
      return "- " + plain(step, numbers);
    }
  },

  /** For LaTeX, with the package amsmath. */
  LATEX {
    @Override
    List<String> table(WorkTable table, ShownNumbers numbers) {
      List<String> lines = new ArrayList<>();
      lines.add("\\[\\begin{array}{" + "r".repeat(table.columns().size()) + "}");
      lines.add(
          table.columns().stream()
                  .map(column -> column.latex(numbers::latex))
                  .collect(Collectors.joining(" & "))
              + " \\\\ \\hline");
      table.rows().forEach(row -> lines.add(latexRow(row.stream().map(numbers::latex).toList())));
      lines.set(lines.size() - 1, lines.get(lines.size() - 1) + " \\hline");
      lines.add(
          latexRow(table.totals().stream().map(t -> t.map(numbers::latex).orElse("")).toList()));
      lines.add("\\end{array}\\]");
      return lines;
    }

    private String latexRow(List<String> cells) {
      return String.join(" & ", cells) + " \\\\";
    }

    @Override
    String heading(String text) {
      return "\\paragraph{" + text + "}";
    }

    @Override
    String step(WorkingStep step, ShownNumbers numbers) {
      return "\\[" + WorkingFormat.latex(step, numbers) + "\\]";
    }
  };

  /** {@return its name on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** {@return the format of this code} */
  public static Optional<WorkingFormat> ofCode(String code) {
    return Arrays.stream(values()).filter(format -> format.code().equals(code)).findFirst();
  }

  abstract List<String> table(WorkTable table, ShownNumbers numbers);

  abstract String heading(String text);

  /** {@return the sentence below the steps} */
  String result(String text) {
    return text;
  }

  abstract String step(WorkingStep step, ShownNumbers numbers);

  /**
   * {@return the working, line by line}
   *
   * @param title what is worked
   * @param rules say how the result is rounded
   */
  public List<String> write(String title, Working working, CourseRules rules, DecimalSign sign) {
    ShownNumbers numbers = new ShownNumbers(rules, sign);
    List<String> lines = new ArrayList<>();
    lines.add(heading(title));
    working
        .table()
        .ifPresent(
            table -> {
              lines.addAll(table(table, numbers));
              table
                  .totalOfDeviations()
                  .map(
                      total ->
                          Texts.of(
                              total.signum() == 0 ? "working.check" : "working.no-check",
                              numbers.shown(total)))
                  .filter(check -> working.measure() != Measure.MEAN_DEVIATION_MEDIAN)
                  .ifPresent(lines::add);
              lines.add("");
            });
    working.steps().forEach(step -> lines.add(step(step, numbers)));
    WorkingStep last = working.steps().get(working.steps().size() - 1);
    lines.add(result(Texts.of("working.result", numbers.result(last.carried()))));
    if (!last.carried().equals(working.exact())) {
      lines.add(Texts.of("working.cost", numbers.shown(working.exact())));
    }
    return lines;
  }

  /** {@return the step as one line: symbols, numbers put in, and what that comes to} */
  public static String plain(WorkingStep step, ShownNumbers numbers) {
    return line(
        step.left().plain(numbers::shown),
        step.symbols().plain(numbers::shown),
        step.numbers().plain(numbers::shown),
        numbers.related(step));
  }

  /** {@return the step as one formula in LaTeX} */
  static String latex(WorkingStep step, ShownNumbers numbers) {
    return line(
        step.left().latex(numbers::latex),
        step.symbols().latex(numbers::latex),
        step.numbers().latex(numbers::latex),
        numbers.related(step).replace("≈", "\\approx").replace('−', '-').replace(",", "{,}"));
  }

  /** What would stand twice side by side stands once. */
  private static String line(String left, String symbols, String numbers, String result) {
    StringBuilder line = new StringBuilder(left);
    String value = result.substring(result.indexOf(' ') + 1);
    if (!symbols.equals(left) && !symbols.equals(value)) {
      line.append(" = ").append(symbols);
    }
    if (!numbers.equals(symbols) && !numbers.equals(value)) {
      line.append(" = ").append(numbers);
    }
    return line.append(' ').append(result).toString();
  }

  private static List<List<String>> cells(WorkTable table, ShownNumbers numbers) {
    List<List<String>> rows = new ArrayList<>();
    rows.add(table.columns().stream().map((Formula c) -> c.plain(numbers::shown)).toList());
    table.rows().forEach(row -> rows.add(row.stream().map(numbers::shown).toList()));
    List<String> totals =
        new ArrayList<>(
            table.totals().stream().map(t -> t.map(numbers::shown).orElse("")).toList());
    totals.set(0, Texts.of("working.total", totals.get(0)).strip());
    rows.add(totals);
    return rows;
  }
}
