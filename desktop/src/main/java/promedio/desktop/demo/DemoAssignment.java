package promedio.desktop.demo;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.StatedRules;
import promedio.core.sample.DataSubset;
import promedio.core.sample.Groups;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.table.Aspect;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.ComputeColumn;
import promedio.core.tidy.MendEntry;
import promedio.core.tidy.Recode;
import promedio.core.tidy.Step;
import promedio.core.tidy.StepEntry;
import promedio.core.tidy.StepPipeline;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

/** The assignment of the demo: samples from the orchard, with answers right and wrong. */
public final class DemoAssignment {

  /** The id of the table of trays. */
  public static final int TRAYS = 1;

  /** The id of the comparison of the terraces. */
  public static final int BY_TERRACE = 8;

  /** The id of the pairs of age and yield. */
  public static final int TREES = 10;

  /** The id of the two-way table of reasons by variety. */
  public static final int REASONS = 11;

  /** The id of the table of weights by terrace. */
  public static final int WEIGHTS = 2;

  private static final int TERRACE = 1;
  private static final int WEIGHT = 3;

  private DemoAssignment() {}

  /** {@return the demo assignment} */
  public static Assignment create() {
    return withoutTables().with(trays(TRAYS)).with(weights());
  }

  /** {@return the demo assignment without its tables, which take longer to read than all else} */
  public static Assignment withoutTables() {
    Assignment made = Assignment.empty(Texts.of("demo.title")).withSign(DecimalSign.spoken());
    for (Item item :
        List.of(
            north(),
            south(),
            times(),
            sugar(),
            baskets(),
            classes(),
            sortedOut(),
            byTerrace(),
            bothTerraces(),
            trees(),
            reasons())) {
      made = made.with(item);
    }
    return parts(answers(made));
  }

  /**
   * {@return the table of the demo under this id}: a file as it comes, with notes above, a code for
   * what is missing, and entries to mend
   */
  public static ImportedTable trays(int id) {
    byte[] bytes = DemoFiles.bytes("trays.csv");
    ReadingChoices choices = ReadingChoices.NONE.with(Aspect.MISSING, "-999");
    try {
      Table table =
          TableReader.read(DataSource.of("trays.csv", bytes), choices, Progress.NONE).table();
      List<Step> steps =
          List.of(
              new MendEntry(DemoFiles.word("weight"), 3, "140"),
              new Recode(
                  DemoFiles.word("picking"),
                  List.of(
                      new Recode.Change("1", DemoFiles.word("early")),
                      new Recode.Change("2", DemoFiles.word("late")))),
              new ComputeColumn(
                  DemoFiles.word("crate weight"),
                  DemoFiles.word("weight") + " × " + DemoFiles.word("crates")));
      return new ImportedTable(
          id,
          Texts.of("demo.trays"),
          new Original.Kept("trays.csv", bytes),
          choices,
          StepPipeline.of(table).with(steps.stream().map(StepEntry::of).toList()));
    } catch (RefusedFileException e) {
      throw new IllegalStateException("the demo file trays.csv is damaged", e);
    }
  }

  /** {@return the table of weights by terrace and variety, which a comparison is made of} */
  public static ImportedTable weights() {
    byte[] bytes = DemoFiles.bytes("weights.csv");
    try {
      Table table =
          TableReader.read(DataSource.of("weights.csv", bytes), ReadingChoices.NONE, Progress.NONE)
              .table();
      return new ImportedTable(
          WEIGHTS,
          Texts.of("demo.weights"),
          new Original.Kept("weights.csv", bytes),
          ReadingChoices.NONE,
          StepPipeline.of(table));
    } catch (RefusedFileException e) {
      throw new IllegalStateException("the demo file weights.csv is damaged", e);
    }
  }

  private static Assignment answers(Assignment made) {
    Assignment now = answered(made, 1, Measures.MEAN, "138.8");
    now = answered(now, 1, Measures.MEDIAN, "137.5");
    now = answered(now, 1, Measures.Q1, "129.5");
    now = answered(now, 1, Measures.MODES, "131 139");
    now = answered(now, 1, Measures.RANGE, "60");
    now = answered(now, 1, Measures.VARIANCE, "176.56");
    now = answered(now, 1, Measures.SD, "13.57");
    now = answered(now, 2, Measures.MEAN, "138.83");
    now = answered(now, 2, Measures.SD, "2.4");
    now = answered(now, 4, Measures.MEAN, "110.4/9");
    now = answered(now, 4, Measures.MODES, "12.6");
    now = answered(now, 5, Measures.MEAN, "39.12");
    now = answered(now, 6, Measures.MEDIAN, "138.4");
    now = answered(now, 7, Measures.MODES, "21");
    Request mean = Request.of(Measures.MEAN);
    now =
        now.answering(
            mean,
            new Selection(BY_TERRACE, DataSubset.group(DemoFiles.word("upper"))),
            typed("133.07"));
    now = now.answering(Request.of(Measures.CORRELATION), Selection.of(TREES), typed("0.64"));
    return now.answering(Request.of(Measures.CHI_SQUARED), Selection.of(REASONS), typed("10.12"));
  }

  private static Assignment answered(Assignment made, int item, Measure measure, String answer) {
    return made.answering(Request.of(measure), Selection.of(item), typed(answer));
  }

