package promedio.files.pile;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import promedio.core.marking.Explanation;
import promedio.core.marking.Verdict;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.files.Texts;
import promedio.files.report.MarkTexts;
import promedio.files.table.HarmlessCell;

/**
 * The marked answers of a class.
 *
 * @param rows an answer of a student to a part each, in their order
 */
public record Pile(List<PileRow> rows) {

  public Pile {
    rows = List.copyOf(rows);
  }

  /**
   * How often something explains answers.
   *
   * @param code its code
   * @param measure the key of the measure that was asked
   * @param times how often it stands first
   */
  public record Count(String code, String measure, int times) {}

  /** {@return how many answers have each verdict} */
  public Map<Verdict, Integer> verdicts() {
    Map<Verdict, Integer> verdicts = new LinkedHashMap<>();
    for (Verdict verdict : Verdict.values()) {
      int times = (int) rows.stream().filter(row -> row.mark().verdict() == verdict).count();
      if (times > 0) {
        verdicts.put(verdict, times);
      }
    }
    return verdicts;
  }

  /** {@return what explains the answers best, the most frequent first} */
  public List<Count> counts() {
    Map<Map.Entry<String, String>, Integer> times = new LinkedHashMap<>();
    for (PileRow row : rows) {
      row.mark()
          .best()
          .ifPresent(
              best -> times.merge(Map.entry(best.cause().code(), row.measure()), 1, Integer::sum));
    }
    return times.entrySet().stream()
        .map(e -> new Count(e.getKey().getKey(), e.getKey().getValue(), e.getValue()))
        .sorted(Comparator.comparing(Count::times).reversed())
        .toList();
  }

  /** {@return a row for each answer, as CSV} */
  public String csv() {
    StringWriter text = new StringWriter();
    try (CsvWriter csv = CsvWriter.builder().build(text)) {
      csv.writeRecord(Texts.of("mark.heads").split(",", -1));
      for (PileRow row : rows) {
        List<String> cells =
            new ArrayList<>(
                List.of(
                    row.id(),
                    row.part(),
                    row.measure(),
                    row.answer(),
                    row.mark().verdict().code()));
        cells.addAll(explained(row));
        csv.writeRecord(cells.stream().map(HarmlessCell::of).toList());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  private static List<String> explained(PileRow row) {
    if (row.mark().best().isEmpty() || row.problem().isEmpty()) {
      return List.of("", "", "", row.mark().reason().map(Message::text).orElse(""));
    }
    Explanation best = row.mark().best().get();
    String params =
        best.params().entrySet().stream()
            .map(e -> e.getKey() + "=" + e.getValue())
            .collect(Collectors.joining(" "));
    String words = new MarkTexts(row.problem().get(), DecimalSign.POINT).text(best, row.mark());
    return List.of(best.cause().kind().code(), best.cause().code(), params, words);
  }
}
