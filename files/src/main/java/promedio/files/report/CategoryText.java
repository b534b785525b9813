package promedio.files.report;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Categories;
import promedio.files.table.HarmlessCell;

/** Writes categories with their shares, as CSV or in lines to read. */
public final class CategoryText {

  private CategoryText() {}

  /** {@return the table as CSV, its first two columns being a table of categories themselves} */
  public static String csv(Categories categories) {
    return parted(categories, ',');
  }

  /** {@return the table as it is copied into documents, its columns parted by tabs} */
  public static String tabbed(Categories categories) {
    return parted(categories, '\t');
  }

  private static String parted(Categories categories, char separator) {
    StringWriter text = new StringWriter();
    Exact total = categories.total();
    try (CsvWriter csv = CsvWriter.builder().fieldSeparator(separator).build(text)) {
      csv.writeRecord("category", "frequency", "relative", "percentage");
      for (Categories.Row row : categories.rows()) {
        csv.writeRecord(
            HarmlessCell.of(row.name()),
            GroupingText.plain(row.frequency()),
            GroupingText.plain(row.relative(total)),
            GroupingText.plain(row.relative(total).times(100)));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  /** {@return the table in lines, with its tally and totals} */
  public static List<String> lines(Categories categories, CourseRules rules) {
    ShownNumbers numbers = new ShownNumbers(rules, DecimalSign.spoken());
    Exact total = categories.total();
    List<List<String>> rows = new ArrayList<>();
    int widest = categories.rows().stream().mapToInt(row -> row.name().length()).max().orElse(0);
    String names = "%-" + Math.max(widest, 8) + "s";
    List<String> heads = new ArrayList<>(List.of(Texts.of("category.heads").split("\\|", -1)));
    heads.set(0, names.formatted(heads.get(0)));
    rows.add(heads);
    for (Categories.Row row : categories.rows()) {
      rows.add(
          List.of(
              names.formatted(row.name()),
              GroupingText.tally(row.frequency()),
              numbers.shown(row.frequency()),
              numbers.shown(row.relative(total)),
              numbers.result(row.relative(total).times(100))));
    }
    rows.add(
        List.of(
            names.formatted("Σ"), "", numbers.shown(total), "1", numbers.result(Exact.of(100))));
    return Columns.aligned(rows);
  }
}
