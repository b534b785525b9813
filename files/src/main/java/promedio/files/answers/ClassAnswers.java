package promedio.files.answers;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.marking.Explanation;
import promedio.core.marking.Verdict;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.files.report.MarkTexts;
import promedio.files.table.HarmlessCell;

/**
 * The marked answers of a class.
 *
 * @param rows an answer of a student to a part each, in their order
 */
public record ClassAnswers(List<MarkedAnswer> rows) {

  public ClassAnswers {
    rows = List.copyOf(rows);
  }

  /** {@return these answers and then the others} */
  public ClassAnswers and(ClassAnswers others) {
    return new ClassAnswers(Stream.concat(rows.stream(), others.rows.stream()).toList());
  }

  /**
   * How often something explains answers.
   *
   * @param code its code
   * @param measure the key of the measure that was asked
   * @param times how often it stands first
   */
  public record Count(String code, String measure, int times) {}

  /** {@return how many answers could not be marked, because what was asked cannot be read} */
  public long refused() {
    return rows.stream().filter(row -> row.problem().isEmpty()).count();
  }

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
    for (MarkedAnswer row : rows) {
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

  /**
   * How a class did in one part.
   *
   * @param name the part
   * @param answers how many answers there are
   * @param right how many of them are right
   */
  public record Part(String name, int answers, int right) {}

  /** {@return how the class did in each part that is named, by their names} */
  public List<Part> parts() {
    Map<String, List<MarkedAnswer>> byPart =
        rows.stream()
            .filter(row -> !row.part().isEmpty())
            .collect(Collectors.groupingBy(MarkedAnswer::part, TreeMap::new, Collectors.toList()));
    return byPart.entrySet().stream()
        .map(of -> new Part(of.getKey(), of.getValue().size(), right(of.getValue())))
        .toList();
  }

  private static int right(List<MarkedAnswer> answers) {
    return (int) answers.stream().filter(MarkedAnswer::isRight).count();
  }

  /**
   * What one student answered.
   *
   * @param id the student
   * @param answers how many answers there are
   * @param right how many of them are right
   * @param mistakes what explains the others, by part and measure
   */
  public record Student(String id, int answers, int right, List<String> mistakes) {
    public Student {
      mistakes = List.copyOf(mistakes);
    }
  }

  /** {@return what each student answered, in the order in which they come} */
  public List<Student> students() {
    Map<String, List<MarkedAnswer>> byId = new LinkedHashMap<>();
    for (MarkedAnswer row : rows) {
      byId.computeIfAbsent(row.id(), id -> new ArrayList<>()).add(row);
    }
    return byId.entrySet().stream()
        .map(
            of ->
                new Student(
                    of.getKey(),
                    of.getValue().size(),
                    right(of.getValue()),
                    of.getValue().stream()
                        .filter(row -> !row.isRight())
                        .map(
                            row -> (row.part() + " " + row.measure()).strip() + ": " + mistake(row))
                        .toList()))
        .toList();
  }

  private static String mistake(MarkedAnswer row) {
    return row.mark()
        .best()
        .map(best -> best.cause().code())
        .orElseGet(() -> row.mark().verdict().code());
  }

  /** {@return a row for each student, as CSV: how many answers are right, and the mistakes} */
  public String studentsCsv() {
    StringWriter text = new StringWriter();
    try (CsvWriter csv = CsvWriter.builder().build(text)) {
      csv.writeRecord("id", "answers", "right", "mistakes");
      for (Student student : students()) {
        csv.writeRecord(
            HarmlessCell.of(student.id()),
            String.valueOf(student.answers()),
            String.valueOf(student.right()),
            HarmlessCell.of(String.join("; ", student.mistakes())));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  /** {@return a row for each answer, as CSV} */
  public String csv() {
    StringWriter text = new StringWriter();
    try (CsvWriter csv = CsvWriter.builder().build(text)) {
      csv.writeRecord(Texts.of("mark.heads").split(",", -1));
      for (MarkedAnswer row : rows) {
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

  private static List<String> explained(MarkedAnswer row) {
    if (row.mark().best().isEmpty() || row.problem().isEmpty()) {
      return List.of("", "", "", row.mark().reason().map(Message::text).orElse(""));
    }
    Explanation best = row.mark().best().get();
    String params =
        best.params().entrySet().stream()
            .map(e -> e.getKey() + "=" + e.getValue())
            .collect(Collectors.joining(" "));
    String words = new MarkTexts(row.problem().get(), DecimalSign.POINT).text(best, row.mark());
    return List.of(best.kind().code(), best.cause().code(), params, words);
  }
}
