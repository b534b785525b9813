package promedio.desktop.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import picocli.CommandLine.TypeConversionException;
import promedio.core.entry.Entry;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedTable;
import promedio.core.entry.TypedValues;
import promedio.core.message.Message;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.UnusableDataException;
import promedio.core.table.Aspect;
import promedio.core.table.NumberColumn;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.Replay;
import promedio.desktop.Texts;
import promedio.files.RefusedFileException;
import promedio.files.report.Extras;
import promedio.files.report.MeasureLines;
import promedio.files.report.MeasuresJson;
import promedio.files.report.MeasuresText;
import promedio.files.table.ColumnChoiceException;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.ReadTable;
import promedio.files.table.TableData;
import promedio.files.table.TableReader;
import promedio.files.tidy.StepsJson;

/** Every measure of one sample, or of one sample a line. */
@Command(
    name = "measures",
    mixinStandardHelpOptions = true,
    description = "Every measure of one sample, exact, by the course rules.",
    footer = {
      "",
      "Examples:",
      "  promedio measures --values \"8 10 11 11\"",
      "  promedio measures pears.csv --column weight --rule quartiles=hf6 --rule places=3",
      "  promedio measures baskets.csv --kind value-frequency --format json",
      "  promedio measures --lines - < samples.jsonl"
    })
final class MeasuresCommand implements Callable<Integer> {

  /** What the input holds. */
  enum Kind {
    RAW("raw"),
    VALUE_FREQUENCY("value-frequency"),
    CLASSES("classes");

    private final String code;

    Kind(String code) {
      this.code = code;
    }

    /** {@return the kind of this code} */
    static Kind of(String code) {
      return Arrays.stream(values())
          .filter(kind -> kind.code.equals(code))
          .findFirst()
          .orElseThrow(
              () ->
                  new TypeConversionException(
                      Texts.of("measures.kind", code, Arrays.toString(values()))));
    }

    @Override
    public String toString() {
      return code;
    }
  }

  /** How the measures are written. */
  enum Format {
    TEXT,
    JSON;

    @Override
    public String toString() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  @Spec private CommandSpec spec;

  @Parameters(
      arity = "0..1",
      paramLabel = "FILE",
      description = "a table of text, XLSX or ODS, or a plain list; - for standard input")
  private @Nullable String file;

  @Option(names = "--values", paramLabel = "VALUES", description = "the values themselves")
  private @Nullable String values;

  @Option(
      names = "--lines",
      paramLabel = "FILE",
      description = "JSON Lines, one sample each; - for standard input")
  private @Nullable String lines;

  @Option(names = "--column", paramLabel = "NAME", description = "the column, by name or number")
  private @Nullable String column;

  @Option(
      names = "--kind",
      defaultValue = "raw",
      description = "what the columns are: ${COMPLETION-CANDIDATES} (default: raw)")
  private Kind kind = Kind.RAW;

  @Option(names = "--rule", paramLabel = "CODE=VALUE", description = "a course rule; repeatable")
  private Map<String, String> ruleCodes = Map.of();

  @Option(
      names = "--format",
      defaultValue = "text",
      description = "${COMPLETION-CANDIDATES} (default: text)")
  private Format format = Format.TEXT;

  @Option(names = "--trim", paramLabel = "SHARE", description = "also the trimmed mean, e.g. 0.1")
  private @Nullable String trim;

  @Option(
      names = "--percentile",
      paramLabel = "PERCENT",
      description = "also this percentile; repeatable")
  private List<String> percentiles = List.of();

  @Option(
      names = "--steps",
      paramLabel = "FILE",
      description = "first tidy the table by the steps saved in this file")
  private @Nullable String steps;

  @Mixin private ReadingOptions reading;

  private MeasuresCommand() {}

  @Override
  public Integer call() throws RefusedFileException, ColumnChoiceException, IOException {
    long inputs = Stream.of(file, values, lines).filter(i -> i != null).count();
    if (inputs != 1) {
      throw wrong(Texts.of("measures.one-input"));
    }
    if (kind == Kind.CLASSES) {
      throw wrong(Texts.of("measures.no-classes"));
    }
    CourseRules rules = rules();
    Extras extras = extras();
    if (lines != null) {
      answerLines(lines, rules);
    } else {
      print(values != null ? ofValues(values) : ofFile(String.valueOf(file)), rules, extras);
    }
    spec.commandLine().getOut().flush();
    return 0;
  }

  private CourseRules rules() {
    CourseRules rules = CourseRules.DEFAULTS;
    try {
      for (Map.Entry<String, String> code : ruleCodes.entrySet()) {
        rules = rules.with(code.getKey(), code.getValue());
      }
      return rules;
    } catch (IllegalArgumentException e) {
      throw wrong(e.getMessage());
    }
  }

