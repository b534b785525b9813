package promedio.desktop.projection.handin;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.limit.Limit;
import promedio.core.message.Texts;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Describe;
import promedio.desktop.projection.PortionText;
import promedio.desktop.projection.several.CountTable;
import promedio.desktop.projection.several.QuestionGrid;
import promedio.document.Block;
import promedio.document.Inline;
import promedio.files.report.ShownNumbers;

/** The data of an item, as they were given. */
final class HandInData implements Data.Visitor<List<Block>> {

  /** A table with so many columns, rows and a text of so many letters fit beside a graph. */
  private static final int WIDEST = 4;

  private static final int LONGEST = 12;
  private static final int LETTERS = 400;

  /** More values, or rows, are not printed one by one. */
  private static final long MOST = Limit.PRINTED_VALUES.most();

  private final Analysis now;
  private final ShownNumbers numbers;

  private HandInData(Analysis now) {
    this.now = now;
    this.numbers = now.numbers().in("");
  }

  /** {@return a sentence that names the data, and the data} */
  static List<Block> of(Analysis now) {
    String unit = now.item().unit();
    String counts = Describe.counts(now);
    List<Block> blocks = new ArrayList<>();
    blocks.add(
        new Block.Paragraph(
            Texts.of(
                "handin.data",
                now.item().name(),
                unit.isEmpty() ? counts : Texts.of("sheet.with-unit", counts, unit)),
            true));
    if (!now.item().note().isBlank()) {
      blocks.add(Block.Paragraph.of(now.item().note().strip()));
    }
    blocks.addAll(now.typed().data().accept(new HandInData(now)));
    return blocks;
  }

  private String listed(Values values) {
    Values present = values.present();
    return IntStream.range(0, present.size())
        .mapToObj(i -> numbers.shown(present.get(i)))
        .collect(Collectors.joining("; "));
  }

  private static List<Block> tooMany() {
    return List.of(new Block.Paragraph(Texts.of("handin.too-many"), true));
  }

  private static Block table(List<String> heads, List<List<String>> rows, int words) {
    return new Block.Table(heads.stream().map(Inline::text).toList(), rows, words, false);
  }

  @Override
  public List<Block> sample(Sample sample) {
    return sample.values().count() > MOST
        ? tooMany()
        : List.of(Block.Paragraph.of(listed(sample.values())));
  }

  @Override
  public List<Block> frequencies(FrequencyTable table) {
    return table.rows().size() > MOST
        ? tooMany()
        : List.of(
            table(
                List.of("x", "f"),
                table.rows().stream()
                    .map(row -> List.of(numbers.shown(row.value()), numbers.shown(row.frequency())))
                    .toList(),
                0));
  }

  /** {@return whether there is room for a graph beside these} */
  static boolean isNarrow(List<Block> listed) {
    return listed.stream()
        .allMatch(
            block ->
                block instanceof Block.Table table
                    ? table.heads().size() <= WIDEST && table.rows().size() <= LONGEST
                    : block instanceof Block.Paragraph words && words.text().length() <= LETTERS);
  }

  @Override
  public List<Block> classes(ClassTable table) {
    // Where the printed limits are no boundaries, both are told: workings go by the boundaries.
    boolean apart = table.gap().signum() != 0;
    List<List<String>> rows = new ArrayList<>();
    for (int i = 0; i < table.rows().size(); i++) {
      ClassTable.Row row = table.rows().get(i);
      List<String> cells = new ArrayList<>(List.of(numbers.shown(row)));
      if (apart) {
        cells.add(numbers.shown(table.intervals(false).get(i)));
      }
      cells.add(numbers.shown(row.frequency()));
      rows.add(cells);
    }
    List<String> heads =
        apart
            ? List.of(Texts.of("form.class"), Texts.of("handin.boundaries"), "f")
            : List.of(Texts.of("form.class"), "f");
    return List.of(table(heads, rows, 1));
  }

  @Override
  public List<Block> categories(Categories categories) {
    return categories.rows().size() > MOST
        ? tooMany()
        : List.of(
            table(
                List.of(Texts.of("handin.category"), "f"),
                categories.rows().stream()
                    .map(row -> List.of(row.name(), numbers.shown(row.frequency())))
                    .toList(),
                1));
  }

  @Override
  public List<Block> pairs(Pairs pairs) {
    return pairs.size() > MOST
        ? tooMany()
        : List.of(
            table(
                List.of(PortionText.x(now.item()), PortionText.y(now.item())),
                IntStream.range(0, pairs.size())
                    .mapToObj(
                        i ->
                            List.of(
                                numbers.shown(pairs.x().get(i)), numbers.shown(pairs.y().get(i))))
                    .toList(),
                0));
  }

  @Override
  public List<Block> groups(Groups groups) {
    return groups.samples().stream()
        .map(
            group ->
                (Block)
                    Block.Paragraph.of(
                        group.sample().values().count() > MOST
                            ? Texts.of("handin.group-size", group.name(), group.sample().total())
                            : Texts.of(
                                "handin.group",
                                group.name(),
                                group.sample().total(),
                                listed(group.sample().values()))))
        .toList();
  }

  @Override
  public List<Block> cross(CrossTable table) {
    return List.of(grid(CountTable.of(now, table, CountTable.View.COUNTS), 1));
  }

  @Override
  public List<Block> fit(GoodnessOfFitData fit) {
    return categories(fit.counted());
  }

  /** {@return a table of the window as one of the document} */
  static Block grid(QuestionGrid grid, int words) {
    List<List<String>> rows = new ArrayList<>();
    for (QuestionGrid.Line line : grid.lines()) {
      List<String> row = new ArrayList<>(List.of(line.name()));
      line.cells().forEach(cell -> row.add(cell.text()));
      rows.add(row);
    }
    return table(grid.heads().stream().map(QuestionGrid.Head::text).toList(), rows, words);
  }
}
