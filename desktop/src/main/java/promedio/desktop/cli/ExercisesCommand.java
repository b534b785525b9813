package promedio.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.assignment.Assignment;
import promedio.core.practice.Variants;
import promedio.desktop.Texts;
import promedio.desktop.projection.handin.ExerciseSheet;
import promedio.desktop.projection.handin.HandIn;
import promedio.desktop.projection.handin.HandInChoice;
import promedio.desktop.projection.handin.HandInChoice.Content;
import promedio.document.Document;
import promedio.document.DocumentFormat;
import promedio.files.RefusedFileException;
import promedio.files.SafeWrite;
import promedio.files.assignment.AssignmentFile;
import promedio.files.pile.AnswerKey;

/** Exercise sheets, each with data of its own. */
@Command(
    name = "exercises",
    mixinStandardHelpOptions = true,
    description = {
      "Exercise sheets of an assignment, each with data of its own of the same kind: sheet-01.pdf,",
      "solution-01.pdf and so on, and key.jsonl, which marks the answers of a class."
    },
    footer = {
      "",
      "Examples:",
      "  promedio exercises sheet.promedio --variants 30 --seed 7 --into sheets",
      "  promedio mark answers.csv --format csv --key sheets/key.jsonl --students"
    })
final class ExercisesCommand implements Callable<Integer> {

  private static final int MOST = 1000;

  @Spec private CommandSpec spec;

  @Parameters(
      paramLabel = "ASSIGNMENT",
      description = "an assignment whose parts ask what the sheets ask")
  private Path file = Path.of("");

  @Option(
      names = "--variants",
      defaultValue = "1",
      paramLabel = "NUMBER",
      description = "how many sheets (default: 1)")
  private int variants = 1;

  @Option(
      names = "--seed",
      defaultValue = "1",
      paramLabel = "NUMBER",
      description = "what chance begins with: the same seed gives the same sheets (default: 1)")
  private long seed = 1;

  @Option(names = "--nice", description = "data whose mean and variance have few decimals")
  private boolean nice;

  @Option(
      names = "--into",
      required = true,
      paramLabel = "FOLDER",
      description = "where the sheets go; it is made where it is not there")
  private Path into = Path.of("");

  @Option(names = "--format", description = "pdf, html, tex or md (default: pdf)")
  private String format = "pdf";

  @Option(names = "--force", description = "replace the sheets that are in the folder")
  private boolean force;

  private ExercisesCommand() {}

  @Override
  public Integer call() throws RefusedFileException, IOException {
    if (variants < 1 || variants > MOST) {
      throw wrong(Texts.of("exercises.variants", variants, MOST));
    }
    DocumentFormat as =
        DocumentFormat.of(Path.of("sheet." + format))
            .orElseThrow(
                () ->
                    wrong(
                        Texts.of(
                            "handin.ending", format, String.join(", ", DocumentFormat.endings()))));
    Assignment sheet = AssignmentFile.read(file);
    if (sheet.parts().isEmpty()) {
      throw new RefusedFileException(Texts.of("exercises.no-parts", file));
    }
    if (!force && isFilled(into)) {
      throw wrong(Texts.of("exercises.there", into));
    }
    Files.createDirectories(into);
    write(new Variants(sheet, seed, nice), as);
    PrintWriter out = spec.commandLine().getOut();
    out.println(into);
    out.println(Texts.of("exercises.done", variants));
    return 0;
  }

  private static boolean isFilled(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      return Files.exists(folder);
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files.findAny().isPresent();
    }
  }

  private void write(Variants drawn, DocumentFormat as) throws IOException {
    List<AnswerKey.Entry> key = new ArrayList<>();
    int digits = Math.max(2, String.valueOf(variants).length());
    for (int i = 1; i <= variants; i++) {
      String number = String.format(Locale.ROOT, "%0" + digits + "d", i);
      Assignment variant = drawn.variant(i);
      key.addAll(ExerciseSheet.key(variant, number));
      String name = variant.title();
      Set<Content> all =
          EnumSet.of(
              Content.RULES, Content.DATA, Content.GRAPHS, Content.RESULTS, Content.WORKINGS);
      write(
          document(
              variant,
              Texts.of("exercises.variant", name, number),
              EnumSet.of(Content.RULES, Content.DATA)),
          as,
          "sheet-" + number);
      write(
          document(variant, Texts.of("exercises.solution", name, number), all),
          as,
          "solution-" + number);
    }
    SafeWrite.write(
        into.resolve("key.jsonl"), AnswerKey.write(key).getBytes(StandardCharsets.UTF_8));
  }

  private static Document document(Assignment variant, String title, Set<Content> contents) {
    HandInChoice usual = HandInChoice.usual(variant);
    return HandIn.of(
        variant.withTitle(title), new HandInChoice(usual.sections(), usual.leftOut(), contents));
  }

  private void write(Document document, DocumentFormat as, String name) throws IOException {
    Path target = into.resolve(name + as.ending());
    as.write(document, target).into(target);
  }

  private ParameterException wrong(String why) {
    return new ParameterException(spec.commandLine(), why);
  }
}
