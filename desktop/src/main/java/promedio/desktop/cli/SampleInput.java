package promedio.desktop.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.TypeConversionException;
import promedio.core.entry.Entry;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedCategories;
import promedio.core.entry.TypedClasses;
import promedio.core.entry.TypedTable;
import promedio.core.entry.TypedValues;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Categories;
import promedio.core.sample.Data;
import promedio.core.table.Aspect;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.StepPipeline;
import promedio.files.RefusedFileException;
import promedio.files.table.ColumnChoiceException;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.ReadTable;
import promedio.files.table.TableData;
import promedio.files.table.TableReader;
import promedio.files.tidy.StepsJson;

/** One sample or table on the command line: where it is, how it is read, and the course rules. */
final class SampleInput {

  /** What the input holds. */
  enum Kind {
    RAW("raw"),
    VALUE_FREQUENCY("value-frequency"),
    CLASSES("classes"),
    CATEGORIES("categories"),
    PAIRS("pairs"),
    GROUPS("groups"),
    CROSS("cross"),
    COUNTS("counts");

    /** {@return whether it is data of more than one variable} */
    boolean isSeveral() {
      return EnumSet.of(PAIRS, GROUPS, CROSS, COUNTS).contains(this);
    }

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

  @Parameters(
      arity = "0..1",
      paramLabel = "${bundle:label.file}",
      descriptionKey = "option.sample-file")
  private @Nullable String file;

  @Option(
      names = "--values",
      paramLabel = "${bundle:label.values}",
      descriptionKey = "option.values")
  private @Nullable String values;

  @Option(names = "--column", paramLabel = "${bundle:label.name}", descriptionKey = "option.column")
  private @Nullable String column;

  @Option(
      names = "--kind",
      paramLabel = "${bundle:label.kind}",
      defaultValue = "raw",
      descriptionKey = "option.kind")
  private Kind kind = Kind.RAW;

  @Option(
      names = "--rule",
      paramLabel = "${bundle:label.code-value}",
      descriptionKey = "option.rule")
  private List<String> ruleCodes = List.of();

  @Option(names = "--steps", paramLabel = "${bundle:label.file}", descriptionKey = "option.steps")
  private @Nullable String steps;

  @Mixin private ReadingOptions reading;

  @Mixin private InvalidOption invalid;

  private SampleInput() {}

  /**
   * {@return the input, read, where only data of one variable make sense}
   *
   * @throws RefusedFileException if it cannot be used
   */
  Input readOne(CommandSpec spec) throws RefusedFileException, ColumnChoiceException, IOException {
    if (kind.isSeveral()) {
      throw new ParameterException(
          spec.commandLine(), Texts.of("input.not-several", spec.name(), kind));
    }
    return read(spec, Several.NONE);
  }

  /** Takes columns of a table together. */
  @FunctionalInterface
  interface Several {

    /** For where that is never asked for. */
    Several NONE =
        (source, table, kind) -> {
          throw new IllegalStateException(kind.toString());
        };

    /** {@return the columns that are taken, by their names; none where any may be} */
    default List<String> columns() {
      return List.of();
    }

    /** {@return data of more than one variable, of the kind} */
    Data of(String source, Table table, Kind kind) throws ColumnChoiceException, BadInputException;
  }

  /** {@return whether groups are named as the kind} */
  boolean isOfGroups() {
    return kind == Kind.GROUPS;
  }

  /** {@return the column that is named} */
  Optional<String> column() {
    return Optional.ofNullable(column);
  }

  /** {@return in how many ways the input is given; it should be one} */
  int given() {
    return (file == null ? 0 : 1) + (values == null ? 0 : 1);
  }

  /** {@return the course rules that are named} */
  CourseRules rules(CommandSpec spec) {
    return RuleOption.read(ruleCodes, spec);
  }

  /** {@return whether what is written there would replace what is read} */
  boolean isReplacedBy(Path output) throws IOException, RefusedFileException {
    return file != null && Inputs.isSame(file, output);
  }

  /** Data with what to call it. */
  record Input(String source, Optional<String> column, Data data) {}

  /**
   * {@return the input, read}
   *
   * @throws RefusedFileException if it cannot be used
   */
  Input read(CommandSpec spec, Several several)
      throws RefusedFileException, ColumnChoiceException, IOException {
    return read(spec, kind, several);
  }

  /**
   * {@return the input, read as this kind, whichever is named}
   *
   * @throws RefusedFileException if it cannot be used
   */
  Input read(CommandSpec spec, Kind as, Several several)
      throws RefusedFileException, ColumnChoiceException, IOException {
    if (given() != 1) {
      throw new ParameterException(spec.commandLine(), Texts.of("input.one"));
    }
    if (values == null) {
      return ofFile(String.valueOf(file), as, several, spec);
    }
    if (as.isSeveral()) {
      throw new ParameterException(spec.commandLine(), Texts.of("input.several-of-file", as));
    }
    return ofValues(values, spec);
  }

