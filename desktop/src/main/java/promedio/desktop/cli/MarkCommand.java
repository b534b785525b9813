package promedio.desktop.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.desktop.Texts;
import promedio.files.ByteLines;
import promedio.files.RefusedFileException;
import promedio.files.SafeWrite;
import promedio.files.pile.AnswerKey;
import promedio.files.pile.MarkLines;
import promedio.files.pile.Pile;
import promedio.files.pile.PileReader;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TextFile;

/** Judges answers. */
@Command(
    name = "mark",
    mixinStandardHelpOptions = true,
    description = "What answers are worth, and which single slip would explain each.",
    footer = {
      "",
      "Examples:",
      "  promedio mark answers.jsonl",
      "  promedio mark - < answers.jsonl > marks.jsonl",
      "  promedio mark class.csv --format csv --report marks.csv --counts",
      "",
      "A line of JSON Lines:",
      "  {\"id\":\"a1\",\"values\":[\"8\",\"10\",\"11\"],\"measure\":\"variance\",\"answer\":\"2.33\"}",
      "The columns of CSV: id, values (separated by spaces), measure, answer; part may stand besides."
    })
final class MarkCommand implements Callable<Integer> {

  /** So many lines are marked together, on all processors. */
  private static final int TOGETHER = 512;

  /** How the answers are written. */
  enum Format {
    JSON,
    CSV;

    @Override
    public String toString() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  @Spec private CommandSpec spec;

  @Parameters(
      arity = "0..1",
      paramLabel = "FILE",
      defaultValue = "-",
      description = "the answers; - for standard input (default)")
  private String file = "-";

  @Option(
      names = "--format",
      defaultValue = "json",
      description = "how the answers are written: ${COMPLETION-CANDIDATES} (default: json)")
  private Format format = Format.JSON;

  @Option(
      names = "--rule",
      paramLabel = "CODE=VALUE",
      description = "a course rule, where a line names none; repeatable")
  private List<String> rules = List.of();

  @Option(
      names = "--report",
      paramLabel = "FILE",
      description = "of CSV: a row for each answer with its mark, as CSV")
  private @Nullable Path report;

  @Option(
      names = "--counts",
      description = "of CSV: how often each verdict and each slip occurs, instead of each mark")
  private boolean counts;

  @Option(
      names = "--key",
      paramLabel = "FILE",
      description = "of CSV: the key of exercise sheets; the columns are id, variant, part, answer")
  private @Nullable Path key;

  @Option(
      names = "--students",
      description =
          "of CSV: a row for each student, with how many answers are right and what went wrong")
  private boolean students;

  private MarkCommand() {}

  @Override
  public Integer call() throws RefusedFileException, IOException {
    CourseRules course = RuleOption.read(rules, spec);
    if (format == Format.JSON && (counts || report != null)) {
      throw new ParameterException(spec.commandLine(), Texts.of("mark.only-csv"));
    }
    if (format == Format.JSON && (key != null || students)) {
      throw new ParameterException(spec.commandLine(), Texts.of("mark.key-csv"));
    }
    Path into = report;
    if (into != null && Inputs.isSame(file, into)) {
      throw new ParameterException(spec.commandLine(), Texts.of("mark.onto-input", into));
    }
    if (format == Format.CSV) {
      markPile(course);
    } else {
      try (InputStream in = Inputs.open(file)) {
        markLines(new ByteLines(in), course);
      }
    }
    spec.commandLine().getOut().flush();
    return 0;
  }

  private void markLines(ByteLines lines, CourseRules course) throws IOException {
    List<ByteLines.Line> together = new ArrayList<>();
    for (var line = lines.next(); line.isPresent(); line = lines.next()) {
      if (!line.get().text().isBlank() || line.get().problem().isPresent()) {
        together.add(line.get());
      }
      // Whoever waits for an answer to the one line that came gets it at once.
      if (together.size() >= TOGETHER || lines.isWaiting()) {
        print(together, course);
      }
    }
    print(together, course);
  }

  private void print(List<ByteLines.Line> together, CourseRules course) {
    PrintWriter out = spec.commandLine().getOut();
    together.parallelStream()
        .map(line -> MarkLines.mark(line, course))
        .toList()
        .forEach(out::println);
    out.flush();
    together.clear();
  }

  private void markPile(CourseRules course) throws IOException, RefusedFileException {
    Path answers = key;
    PileReader reader =
        answers == null
            ? new PileReader(course, DecimalSign.POINT, name -> Optional.empty())
            : PileReader.of(
                AnswerKey.read(TextFile.read(DataSource.of(answers))), DecimalSign.POINT);
    Pile pile = reader.csv(TextFile.read(Inputs.source(file)), Progress.NONE);
    Path into = report;
    if (into != null) {
      SafeWrite.write(into, pile.csv().getBytes(StandardCharsets.UTF_8));
    }
    PrintWriter out = spec.commandLine().getOut();
    if (students) {
      out.print(pile.studentsCsv());
    } else if (counts) {
      pile.verdicts().forEach((verdict, times) -> out.println(times + "  " + verdict.code()));
      for (Pile.Count count : pile.counts()) {
        out.println(count.times() + "  " + count.measure() + ": " + count.code());
      }
    } else {
      pile.rows().forEach(row -> out.println(MarkLines.json(row)));
    }
  }
}
