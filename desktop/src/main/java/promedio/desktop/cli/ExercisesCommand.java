package promedio.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.assignment.Assignment;
import promedio.desktop.Texts;
import promedio.desktop.work.ExerciseSheets;
import promedio.document.DocumentFormat;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AssignmentFile;
import promedio.files.table.Progress;

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
    if (variants < 1 || variants > ExerciseSheets.MOST) {
      throw wrong(Texts.of("exercises.variants", variants, ExerciseSheets.MOST));
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
    if (!force && ExerciseSheets.isFilled(into)) {
      throw wrong(Texts.of("exercises.there", into));
    }
    new ExerciseSheets(sheet, variants, seed, nice, as).into(into, Progress.NONE);
    PrintWriter out = spec.commandLine().getOut();
    out.println(into);
    out.println(Texts.of("exercises.done", variants));
    return 0;
  }

  private ParameterException wrong(String why) {
    return new ParameterException(spec.commandLine(), why);
  }
}
