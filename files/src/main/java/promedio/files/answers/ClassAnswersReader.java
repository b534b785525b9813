package promedio.files.answers;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.catalogue.Measures;
import promedio.core.entry.Entry;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedValues;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Problem;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.files.Guarded;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TextFile;

/**
 * Reads the answers of a class and marks them. Of CSV the columns are id, measure, answer, and
 * either values, parted by spaces, or sample, the name of one that is known; part may stand
 * besides.
 */
public final class ClassAnswersReader {

  private static final List<String> NEEDED = List.of("id", "measure", "answer");

  /** With a key the data are in it. */
  private static final List<String> NEEDED_WITH_KEY = List.of("id", "variant", "part", "answer");

  private static final List<String> KNOWN =
      List.of("id", "variant", "part", "measure", "answer", "values", "sample");

  private final CourseRules rules;
  private final DecimalSign sign;
  private final Function<String, Optional<Data>> samples;

  private final @Nullable AnswerKey key;

  /** Equal questions are prepared once: a class answers the same ones. */
  private final Map<List<String>, Marker> markers = new HashMap<>();

  /**
   * Makes a reader.
   *
   * @param rules the course rules
   * @param sign the decimal sign of the answers and values
   * @param samples the samples that are known by name
   */
  public ClassAnswersReader(
      CourseRules rules, DecimalSign sign, Function<String, Optional<Data>> samples) {
    this(rules, sign, samples, null);
  }

  private ClassAnswersReader(
      CourseRules rules,
      DecimalSign sign,
      Function<String, Optional<Data>> samples,
      @Nullable AnswerKey key) {
    this.key = key;
    this.rules = rules;
    this.sign = sign;
    this.samples = samples;
  }

  /** {@return a reader by the rules of the assignment, which knows its samples by name} */
  public static ClassAnswersReader of(Assignment assignment) {
    return new ClassAnswersReader(
        assignment.rules(),
        assignment.sign(),
        name ->
            assignment.items().stream()
                .filter(item -> item.name().equalsIgnoreCase(name))
                .findFirst()
                .map(item -> item.source().read(assignment.sign()).data()));
  }

  /**
   * {@return a reader of answers to exercise sheets}: their columns are id, variant, part, answer,
   * and measure where a part asks several
   */
  public static ClassAnswersReader of(AnswerKey key, DecimalSign sign) {
    return new ClassAnswersReader(CourseRules.DEFAULTS, sign, name -> Optional.empty(), key);
  }

  /**
   * {@return the answers in the text, marked}; lines that begin with a brace are JSON Lines as
   * {@link MarkLines} takes them, with part besides, anything else is CSV
   *
   * @throws RefusedFileException if it is no answers
   */
  public ClassAnswers read(String text, Progress progress) throws RefusedFileException {
    return text.stripLeading().startsWith("{") ? jsonLines(text, progress) : csv(text, progress);
  }

  /** How the text of one file is read: {@link #read} or {@link #csv}. */
  @FunctionalInterface
  public interface OneText {

    /**
     * {@return the answers in the text, marked}
     *
     * @throws RefusedFileException if it is no answers
     */
    ClassAnswers read(String text, Progress progress) throws RefusedFileException;
  }

  /**
   * {@return the answers in all the sources, one after the other, marked}
   *
   * @param reading how each of them is read
   * @throws RefusedFileException if one of them is no answers, or cannot be read; the message says
   *     which where there are several
   */
  public static ClassAnswers all(List<DataSource> sources, OneText reading, Progress progress)
      throws RefusedFileException {
    ClassAnswers answers = new ClassAnswers(List.of());
    for (int i = 0; i < sources.size(); i++) {
      DataSource source = sources.get(i);
      String text = TextFile.read(source);
      boolean alone = sources.size() == 1;
      try {
        answers = answers.and(reading.read(text, alone ? progress : Progress.NONE));
      } catch (RefusedFileException e) {
        throw alone
            ? e
            : new RefusedFileException(Texts.of("file.unusable", source.name(), e.getMessage()), e);
      }
      if (!alone) {
        progress.at(i + 1, sources.size());
      }
    }
    return answers;
  }

  private ClassAnswers jsonLines(String text, Progress progress) {
    List<String> lines = text.lines().filter(line -> !line.isBlank()).toList();
    List<MarkedAnswer> rows = new ArrayList<>();
    for (String line : lines) {
      Cancellation.check();
      rows.add(MarkLines.row(line, rules, sign));
      progress.at(rows.size(), lines.size());
    }
    return new ClassAnswers(rows);
  }

