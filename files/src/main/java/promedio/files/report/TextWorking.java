package promedio.files.report;

import java.util.ArrayList;
import java.util.List;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;

/** Writes a working in lines to read, or in Markdown. */
final class TextWorking implements WorkingWriter {

  private final String title;
  private final ShownNumbers numbers;
  private final boolean markdown;

  private TextWorking(String title, ShownNumbers numbers, boolean markdown) {
    this.title = title;
    this.numbers = numbers;
    this.markdown = markdown;
  }

  static TextWorking text(String title, ShownNumbers numbers) {
    return new TextWorking(title, numbers, false);
  }

  static TextWorking markdown(String title, ShownNumbers numbers) {
    return new TextWorking(title, numbers, true);
  }

  @Override
  public List<String> write(Working working) {
    List<String> lines = new ArrayList<>();
    lines.add(markdown ? "### " + title + "\n" : title);
    working
        .table()
        .ifPresent(
            table -> {
              lines.addAll(
                  markdown ? marked(table) : Columns.aligned(WorkingTexts.printed(table, numbers)));
              lines.addAll(WorkingTexts.checks(working, numbers));
              lines.add("");
            });
    working.steps().forEach(step -> lines.add(markdown ? "- " + marked(step) : plain(step)));
    lines.addAll(WorkingTexts.ending(working, numbers));
    return lines;
  }

  private String plain(WorkingStep step) {
    return WorkingTexts.plain(step, numbers);
  }

  private String marked(WorkingStep step) {
    String plain = plain(step).replace("|", "\\|");
    return step.fold(
        computed -> plain,
        agreed -> plain,
        list -> WorkingTexts.inOrder(list, numbers, "~~", "~~"),
        seen -> plain);
  }

  private List<String> marked(WorkTable table) {
    List<String> lines = new ArrayList<>();
    for (List<String> row : WorkingTexts.printed(table, numbers)) {
      lines.add(
          "| " + String.join(" | ", row.stream().map(c -> c.replace("|", "\\|")).toList()) + " |");
      if (lines.size() == 1) {
        lines.add("|" + "--:|".repeat(row.size()));
      }
    }
    return lines;
  }
}
