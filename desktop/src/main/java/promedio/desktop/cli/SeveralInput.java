package promedio.desktop.cli;

import java.io.IOException;
import java.util.List;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import promedio.core.message.BadInputException;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.Groups;
import promedio.core.table.Table;
import promedio.files.RefusedFileException;
import promedio.files.table.ColumnChoiceException;
import promedio.files.table.PrintedCounts;
import promedio.files.table.SeveralColumns;

/** Data of any kind on the command line, those of more than one variable among them. */
final class SeveralInput {

  @Mixin private SampleInput input;

  @Option(
      names = "--columns",
      split = ",",
      paramLabel = "${bundle:label.name}",
      descriptionKey = "option.columns")
  private List<String> columns = List.of();

  @Option(
      names = "--by",
      split = ",",
      paramLabel = "${bundle:label.name}",
      descriptionKey = "option.by")
  private List<String> by = List.of();

  private final SampleInput.Several together = new Together();

  private SeveralInput() {}

  private final class Together implements SampleInput.Several {

    @Override
    public List<String> columns() {
      return columns;
    }

    @Override
    public Data of(String source, Table table, SampleInput.Kind kind)
        throws ColumnChoiceException, BadInputException {
      return together(source, table, kind);
    }
  }

  /** {@return in how many ways the input is given; it should be one} */
  int given() {
    return input.given();
  }

  /** {@return the course rules that are named} */
  CourseRules rules(CommandSpec spec) {
    return input.rules(spec);
  }

  /**
   * {@return the input, read}
   *
   * @throws RefusedFileException if it cannot be used
   */
  SampleInput.Input read(CommandSpec spec)
      throws RefusedFileException, ColumnChoiceException, IOException {
    return input.read(spec, together);
  }

  /**
   * {@return groups, whatever kind is named}
   *
   * @throws RefusedFileException if they cannot be used
   */
  Groups readGroups(CommandSpec spec)
      throws RefusedFileException, ColumnChoiceException, IOException {
    return input.read(spec, SampleInput.Kind.GROUPS, together).data().groups().orElseThrow();
  }

  private Data together(String source, Table table, SampleInput.Kind kind)
      throws ColumnChoiceException, BadInputException {
    return switch (kind) {
      case PAIRS -> SeveralColumns.pairs(source, table, columns);
      case GROUPS -> SeveralColumns.groups(source, table, input.column(), by, columns);
      case CROSS -> SeveralColumns.cross(source, table, columns);
      case COUNTS -> PrintedCounts.read(table);
      case RAW, VALUE_FREQUENCY, CLASSES, CATEGORIES ->
          throw new IllegalArgumentException(kind.toString());
    };
  }
}