  /**
   * {@return the answers in the text, marked}
   *
   * @throws RefusedFileException if its columns are not those of answers
   */
  public ClassAnswers csv(String text, Progress progress) throws RefusedFileException {
    String head = text.lines().findFirst().orElse("");
    List<MarkedAnswer> rows = new ArrayList<>();
    long lines = text.lines().count();
    try (CsvReader<CsvRecord> csv =
        CsvReader.builder()
            .fieldSeparator(separator(head))
            .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
            .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
            .allowUnclosedQuote(false)
            .ofCsvRecord(text)) {
      List<String> names = List.of();
      for (CsvRecord record : csv) {
        Cancellation.check();
        if (names.isEmpty()) {
          names = names(record);
        } else {
          rows.add(row(names, record));
        }
        progress.at(rows.size(), lines);
      }
    } catch (CsvParseException e) {
      throw new RefusedFileException(Texts.of("mark.quote", rows.size() + 2), e);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    if (rows.isEmpty()) {
      throw new RefusedFileException(Texts.of("mark.columns", head));
    }
    return new ClassAnswers(rows);
  }

  /** The names of the columns; which of them are there is seen in the head, not in each row. */
  private List<String> names(CsvRecord head) throws RefusedFileException {
    List<String> names =
        head.getFields().stream().map(name -> name.strip().toLowerCase(Locale.ROOT)).toList();
    boolean data = names.contains("values") || names.contains("sample");
    if (key == null && !data && names.contains("variant")) {
      throw new RefusedFileException(Texts.of("key.missing"));
    }
    if (key != null && !names.containsAll(NEEDED_WITH_KEY)) {
      throw new RefusedFileException(Texts.of("key.columns", String.join(", ", names)));
    }
    if (key == null && (!data || !names.containsAll(NEEDED))) {
      throw new RefusedFileException(Texts.of("mark.columns", String.join(", ", names)));
    }
    for (String known : KNOWN) {
      if (Collections.frequency(names, known) > 1) {
        throw new RefusedFileException(Texts.of("mark.column-twice", known));
      }
    }
    return names;
  }

  /** A row that ends early has nothing in its last cells. */
  private static Map<String, String> fields(List<String> names, CsvRecord record) {
    Map<String, String> fields = new HashMap<>();
    for (int i = 0; i < Math.min(names.size(), record.getFieldCount()); i++) {
      fields.put(names.get(i), record.getField(i));
    }
    return fields;
  }

  /** {@return whether the text begins with the head of a list of answers} */
  public static boolean isCsv(String head) {
    List<String> names =
        Arrays.stream(head.split(String.valueOf(separator(head)), -1))
            .map(name -> name.replaceAll("[\uFEFF\"]", "").strip().toLowerCase(Locale.ROOT))
            .toList();
    return names.contains("id") && names.contains("answer");
  }

  private static char separator(String head) {
    char best = ',';
    for (char each : new char[] {';', '\t'}) {
      if (count(head, each) > count(head, best)) {
        best = each;
      }
    }
    return best;
  }

  private static long count(String text, char wanted) {
    return text.chars().filter(c -> c == wanted).count();
  }

  private MarkedAnswer row(List<String> names, CsvRecord record) {
    Map<String, String> fields = fields(names, record);
    String id = fields.getOrDefault("id", "").strip();
    String part = fields.getOrDefault("part", "").strip();
    String measure = fields.getOrDefault("measure", "").strip();
    String answer = fields.getOrDefault("answer", "").strip();
    try {
      refuseTooLong(names, record);
      return Guarded.of(
          () -> {
            Marker marker = marker(fields, measure);
            return new MarkedAnswer(
                id,
                part,
                marker.problem().request().id(),
                answer,
                Optional.of(marker.problem()),
                marker.mark(answer, sign));
          });
    } catch (BadInputException e) {
      Message why =
          Message.of("mark.line", String.valueOf(record.getStartingLineNumber()), e.why().text());
      return new MarkedAnswer(id, part, measure, answer, Optional.empty(), Mark.unreadable(why));
    }
  }

  /** A cell too many moves those after it: what stands as the answer may be half of it. */
  private static void refuseTooLong(List<String> names, CsvRecord record) throws BadInputException {
    boolean tooLong =
        record.getFields().stream().skip(names.size()).anyMatch(cell -> !cell.isBlank());
    if (tooLong) {
      throw Texts.refusal("mark.cells", record.getFieldCount(), names.size());
    }
  }

  private Marker marker(Map<String, String> fields, String measure) throws BadInputException {
    return key == null ? ofRow(fields, measure) : ofKey(key, fields, measure);
  }

  private Marker ofKey(AnswerKey answers, Map<String, String> fields, String measure)
      throws BadInputException {
    String variant = fields.getOrDefault("variant", "");
    String part = fields.getOrDefault("part", "");
    List<String> question = List.of(variant, part, measure, "");
    Marker marker = markers.get(question);
    if (marker == null) {
      marker = Marker.of(answers.problem(variant, part, measure));
      markers.put(question, marker);
    }
    return marker;
  }

  private Marker ofRow(Map<String, String> fields, String measure) throws BadInputException {
    Request request =
        Measures.ofId(measure).orElseThrow(() -> Texts.refusal("mark.no-measure", measure));
    String values = fields.getOrDefault("values", "");
    String sample = fields.getOrDefault("sample", "");
    List<String> question = List.of(measure, values, sample);
    Marker marker = markers.get(question);
    if (marker == null) {
      Data data = values.isBlank() ? known(sample) : read(values);
      marker = Marker.of(Problem.of(data, rules, request));
      markers.put(question, marker);
    }
    return marker;
  }

  private Data known(String sample) throws BadInputException {
    return samples.apply(sample.strip()).orElseThrow(() -> Texts.refusal("mark.no-sample", sample));
  }

  private Data read(String values) throws BadInputException {
    Typed typed = TypedValues.read(values, sign);
    for (Entry entry : typed.unreadable()) {
      throw Texts.refusal("mark.value", values.substring(entry.start(), entry.end()));
    }
    return typed.data();
  }
}
