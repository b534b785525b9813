package promedio.desktop.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedCategories;
import promedio.core.entry.TypedValues;
import promedio.core.graph.GraphKind;
import promedio.core.graph.Height;
import promedio.core.grouping.Grouping;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;
import promedio.core.sample.Groups;
import promedio.core.table.ColumnPairing;
import promedio.core.table.NumberColumn;
import promedio.core.table.PairCategories;
import promedio.core.table.Table;
import promedio.files.RefusedFileException;
import promedio.files.table.ColumnChoiceException;
import promedio.files.table.SeveralColumns;
import promedio.graph.CategoryGraph;
import promedio.graph.Graph;
import promedio.graph.GraphExport;
import promedio.graph.Paper;
import promedio.graph.Picture;
import promedio.graph.PictureFormat;
import promedio.graph.ScatterGraph;

/** A graph, as a picture. */
@Command(name = "draw", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class DrawCommand implements Callable<Integer> {

  private static final String SCATTER = "scatter";
  private static final ClassTable NO_CLASSES = ClassTable.NONE;

  @Spec private CommandSpec spec;

  @Mixin private SampleInput input;

  @Mixin private ClassesInput classes;

  @Mixin private CategoriesInput categories;

  @Option(
      names = "--graph",
      required = true,
      paramLabel = "${bundle:label.graph}",
      descriptionKey = "option.draw.graph")
  private String graphCode = "";

  @Option(
      names = "--into",
      required = true,
      paramLabel = "${bundle:label.file}",
      descriptionKey = "option.draw.into")
  private Path into = Path.of("");

  @Option(
      names = "--height",
      paramLabel = "${bundle:label.height}",
      descriptionKey = "option.draw.height")
  private @Nullable String heightCode;

  @Option(
      names = "--title",
      paramLabel = "${bundle:label.text}",
      descriptionKey = "option.draw.title")
  private String title = "";

  @Option(
      names = "--x-name",
      paramLabel = "${bundle:label.text}",
      descriptionKey = "option.draw.x-name")
  private @Nullable String xName;

  @Option(
      names = "--ticks",
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.draw.ticks")
  private @Nullable String ticks;

  @Option(
      names = "--mark",
      split = ",",
      paramLabel = "${bundle:label.key}",
      descriptionKey = "option.draw.mark")
  private List<String> marks = List.of();

  @Option(
      names = "--percentile",
      paramLabel = "${bundle:label.percent}",
      descriptionKey = "option.draw.percentile")
  private List<String> percentiles = List.of();

  @Option(
      names = "--also",
      paramLabel = "${bundle:label.name-values}",
      descriptionKey = "option.draw.also")
  private Map<String, String> also = Map.of();

  @Option(
      names = "--columns",
      split = ",",
      paramLabel = "${bundle:label.name}",
      descriptionKey = "option.draw.columns")
  private List<String> columns = List.of();

  @Option(
      names = "--y-name",
      paramLabel = "${bundle:label.text}",
      descriptionKey = "option.draw.y-name")
  private @Nullable String yName;

  @Option(names = "--line", descriptionKey = "option.draw.line")
  private boolean withLine;

  @Option(
      names = "--size",
      defaultValue = "720x450",
      paramLabel = "${bundle:label.wxh}",
      descriptionKey = "option.draw.size")
  private String size = "720x450";

  @Option(
      names = "--dpi",
      defaultValue = "144",
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.draw.dpi")
  private int dpi = 144;

  @Mixin private OverwriteOption overwrite;

  private DrawCommand() {}

  @Override
  public Integer call() throws RefusedFileException, ColumnChoiceException, IOException {
    Optional<GraphKind> kind = GraphKind.ofCode(graphCode);
    if (kind.isEmpty() && !graphCode.equals(SCATTER)) {
      throw wrong(Texts.of("draw.kind", graphCode, GraphKind.codes()));
    }
    PictureFormat format =
        PictureFormat.of(into).orElseThrow(() -> wrong(Texts.of("draw.ending", into.toString())));
    if (input.isReplacedBy(into)) {
      throw wrong(Texts.of("draw.onto-input", into));
    }
    overwrite.check(into, spec);
    Paper paper = paper(format);
    CourseRules rules = input.rules(spec);
    GraphExport export = kind.isPresent() ? of(kind.get(), rules, paper) : ofPairs(rules, paper);
    format.write(export, dpi, into);
    spec.commandLine().getOut().println(into);
    return 0;
  }

  private GraphExport of(GraphKind kind, CourseRules rules, Paper paper)
      throws RefusedFileException, ColumnChoiceException, IOException {
    List<String> factors = classes.factorsOf(input.isOfGroups());
    SampleInput.Input read =
        input.read(
            spec, (source, table, as) -> together(source, table, as, input.column(), factors));
    Picture graph =
        read.data().categories().isPresent()
            ? categoryGraph(kind, rules, read, read.data().categories().get())
            : graph(kind, rules, read);
    try {
      return GraphExport.of(graph, paper.width(), paper.height());
    } catch (BadInputException e) {
      throw new RefusedFileException(e.getMessage());
    }
  }

  private GraphExport ofPairs(CourseRules rules, Paper paper)
      throws RefusedFileException, ColumnChoiceException, IOException {
    List<String> names = new ArrayList<>();
    List<PairCategories> told = new ArrayList<>();
    List<String> by = classes.factorsOf(true);
    SampleInput.Input read =
        input.read(
            spec,
            SampleInput.Kind.PAIRS,
            (source, table, as) -> {
              List<NumberColumn> two = SeveralColumns.two(source, table, columns);
              two.forEach(column -> names.add(column.name()));
              for (String factor : by) {
                told.add(SeveralColumns.categories(source, table, two, factor));
              }
              return ColumnPairing.pairs(two.get(0), two.get(1));
            });
    ScatterGraph graph =
        new ScatterGraph(
            read.data().pairs().orElseThrow(),
            title,
            xName == null ? names.get(0) : xName,
            yName == null ? names.get(1) : yName,
            categories(by, told),
            withLine ? Set.of(ScatterGraph.Extra.LINE) : Set.of(),
            OptionalInt.empty(),
            rules,
            DecimalSign.spoken());
    try {
      return GraphExport.of(graph, paper.width(), paper.height());
    } catch (BadInputException e) {
      throw new RefusedFileException(e.getMessage());
    }
  }

  private Optional<PairCategories> categories(List<String> by, List<PairCategories> told) {
    if (by.size() > 1) {
      throw wrong(Texts.of("draw.one-category", by.size()));
    }
    Optional<PairCategories> categories = told.stream().findFirst();
    int different = categories.map(each -> each.names().size()).orElse(0);
    if (different > ScatterGraph.MOST_CATEGORIES) {
      throw wrong(Texts.of("draw.many-marks", by.get(0), different, ScatterGraph.MOST_CATEGORIES));
    }
    return categories;
  }

  private static Data together(
      String source,
      Table table,
      SampleInput.Kind kind,
      Optional<String> column,
      List<String> factors)
      throws ColumnChoiceException, BadInputException {
    if (kind != SampleInput.Kind.GROUPS) {
      throw Texts.refusal("draw.no-graph-of", kind);
    }
    return SeveralColumns.groups(source, table, column, factors, List.of());
  }

  private Graph graph(GraphKind kind, CourseRules rules, SampleInput.Input read)
      throws RefusedFileException {
    List<Graph.Series> series = new ArrayList<>();
    if (read.data().groups().isPresent()) {
      addGroups(series, kind, read.data().groups().get(), rules);
    } else {
      series.add(first(kind, read, rules));
    }
    for (Map.Entry<String, String> other : also.entrySet()) {
      Typed typed = TypedValues.read(other.getValue(), DecimalSign.POINT);
      if (!typed.unreadable().isEmpty() || typed.data().tally().isEmpty()) {
        throw wrong(Texts.of("draw.also", other.getKey()));
      }
      series.add(beside(other.getKey(), typed.data(), series.get(0).classes(), rules));
    }
    Height height = heightCode == null ? Graph.proposed(kind, series.get(0).classes()) : height();
    if (!Graph.fits(height, kind)) {
      throw wrong(Texts.of("draw.no-density-of", kind.code()));
    }
    String axis = xName == null ? read.column().orElse(Texts.of("draw.values")) : xName;
    return new Graph(
        kind,
        series,
        height,
        title,
        new Graph.Axis(
            axis, Optional.ofNullable(ticks).map(text -> NumberOption.read("--ticks", text, spec))),
        new Graph.Marked(marked(), percentiles(), Optional.empty()),
        rules,
        DecimalSign.spoken());
  }

  /** All groups on one scale and in the classes of all values together. */
  private void addGroups(
      List<Graph.Series> series, GraphKind kind, Groups groups, CourseRules rules) {
    ClassTable all = kind.needsClasses() ? classes.classes(groups.all(), rules, spec) : NO_CLASSES;
    for (Groups.Group group : groups.samples()) {
      series.add(beside(group.name(), group.sample(), all, rules));
    }
  }

  private Graph.Series first(GraphKind kind, SampleInput.Input read, CourseRules rules)
      throws RefusedFileException {
    Data data = read.data();
    if (data.tally().isEmpty()) {
      throw new RefusedFileException(Texts.of("group.empty"));
    }
    boolean needs = kind.needsClasses();
    if (data.classes().isPresent() && !needs && kind != GraphKind.BOX) {
      throw wrong(Texts.of("draw.of-classes", kind.code()));
    }
    return new Graph.Series(
        read.column().orElse(read.source()),
        data,
        needs ? classes.classes(data, rules, spec) : NO_CLASSES);
  }

  /** Another sample is put into the same classes, so that the bars can be compared. */
  private Graph.Series beside(String name, Data data, ClassTable first, CourseRules rules) {
    if (first.rows().isEmpty()) {
      return new Graph.Series(name, data, NO_CLASSES);
    }
    try {
      return new Graph.Series(
          name, data, Grouping.alike(data, first, rules.get(Rule.CLASS_END)).table());
    } catch (BadInputException e) {
      throw new ParameterException(
          spec.commandLine(), Texts.of("draw.also-classes", name, e.getMessage()), e);
    }
  }

  private List<Exact> percentiles() {
    List<Exact> read = new ArrayList<>();
    for (String text : percentiles) {
      Exact percent = NumberOption.read("--percentile", text, spec);
      if (percent.signum() < 0 || percent.compareTo(Exact.of(100)) > 0) {
        throw wrong(Texts.of("draw.percentile", text));
      }
      read.add(percent);
    }
    return read;
  }

  private CategoryGraph categoryGraph(
      GraphKind kind, CourseRules rules, SampleInput.Input read, Categories counted)
      throws RefusedFileException {
    if (kind != GraphKind.BAR) {
      throw wrong(Texts.of("draw.of-categories", kind.code()));
    }
    if (counted.rows().isEmpty()) {
      throw new RefusedFileException(Texts.of("group.empty"));
    }
    List<CategoryGraph.Series> series = new ArrayList<>();
    Categories first = categories.ordered(counted, spec);
    series.add(new CategoryGraph.Series(read.column().orElse(read.source()), first));
    for (Map.Entry<String, String> other : also.entrySet()) {
      Typed typed = TypedCategories.read(other.getValue(), DecimalSign.POINT);
      if (!typed.unreadable().isEmpty() || typed.data().total().signum() == 0) {
        throw wrong(Texts.of("draw.also-categories", other.getKey()));
      }
      series.add(new CategoryGraph.Series(other.getKey(), (Categories) typed.data()));
    }
    Height height = heightCode == null ? Height.FREQUENCY : height();
    if (height == Height.DENSITY) {
      throw wrong(Texts.of("draw.no-density"));
    }
    Set<String> modes =
        marked().contains(Measures.MODES)
                && Computation.of(first, rules).result(Measures.MODES) instanceof Result.Named named
            ? Set.copyOf(named.names())
            : Set.of();
    String axis = xName == null ? read.column().orElse("") : xName;
    return new CategoryGraph(
        series,
        height,
        CategoryGraph.Arrangement.BESIDE,
        title,
        axis,
        modes,
        Optional.empty(),
        rules,
        DecimalSign.spoken());
  }

  private Height height() {
    return Height.ofCode(String.valueOf(heightCode))
        .orElseThrow(() -> wrong(Texts.of("draw.height", String.valueOf(heightCode))));
  }

  private Set<Measure> marked() {
    Set<Measure> marked = new HashSet<>();
    for (String key : marks) {
      marked.add(Measures.ofKey(key).orElseThrow(() -> wrong(Texts.of("draw.mark", key))));
    }
    return marked;
  }

  private Paper paper(PictureFormat format) {
    if (dpi < 10 || dpi > 1200) {
      throw wrong(Texts.of("draw.dpi", dpi));
    }
    Paper paper = Paper.read(size).orElseThrow(() -> wrong(Texts.of("draw.size", size)));
    if (format == PictureFormat.PNG && !paper.holds(dpi)) {
      throw wrong(Texts.of("picture.too-fine", size, dpi));
    }
    return paper;
  }

  private ParameterException wrong(String message) {
    return new ParameterException(spec.commandLine(), message);
  }
}
