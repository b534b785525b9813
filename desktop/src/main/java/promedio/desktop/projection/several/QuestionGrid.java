package promedio.desktop.projection.several;

import java.util.List;
import java.util.Optional;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.Analysis;
import promedio.files.report.TaskTexts;

/**
 * A printed table, most of whose cells are questions.
 *
 * @param heads what stands above its columns, the first above the names of the lines
 * @param lines its lines
 */
public record QuestionGrid(List<Head> heads, List<Line> lines) {

  public QuestionGrid {
    heads = List.copyOf(heads);
    lines = List.copyOf(lines);
  }

  /**
   * What stands above a column.
   *
   * @param text as it is printed
   * @param spoken in full
   */
  public record Head(String text, String spoken) {

    /** {@return a head that is printed in full} */
    public static Head of(String text) {
      return new Head(text, text);
    }
  }

  /**
   * A line.
   *
   * @param name what stands before it
   * @param cells its cells, one for each column
   */
  public record Line(String name, List<Cell> cells) {
    public Line {
      cells = List.copyOf(cells);
    }
  }

  /**
   * A cell.
   *
   * @param question what it asks; none where it only tells
   * @param text what it tells
   */
  public record Cell(Optional<Asked> question, String text) {

    /** {@return a cell that tells the result of what it asks; a dash where there is none} */
    public static Cell of(Analysis whole, DataSubset subset, Request request) {
      return new Cell(
          Optional.of(new Asked(subset, request)),
          whole.in(subset).map(of -> of.shown(request)).orElseGet(() -> Texts.of("result.none")));
    }

    /** {@return a cell that only tells something} */
    public static Cell of(String text) {
      return new Cell(Optional.empty(), text);
    }
  }

  /**
   * What a cell asks.
   *
   * @param subset of which portion of the data
   * @param request what
   */
  public record Asked(DataSubset subset, Request request) {}

  /** {@return the name of a task above a column: its symbol, and in full} */
  static Head head(Analysis whole, DataSubset subset, Request request) {
    String name = TaskTexts.name(request, whole.numbers());
    String symbol =
        whole.in(subset).map(of -> of.computation().symbol(request).plain()).orElse(name);
    return new Head(symbol, name);
  }

  /** {@return whether both have the same questions in the same places} */
  public boolean hasSameQuestions(QuestionGrid other) {
    return heads.equals(other.heads)
        && names().equals(other.names())
        && asked().equals(other.asked());
  }

  private List<String> names() {
    return lines.stream().map(Line::name).toList();
  }

  private List<List<Optional<Asked>>> asked() {
    return lines.stream().map(line -> line.cells().stream().map(Cell::question).toList()).toList();
  }

  /** {@return the table as text with tabs between its cells, to be pasted elsewhere} */
  public String tabbed() {
    StringBuilder text = new StringBuilder();
    text.append(String.join("\t", heads.stream().map(Head::text).toList())).append('\n');
    for (Line line : lines) {
      text.append(line.name());
      line.cells().forEach(cell -> text.append('\t').append(cell.text()));
      text.append('\n');
    }
    return text.toString();
  }
}