  private static Assignment parts(Assignment made) {
    StatedRules usual = StatedRules.NONE;
    Assignment now = part(made, 1, 1, usual, Measures.MEAN, Measures.MEDIAN, Measures.MODES);
    now = part(now, 2, 1, StatedRules.places(1), Measures.Q1, Measures.Q3, Measures.IQR);
    now = part(now, 3, 2, usual, Measures.MEAN, Measures.SD);
    now = part(now, 4, 5, usual, Measures.MEAN, Measures.VARIANCE);
    return part(now, 5, 6, StatedRules.places(1), Measures.MEDIAN, Measures.MODES);
  }

  private static Assignment part(
      Assignment made, int id, int item, StatedRules stated, Measure... measures) {
    Part part = Part.of(id, Texts.of("demo.part." + id), Selection.of(item), stated);
    return made.asking(part, Stream.of(measures).map(Request::of).toList());
  }

  private static Item north() {
    return Item.of(1, Texts.of("demo.north"), "g", new Source.ValuesText(terrace("north")));
  }

  private static Item south() {
    return Item.of(2, Texts.of("demo.south"), "g", new Source.ValuesText(terrace("south")));
  }

  private static Item times() {
    return Item.of(
        3,
        Texts.of("demo.times"),
        "min",
        new Source.ValuesText(column("picking-times.csv", ",", 1)));
  }

  private static Item sugar() {
    return Item.of(
        4, Texts.of("demo.sugar"), "°Bx", new Source.ValuesText(column("sugar.csv", ",", 0)));
  }

  private static Item baskets() {
    String rows =
        String.join(
            "\n",
            DemoFiles.text("pears-per-basket.csv")
                .lines()
                .skip(1)
                .map(line -> line.replace(';', ' '))
                .toList());
    return Item.of(5, Texts.of("demo.baskets"), "", new Source.TableText(typed(rows)));
  }

  private static Item classes() {
    String rows =
        String.join(
            "\n",
            DemoFiles.text("weights-in-classes.csv")
                .lines()
                .skip(1)
                .map(DemoAssignment::row)
                .toList());
    return Item.of(6, Texts.of("demo.classes"), "g", new Source.ClassesText(typed(rows)));
  }

  private static Item sortedOut() {
    String rows =
        String.join(
            "\n",
            DemoFiles.text("sorted-out.csv")
                .lines()
                .skip(1)
                .map(line -> line.replace(';', ' '))
                .toList());
    return Item.of(7, Texts.of("demo.sorted-out"), "", new Source.CategoriesText(typed(rows)));
  }

  /** What the table of weights makes, since that is read later. */
  private static Item byTerrace() {
    Map<String, List<Exact>> terraces = new LinkedHashMap<>();
    for (String line : DemoFiles.text("weights.csv").lines().skip(1).toList()) {
      String[] cells = line.split(",", -1);
      List<Exact> weights = terraces.computeIfAbsent(cells[TERRACE], terrace -> new ArrayList<>());
      if (!cells[WEIGHT].equals("NA")) {
        weights.add(Exact.of(Long.parseLong(cells[WEIGHT])));
      }
    }
    List<Groups.Group> groups = new ArrayList<>();
    terraces.forEach(
        (name, weights) -> groups.add(new Groups.Group(name, new Sample(Values.of(weights)))));
    Link link =
        new Link.OfGroups(WEIGHTS, DemoFiles.word("weight"), List.of(DemoFiles.word("terrace")));
    return Item.of(
        BY_TERRACE,
        Texts.of("demo.by-terrace"),
        "g",
        new Source.Linked(link, new Groups(groups), 0, false));
  }

  private static Item bothTerraces() {
    return Item.of(9, Texts.of("demo.both-terraces"), "g", Source.Picked.of(List.of(1, 2)));
  }

  private static Item trees() {
    return Item.of(
        TREES,
        Texts.of("demo.trees"),
        "",
        new Source.PairsText(typed(DemoFiles.text("trees.csv").strip().replace(';', ' '))));
  }

  private static Item reasons() {
    return Item.of(
        REASONS,
        Texts.of("demo.reasons"),
        "",
        new Source.CountsText(
            DemoFiles.text("sorted-out-by-variety.csv").strip().replace(";", "  ")));
  }

  private static String row(String line) {
    int last = line.lastIndexOf(line.indexOf(';') >= 0 ? ';' : ',');
    String limits = line.substring(0, last).replaceAll("[;,]", "–");
    return limits + "  " + line.substring(last + 1);
  }

  /** The text as one types it who speaks this language. */
  private static String typed(String text) {
    return DecimalSign.spoken().in(text);
  }

  private static String terrace(String name) {
    return values(
        DemoFiles.text("terraces.csv")
            .lines()
            .filter(line -> line.startsWith(DemoFiles.word(name) + ","))
            .toList(),
        ",",
        2);
  }

  private static String column(String file, String separator, int column) {
    return values(DemoFiles.text(file).lines().skip(1).toList(), separator, column);
  }

  private static String values(List<String> lines, String separator, int column) {
    return typed(
        String.join(
            " ",
            lines.stream()
                .map(line -> line.split(separator, -1)[column])
                .map(cell -> cell.isEmpty() || cell.equals("NA") ? "—" : cell)
                .toList()));
  }
}
