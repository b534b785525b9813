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
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.files.ByteLines;
import promedio.files.RefusedFileException;
import promedio.files.SafeWrite;
import promedio.files.answers.AnswerKey;
import promedio.files.answers.ClassAnswers;
import promedio.files.answers.ClassAnswersReader;
import promedio.files.answers.MarkLines;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TextFile;

/** Judges answers. */
@Command(name = "mark", mixinStandardHelpOptions = true, addMethodSubcommands = false)
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
      arity = "0..*",
      paramLabel = "${bundle:label.file}",
      defaultValue = "-",
      descriptionKey = "option.mark.parameter")
  private List<String> files = List.of("-");

  @Option(
      names = "--format",
      paramLabel = "${bundle:label.format}",
      defaultValue = "json",
      descriptionKey = "option.mark.format")
  private Format format = Format.JSON;

  @Option(
      names = "--rule",
      paramLabel = "${bundle:label.code-value}",
      descriptionKey = "option.mark.rule")
  private List<String> rules = List.of();

  @Option(
      names = "--report",
      paramLabel = "${bundle:label.file}",
      descriptionKey = "option.mark.report")
  private @Nullable Path report;

  @Option(names = "--counts", descriptionKey = "option.mark.counts")
  private boolean counts;

  @Option(names = "--key", paramLabel = "${bundle:label.file}", descriptionKey = "option.mark.key")
  private @Nullable Path key;

  @Option(names = "--students", descriptionKey = "option.mark.students")
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
    for (String file : into == null ? List.<String>of() : files) {
      if (Inputs.isSame(file, into)) {
        throw new ParameterException(spec.commandLine(), Texts.of("mark.onto-input", into));
      }
    }
    if (format == Format.CSV) {
      markAnswers(course);
    } else {
      for (String file : files) {
        try (InputStream in = Inputs.open(file)) {
          markLines(new ByteLines(in), course);
        }
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

  private void markAnswers(CourseRules course) throws IOException, RefusedFileException {
    Path keyed = key;
    ClassAnswersReader reader =
        keyed == null
            ? new ClassAnswersReader(course, DecimalSign.POINT, name -> Optional.empty())
            : ClassAnswersReader.of(
                AnswerKey.read(TextFile.read(DataSource.of(keyed))), DecimalSign.POINT);
    List<DataSource> sources = new ArrayList<>();
    for (String file : files) {
      sources.add(Inputs.source(file));
    }
    ClassAnswers answers = ClassAnswersReader.all(sources, reader::csv, Progress.NONE);
    Path into = report;
    if (into != null) {
      SafeWrite.write(into, answers.csv().getBytes(StandardCharsets.UTF_8));
    }
    PrintWriter out = spec.commandLine().getOut();
    if (students) {
      out.print(answers.studentsCsv());
    } else if (counts) {
      answers.verdicts().forEach((verdict, times) -> out.println(times + "  " + verdict.code()));
      for (ClassAnswers.Count count : answers.counts()) {
        out.println(count.times() + "  " + count.measure() + ": " + count.code());
      }
    } else {
      answers.rows().forEach(row -> out.println(MarkLines.json(row)));
    }
  }
}
