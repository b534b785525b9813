package promedio.desktop.cli;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
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
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
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

  /** A longer first line is no head of answers. */
  private static final int LONGEST_HEAD = 1 << 16;

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
      descriptionKey = "option.mark.format")
  private @Nullable Format format;

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

  @Option(names = "--with-results", descriptionKey = "option.mark.with-results")
  private boolean withResults;

  @Option(names = "--students", descriptionKey = "option.mark.students")
  private boolean students;

  @Mixin private OverwriteOption overwrite;

  private MarkCommand() {}

  @Override
  public Integer call() throws RefusedFileException, IOException {
    CourseRules course = RuleOption.read(rules, spec);
    boolean onlyOfCsv = counts || report != null || key != null || students;
    if (format == Format.JSON && onlyOfCsv) {
      throw new ParameterException(spec.commandLine(), Texts.of("mark.only-csv"));
    }
    Path into = report;
    for (String file : into == null ? List.<String>of() : files) {
      if (Inputs.isSame(file, into)) {
        throw new ParameterException(spec.commandLine(), Texts.of("mark.onto-input", into));
      }
    }
    if (into != null) {
      overwrite.check(into, spec);
    }
    int code = 0;
    if (format == Format.CSV || onlyOfCsv) {
      List<DataSource> sources = new ArrayList<>();
      for (String file : files) {
        sources.add(Inputs.source(file));
      }
      code = markAnswers(sources, course);
    } else {
      for (String file : files) {
        code = Math.max(code, markOne(file, course));
      }
    }
    spec.commandLine().getOut().flush();
    return code;
  }

  private int markOne(String file, CourseRules course) throws RefusedFileException, IOException {
    try (InputStream in = new BufferedInputStream(Inputs.open(file), LONGEST_HEAD)) {
      if (format == null && ClassAnswersReader.isCsv(head(in))) {
        return markAnswers(List.of(Inputs.source(file, in)), course);
      }
      return new Batch(spec.commandLine().getOut(), line -> lines().mark(line, course)).answer(in);
    }
  }

  /** The first line, which is read again after it. */
  private static String head(InputStream in) throws IOException {
    in.mark(LONGEST_HEAD);
    ByteArrayOutputStream line = new ByteArrayOutputStream();
    for (int one = in.read();
        one >= 0 && one != '\n' && line.size() < LONGEST_HEAD - 1;
        one = in.read()) {
      line.write(one);
    }
    in.reset();
    return line.toString(StandardCharsets.UTF_8).strip();
  }

  private int markAnswers(List<DataSource> sources, CourseRules course)
      throws IOException, RefusedFileException {
    Path keyed = key;
    ClassAnswersReader reader =
        keyed == null
            ? new ClassAnswersReader(course, DecimalSign.POINT, name -> Optional.empty())
            : ClassAnswersReader.of(
                AnswerKey.read(TextFile.read(DataSource.of(keyed))), DecimalSign.POINT);
    ClassAnswers answers = ClassAnswersReader.all(sources, reader::csv, Progress.NONE);
    Path into = report;
    if (into != null) {
      SafeWrite.write(into, answers.csv().getBytes(StandardCharsets.UTF_8));
    }
    print(answers);
    return answers.refused() == 0 ? 0 : PromedioCommand.UNUSABLE;
  }

  private void print(ClassAnswers answers) {
    PrintWriter out = spec.commandLine().getOut();
    if (students) {
      out.print(answers.studentsCsv());
    } else if (counts) {
      answers.verdicts().forEach((verdict, times) -> out.println(times + "  " + verdict.code()));
      for (ClassAnswers.Count count : answers.counts()) {
        out.println(count.times() + "  " + count.measure() + ": " + count.code());
      }
    } else {
      answers.rows().forEach(row -> out.println(lines().json(row)));
    }
  }

  private MarkLines lines() {
    return new MarkLines(withResults);
  }
}
