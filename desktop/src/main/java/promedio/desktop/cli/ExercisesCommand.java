package promedio.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import promedio.core.assignment.Assignment;
import promedio.core.message.Texts;
import promedio.desktop.work.ExerciseSheets;
import promedio.document.DocumentFormat;
import promedio.files.RefusedFileException;
import promedio.files.table.Progress;

/** Exercise sheets, each with data of its own. */
@Command(name = "exercises", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class ExercisesCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Mixin private AssignmentInput input;

  @Option(
      names = "--variants",
      defaultValue = "1",
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.exercises.variants")
  private int variants = 1;

  @Option(
      names = "--seed",
      defaultValue = "1",
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.exercises.seed")
  private long seed = 1;

  @Option(names = "--nice", descriptionKey = "option.exercises.nice")
  private boolean nice;

  @Option(
      names = "--into",
      required = true,
      paramLabel = "${bundle:label.folder}",
      descriptionKey = "option.exercises.into")
  private Path into = Path.of("");

  @Option(
      names = "--format",
      paramLabel = "${bundle:label.format}",
      descriptionKey = "option.exercises.format")
  private String format = "pdf";

  @Mixin private OverwriteOption overwrite;

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
    Assignment sheet = input.read(spec);
    if (sheet.parts().isEmpty()) {
      throw new RefusedFileException(Texts.of("exercises.no-parts", input.file()));
    }
    Optional<String> problem = ExerciseSheets.problem(sheet);
    if (problem.isPresent()) {
      throw new RefusedFileException(problem.get());
    }
    if (!overwrite.isAllowed() && ExerciseSheets.isFilled(into)) {
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
