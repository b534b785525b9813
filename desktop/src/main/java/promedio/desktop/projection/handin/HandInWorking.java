package promedio.desktop.projection.handin;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import promedio.core.formula.Formula;
import promedio.core.message.Texts;
import promedio.core.working.OwnWorking;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;
import promedio.desktop.projection.Analysis;
import promedio.document.Block;
import promedio.document.Inline;
import promedio.files.report.HtmlWorking;
import promedio.files.report.ShownNumbers;
import promedio.files.report.WorkingTexts;

/**
 * A working as a good student writes it: chains in one line where they fit, what stood above named
 * and not repeated, long tables in columns.
 */
final class HandInWorking {

  /** So many characters fit on a line of paper. */
  private static final int LINE = 84;

  /** Longer tables of few columns stand in several columns beside each other. */
  private static final int FOLDED_ROWS = 12;

  /** So many columns fit beside each other. */
  private static final int MOST_COLUMNS = 9;

  private final Analysis of;
  private final ShownNumbers numbers;
  private final Told told;
  private final List<Block> blocks = new ArrayList<>();

  /** Short steps that wait for others to stand beside. */
  private final List<WorkingStep> line = new ArrayList<>();

  private HandInWorking(Analysis of, Told told) {
    this.of = of;
    this.numbers = of.numbers();
    this.told = told;
  }

  /** {@return the working, with what the student wrote beside its steps} */
  static List<Block> of(Working working, OwnWorking own, Analysis of, Told told) {
    HandInWorking made = new HandInWorking(of, told);
    made.add(working, own);
    return made.blocks;
  }

  private void add(Working working, OwnWorking own) {
    working
        .table()
        .ifPresent(
            table -> {
              if (told.isTold(table, of)) {
                blocks.add(new Block.Paragraph(Texts.of("handin.table-above"), true));
              } else {
                blocks.add(table(table));
                WorkingTexts.checks(working, numbers)
                    .forEach(check -> blocks.add(new Block.Paragraph(check, true)));
              }
            });
    List<WorkingStep> above = new ArrayList<>();
    int last = working.steps().size() - 1;
    for (int i = 0; i <= last; i++) {
      WorkingStep step = working.steps().get(i);
      // What is asked stands in its own place, too.
      if (told.isTold(step, of, numbers) && i < last && own.entry(working.key(i)).isBlank()) {
        above.add(step);
      }
    }
    String found = Told.found(working, above, numbers);
    if (!found.isEmpty()) {
      blocks.add(Block.Paragraph.of(Texts.of("handin.above", found)));
    }
    for (int i = 0; i <= last; i++) {
      WorkingStep step = working.steps().get(i);
      if (i == last || !above.contains(step)) {
        String mine = own.entry(working.key(i)).strip();
        if (!mine.isEmpty()) {
          // What is written beside it belongs to this step alone.
          end();
        }
        add(step);
        if (!mine.isEmpty()) {
          end();
          blocks.add(Block.Paragraph.of(Texts.of("handin.own", mine)));
        }
      }
    }
    end();
    if (numbers.hasCost(working)) {
      blocks.add(new Block.Paragraph(Texts.of("handin.cost", numbers.exactResults(working)), true));
    }
  }

  private void add(WorkingStep step) {
    step.fold(
        this::addFormula,
        this::addFormula,
        list -> {
          end();
          return blocks.add(formula(list));
        },
        seen -> {
          end();
          return blocks.add(Block.Paragraph.of(WorkingTexts.sentence(seen, numbers)));
        });
  }

  private boolean addFormula(WorkingStep step) {
    int length = line.stream().mapToInt(each -> length(each) + 3).sum() + length(step);
    if (length > LINE) {
      end();
    }
    return line.add(step);
  }

  private int length(WorkingStep step) {
    return WorkingTexts.plain(step, numbers).length();
  }

  /** Ends the line: its steps stand beside each other. */
  private void end() {
    if (line.size() == 1) {
      blocks.add(formula(line.get(0)));
    } else if (!line.isEmpty()) {
      blocks.add(
          new Block.Formula(
              new Inline(
                  joined(line, "; "),
                  line.stream()
                      .map(step -> WorkingTexts.latex(step, numbers))
                      .collect(Collectors.joining(" \\qquad ")),
                  line.stream()
                      .map(step -> HtmlWorking.inner(step, numbers))
                      .collect(
                          Collectors.joining("<mspace width=\"2em\"/>", "<mrow>", "</mrow>")))));
    }
    line.clear();
  }

  private String joined(List<WorkingStep> steps, String between) {
    return steps.stream()
        .map(step -> WorkingTexts.plain(step, numbers))
        .collect(Collectors.joining(between));
  }

  private Block formula(WorkingStep step) {
    boolean fits = length(step) <= LINE;
    return new Block.Formula(
        new Inline(
            WorkingTexts.plain(step, numbers),
            fits ? WorkingTexts.latex(step, numbers) : WorkingTexts.latexLines(step, numbers, true),
            HtmlWorking.inner(step, numbers)));
  }

  private Block table(WorkTable table) {
    List<List<String>> cells = WorkingTexts.printed(table, numbers);
    List<Inline> heads = new ArrayList<>();
    boolean named = !table.labels().isEmpty();
    if (named) {
      heads.add(Inline.text(cells.get(0).get(0)));
    }
    for (Formula column : table.columns()) {
      heads.add(
          new Inline(
              column.plain(numbers::shown),
              column.latex(numbers::latex),
              column.mathml(numbers::shown)));
    }
    List<List<String>> rows = cells.subList(1, cells.size());
    int beside = Math.min(MOST_COLUMNS / heads.size(), 1 + (rows.size() - 2) / FOLDED_ROWS);
    return named || beside < 2
        ? new Block.Table(heads, rows, named ? 1 : 0, true)
        : folded(heads, rows, beside);
  }

  /**
   * The rows in several columns, read down one after the other; the totals stand below the last.
   */
  private static Block folded(List<Inline> heads, List<List<String>> rows, int beside) {
    List<List<String>> entries = rows.subList(0, rows.size() - 1);
    int height = (entries.size() + beside - 1) / beside;
    List<String> blank = Collections.nCopies(heads.size(), "");
    List<Inline> all = new ArrayList<>();
    List<List<String>> lines = new ArrayList<>();
    for (int part = 0; part < beside; part++) {
      all.addAll(heads);
      for (int row = 0; row < height; row++) {
        int at = part * height + row;
        if (part == 0) {
          lines.add(new ArrayList<>());
        }
        lines.get(row).addAll(at < entries.size() ? entries.get(at) : blank);
      }
    }
    List<String> totals = new ArrayList<>();
    for (int part = 1; part < beside; part++) {
      totals.addAll(blank);
    }
    totals.addAll(rows.get(rows.size() - 1));
    lines.add(totals);
    return new Block.Table(all, lines, 0, true);
  }
}