  private Extras extras() {
    try {
      return Extras.of(Optional.ofNullable(trim), percentiles);
    } catch (IllegalArgumentException e) {
      throw wrong(e.getMessage());
    }
  }

  /** Data with what to call it. */
  private record Input(String source, Optional<String> column, Data data) {}

  private Input ofValues(String text) throws RefusedFileException {
    Typed typed =
        kind == Kind.RAW
            ? TypedValues.read(text, DecimalSign.POINT)
            : TypedTable.read(text, DecimalSign.POINT);
    if (!typed.unreadable().isEmpty()) {
      Entry first = typed.unreadable().get(0);
      throw new RefusedFileException(
          Texts.of("measures.values", ((Entry.Unreadable) first.content()).why().text()));
    }
    if (typed.problem().isPresent()) {
      throw new RefusedFileException(Texts.of("measures.values", typed.problem().get().text()));
    }
    return new Input("values", Optional.empty(), typed.data());
  }

  private Input ofFile(String name)
      throws RefusedFileException, ColumnChoiceException, IOException {
    DataSource source = ContentsCommand.source(name);
    ReadTable read = TableReader.read(source, choices(source), Progress.NONE);
    try {
      return kind == Kind.RAW
          ? ofColumn(read)
          : new Input(read.source(), Optional.empty(), TableData.frequencies(read));
    } catch (UnusableDataException e) {
      throw new RefusedFileException(Texts.of("measures.unusable", read.source(), e.getMessage()));
    }
  }

  /** Pairs of numbers could be a plain list, which a table of values and frequencies never is. */
  private ReadingChoices choices(DataSource source) throws RefusedFileException, IOException {
    ReadingChoices chosen = reading.choices();
    if (kind == Kind.RAW || chosen.of(Aspect.SEPARATOR).isPresent()) {
      return chosen;
    }
    String found = TableReader.recognise(source, chosen).of(Aspect.SEPARATOR);
    return found.equals("list") ? chosen.with(Aspect.SEPARATOR, "blanks") : chosen;
  }

  private Input ofColumn(ReadTable read) throws RefusedFileException, ColumnChoiceException {
    if (steps != null) {
      Table tidied = tidied(read, Path.of(steps));
      NumberColumn chosen = TableData.column(read.source(), tidied, Optional.ofNullable(column));
      return new Input(read.source(), Optional.of(chosen.name()), chosen.sample());
    }
    NumberColumn chosen = TableData.column(read, Optional.ofNullable(column));
    if (!chosen.toMend().isEmpty()) {
      throw new RefusedFileException(TableData.firstUnreadable(read, chosen));
    }
    return new Input(read.source(), Optional.of(chosen.name()), chosen.sample());
  }

  private static Table tidied(ReadTable read, Path steps) throws RefusedFileException {
    Replay replay = Replay.of(read.table()).with(StepsJson.read(steps));
    for (Replay.Stage stage : replay.stages()) {
      Optional<Message> problem = stage.outcome().problem();
      if (problem.isPresent()) {
        throw new RefusedFileException(
            Texts.of(
                "measures.step",
                steps.getFileName(),
                stage.outcome().what().text(),
                problem.get().text()));
      }
    }
    return replay.result();
  }

  private void print(Input input, CourseRules rules, Extras extras) {
    PrintWriter out = spec.commandLine().getOut();
    switch (format) {
      case JSON -> {
        ObjectNode node = JsonNodeFactory.instance.objectNode().put("source", input.source());
        input.column().ifPresent(name -> node.put("column", name));
        node.setAll(MeasuresJson.of(input.data(), rules, extras));
        out.println(node);
      }
      case TEXT -> {
        String title = input.column().map(c -> input.source() + ", " + c).orElse(input.source());
        MeasuresText.of(title, input.data(), rules, extras).forEach(out::println);
      }
    }
  }

  private void answerLines(String name, CourseRules rules)
      throws RefusedFileException, IOException {
    PrintWriter out = spec.commandLine().getOut();
    try (InputStream in = name.equals("-") ? System.in : Files.newInputStream(Path.of(name));
        BufferedReader reader =
            new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      for (String line = reader.readLine(); line != null; line = reader.readLine()) {
        if (!line.isBlank()) {
          out.println(MeasureLines.answer(line, rules));
        }
      }
    } catch (NoSuchFileException e) {
      throw new RefusedFileException(Texts.of("measures.no-file", name));
    }
  }

  private ParameterException wrong(String message) {
    return new ParameterException(spec.commandLine(), message);
  }
}
