package promedio.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import promedio.core.message.Texts;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.files.RefusedFileException;
import promedio.files.report.CategoryText;
import promedio.files.report.GroupingText;
import promedio.files.table.ColumnChoiceException;

/** A class table of one sample. */
@Command(name = "group", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class GroupCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Mixin private SampleInput input;

  @Mixin private ClassesInput classes;

  @Mixin private CategoriesInput categories;

  @Option(
      names = "--format",
      defaultValue = "csv",
      paramLabel = "${bundle:label.format}",
      descriptionKey = "option.group.format")
  private String format = "csv";

  private GroupCommand() {}

  @Override
  public Integer call() throws RefusedFileException, ColumnChoiceException, IOException {
    CourseRules rules = input.rules(spec);
    SampleInput.Input read = input.readOne(spec);
    PrintWriter out = spec.commandLine().getOut();
    Optional<Categories> counted = read.data().categories();
    if (counted.isPresent()) {
      write(categories.ordered(counted.get(), spec), rules, out);
      out.flush();
      return 0;
    }
    ClassTable table = classes.classes(read.data(), rules, spec);
    switch (format) {
      case "csv" -> out.print(GroupingText.csv(table));
      case "text" -> GroupingText.lines(table, rules).forEach(out::println);
      case "advice" -> GroupingText.advice(read.data(), rules).forEach(out::println);
      case "beside" -> GroupingText.besideRaw(read.data(), table, rules).forEach(out::println);
      default -> throw new ParameterException(spec.commandLine(), Texts.of("group.format", format));
    }
    out.flush();
    return 0;
  }

  private void write(Categories counted, CourseRules rules, PrintWriter out)
      throws RefusedFileException {
    if (counted.rows().isEmpty()) {
      throw new RefusedFileException(Texts.of("group.empty"));
    }
    switch (format) {
      case "csv" -> out.print(CategoryText.csv(counted));
      case "text" -> CategoryText.lines(counted, rules).forEach(out::println);
      default ->
          throw new ParameterException(spec.commandLine(), Texts.of("category.format", format));
    }
  }
}
