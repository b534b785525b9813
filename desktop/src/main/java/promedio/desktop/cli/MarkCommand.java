package promedio.desktop.cli;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
import promedio.files.RefusedFileException;
import promedio.files.pile.MarkLines;
import promedio.files.pile.Pile;
import promedio.files.pile.PileReader;
import promedio.files.table.Progress;

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
      "The columns of CSV: id, values (parted by spaces), measure, answer; part may stand besides."
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
  private Map<String, String> rules = Map.of();

  @Option(
      names = "--report",
      paramLabel = "FILE",
      description = "of CSV: a row for each answer with its mark, as CSV")
  private @Nullable Path report;

  @Option(
      names = "--counts",
      description = "of CSV: how often each verdict and each slip occurs, instead of each mark")
  private boolean counts;

  private MarkCommand() {}

  @Override
  public Integer call() throws RefusedFileException, IOException {
    CourseRules course = course();
    if (format == Format.JSON && (counts || report != null)) {
      throw new ParameterException(spec.commandLine(), Texts.of("mark.only-csv"));
    }
    try (InputStream in = file.equals("-") ? System.in : Files.newInputStream(Path.of(file));
        BufferedReader reader =
            new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      if (format == Format.JSON) {
        markLines(reader, course);
      } else {
        markPile(reader, course);
      }
    } catch (NoSuchFileException e) {
      throw new RefusedFileException(Texts.of("measures.no-file", file));
    }
    spec.commandLine().getOut().flush();
    return 0;
  }

  private CourseRules course() {
    try {
      CourseRules course = CourseRules.DEFAULTS;
      for (Map.Entry<String, String> rule : rules.entrySet()) {
        course = course.with(rule.getKey(), rule.getValue());
      }
      return course;
    } catch (IllegalArgumentException e) {
      throw new ParameterException(spec.commandLine(), e.getMessage(), e);
    }
  }

  private void markLines(BufferedReader reader, CourseRules course) throws IOException {
    List<String> together = new ArrayList<>();
    for (String line = reader.readLine(); line != null; line = reader.readLine()) {
      if (!line.isBlank()) {
        together.add(line);
      }
      // Whoever waits for an answer to the one line that came gets it at once.
      if (together.size() >= TOGETHER || !reader.ready()) {
        print(together, course);
      }
    }
    print(together, course);
  }

  private void print(List<String> together, CourseRules course) {
    PrintWriter out = spec.commandLine().getOut();
    together.parallelStream()
        .map(line -> MarkLines.mark(line, course))
        .toList()
        .forEach(out::println);
    out.flush();
    together.clear();
  }

  private void markPile(BufferedReader reader, CourseRules course)
      throws IOException, RefusedFileException {
    StringBuilder text = new StringBuilder();
    reader.lines().forEach(line -> text.append(line).append('\n'));
    Pile pile =
        new PileReader(course, DecimalSign.POINT, name -> Optional.empty())
            .csv(text.toString(), Progress.NONE);
    Path into = report;
    if (into != null) {
      Files.writeString(into, pile.csv());
    }
    PrintWriter out = spec.commandLine().getOut();
    if (counts) {
      pile.verdicts().forEach((verdict, times) -> out.println(times + "  " + verdict.code()));
      for (Pile.Count count : pile.counts()) {
        out.println(count.times() + "  " + count.measure() + ": " + count.code());
      }
    } else {
      pile.rows().forEach(row -> out.println(MarkLines.json(row)));
    }
  }
}