  private Input ofValues(String text, CommandSpec spec) throws RefusedFileException {
    Typed typed =
        switch (kind) {
          case RAW -> TypedValues.read(text, DecimalSign.POINT);
          case VALUE_FREQUENCY -> TypedTable.read(text, DecimalSign.POINT);
          case CATEGORIES -> TypedCategories.read(text, DecimalSign.POINT);
          case CLASSES -> TypedClasses.read(text.replaceAll("[,;]\\s+", "\n"), DecimalSign.POINT);
          case PAIRS, GROUPS, CROSS, COUNTS ->
              throw new RefusedFileException(Texts.of("input.several-of-file", kind));
        };
    invalid.take(
        typed.unreadable().stream()
            .map(entry -> ((Entry.Unreadable) entry.content()).why().text())
            .map(why -> Texts.of("measures.values", why))
            .toList(),
        spec);
    if (typed.problem().isPresent()) {
      throw new RefusedFileException(Texts.of("measures.values", typed.problem().get().text()));
    }
    if (typed.data().categories().isEmpty() && typed.data().tally().isEmpty()) {
      throw new RefusedFileException(Texts.of("measures.no-values"));
    }
    return new Input("values", Optional.empty(), typed.data());
  }

  private Input ofFile(String name, Kind as, Several several, CommandSpec spec)
      throws RefusedFileException, ColumnChoiceException, IOException {
    DataSource source = Inputs.source(name);
    ReadTable read = TableReader.read(source, choices(source), Progress.NONE);
    try {
      return switch (as) {
        case RAW -> ofColumn(read, spec);
        case VALUE_FREQUENCY ->
            new Input(read.source(), Optional.empty(), TableData.frequencies(read));
        case CLASSES -> new Input(read.source(), Optional.empty(), TableData.classes(read));
        case CATEGORIES -> counted(read);
        case PAIRS, GROUPS, CROSS, COUNTS -> together(read, as, several, spec);
      };
    } catch (BadInputException e) {
      throw new RefusedFileException(Texts.of("measures.unusable", read.source(), e.getMessage()));
    }
  }

  /** Pairs of numbers could be a plain list, which a table of values and frequencies never is. */
  private ReadingChoices choices(DataSource source) throws RefusedFileException, IOException {
    ReadingChoices chosen = reading.choices();
    if (kind == Kind.COUNTS && chosen.of(Aspect.FOOT_ROWS).isEmpty()) {
      // The totals of printed counts are no note at the foot: they are checked.
      chosen = chosen.with(Aspect.FOOT_ROWS, "0");
    }
    boolean ofRows = kind == Kind.VALUE_FREQUENCY || kind == Kind.CLASSES || kind == Kind.PAIRS;
    if (!ofRows || chosen.of(Aspect.SEPARATOR).isPresent()) {
      return chosen;
    }
    String found = TableReader.recognise(source, chosen).of(Aspect.SEPARATOR);
    return found.equals("list") ? chosen.with(Aspect.SEPARATOR, "blanks") : chosen;
  }

  private Input ofColumn(ReadTable read, CommandSpec spec)
      throws RefusedFileException, ColumnChoiceException {
    NumberColumn chosen =
        TableData.column(read.source(), tidied(read), Optional.ofNullable(column));
    invalid.take(unreadable(read, List.of(chosen)), spec);
    return new Input(read.source(), Optional.of(chosen.name()), chosen.sample());
  }

  private Input together(ReadTable read, Kind as, Several several, CommandSpec spec)
      throws RefusedFileException, ColumnChoiceException, BadInputException {
    Table table = tidied(read);
    Data data = several.of(read.source(), table, as);
    invalid.take(unreadable(read, taken(table, several.columns())), spec);
    return new Input(read.source(), columnName(table), data);
  }

  /** Lines are those of the file, which has other rows after steps. */
  private List<String> unreadable(ReadTable read, List<NumberColumn> columns) {
    return columns.stream()
        .flatMap(
            each ->
                steps == null
                    ? TableData.unreadable(read, each).stream()
                    : each.toMend().values().stream()
                        .map(text -> Texts.of("input.invalid", each.name(), text)))
        .toList();
  }

  private List<NumberColumn> taken(Table table, List<String> named) {
    List<String> names = new ArrayList<>(named);
    column().ifPresent(names::add);
    return table.columns().stream()
        .filter(each -> names.isEmpty() || names.contains(each.name()))
        .filter(NumberColumn.class::isInstance)
        .map(NumberColumn.class::cast)
        .toList();
  }

  private Optional<String> columnName(Table table) {
    return column().flatMap(named -> TableData.column(table, named)).map(Column::name);
  }

  private Input counted(ReadTable read)
      throws RefusedFileException, ColumnChoiceException, BadInputException {
    Table table = tidied(read);
    if (column == null
        && table.columns().size() == 2
        && table.columns().get(1) instanceof NumberColumn frequencies
        && !frequencies.toMend().isEmpty()) {
      // A count without its number is no entry less: the table is another one.
      throw new RefusedFileException(String.join("\n", unreadable(read, List.of(frequencies))));
    }
    Categories counted = TableData.categories(read.source(), table, Optional.ofNullable(column));
    return new Input(read.source(), columnName(table), counted);
  }

  /** {@return the table after the steps that are asked for} */
  private Table tidied(ReadTable read) throws RefusedFileException {
    return steps == null ? read.table() : tidied(read, Inputs.path(steps));
  }

  private static Table tidied(ReadTable read, Path steps) throws RefusedFileException {
    StepPipeline pipeline = StepPipeline.of(read.table()).with(StepsJson.read(steps));
    for (StepPipeline.Stage stage : pipeline.stages()) {
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
    return pipeline.result();
  }
}
