package promedio.files.assignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.Part;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.assignment.TestChoice;
import promedio.core.assignment.Work;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphKind;
import promedio.core.graph.GraphMark;
import promedio.core.graph.GraphText;
import promedio.core.graph.Height;
import promedio.core.grouping.ClassChoice;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;
import promedio.core.rules.Tails;
import promedio.core.sample.Categories;
import promedio.core.sample.CategoryOrder;
import promedio.core.sample.CrossTable;
import promedio.core.sample.DataSubset;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.core.tidy.LeaveOutWhere;
import promedio.core.tidy.StepEntry;
import promedio.core.tidy.StepPipeline;
import promedio.core.working.OwnWorking;
import promedio.files.ByCode;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.Fingerprint;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

class AssignmentFileTest {

  @TempDir private Path folder;

  private static Assignment pears() {
    return Assignment.empty("Pears “of” Huerta\n")
        .withRules(
            ByCode.with(ByCode.with(CourseRules.DEFAULTS, "divisor", "n"), "places", "4"),
            "Statistics I")
        .withSign(DecimalSign.COMMA)
        .withMethod(Measures.SD, Method.SHORTCUT)
        .with(
            Item.of(1, "North", "g", new Source.ValuesText("8 10 — 14o\n×"))
                .withNote("weighed twice")
                .withScratch("Σx / 2 = 9")
                .withScratch("1 + 1 = 2"))
        .with(Item.of(7, "Baskets", "", new Source.TableText("3 12\n4 7")))
        .answering(Request.of(Measures.MEAN), Selection.of(1), " 9,0 ")
        .answering(Measures.ofId("t_one_p 9 decision").orElseThrow(), Selection.of(1), "reject H₀")
        .with(
            new Question(
                5,
                Request.of(Measures.PERCENTILE, Exact.of(90)),
                Selection.of(1),
                StatedRules.NONE,
                Work.NONE.with(
                    Method.CUMULATIVE, OwnWorking.EMPTY.with("pos", "2,5").with("x̄", "“9”"))));
  }

  private static byte[] zip(String... namesAndTexts) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (int i = 0; i < namesAndTexts.length; i += 2) {
        zip.putNextEntry(new ZipEntry(namesAndTexts[i]));
        zip.write(namesAndTexts[i + 1].getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
      }
    }
    return bytes.toByteArray();
  }

  @Test
  void whatIsWrittenIsReadEqual() throws Exception {
    Path file = folder.resolve("pears.promedio");

    AssignmentFile.write(pears(), file);

    assertThat(AssignmentFile.read(file)).isEqualTo(pears());
    assertThat(AssignmentFile.bytes(pears())).isEqualTo(Files.readAllBytes(file));
    assertThat(folder).isDirectoryNotContaining("glob:**.part");
  }

  @ParameterizedTest
  @ValueSource(strings = {"1e310", "1e-309", "-7e-310", "1/3", "LONG", "LONGe310", "LONGe-310"})
  void whateverNumberCanBeTypedIsSavedAndReadAgain(String text) throws Exception {
    String typed = text.replace("LONG", "123456789".repeat(33));
    Exact number = ((Reading.Numeral) NumberText.read(typed, DecimalSign.POINT)).value();
    Exact computed = number.times(Exact.of(1, 7));
    Sample sample = new Sample(Values.of(List.of(computed)));
    Assignment assignment =
        Assignment.empty("Extreme")
            .with(Item.of(1, "x", "", new Source.Linked(Link.of(7, "x"), sample, 0, false)))
            .with(Item.of(2, "y", "", new Source.ValuesText(typed + " 1")))
            .asking(
                Part.of(1, "z?", Selection.of(2), StatedRules.NONE),
                List.of(Request.of(Measures.ofKey("z_score").orElseThrow(), number)));
    Path file = folder.resolve("extreme.promedio");

    AssignmentFile.write(assignment, file);

    assertThat(AssignmentFile.read(file)).isEqualTo(assignment);
  }

  @Test
  void whatWouldNotBeReadAgainIsNotWritten() throws Exception {
    Path file = folder.resolve("pears.promedio");
    AssignmentFile.write(pears(), file);
    byte[] before = Files.readAllBytes(file);
    Sample beyond = new Sample(Values.of(List.of(Exact.of(7).pow(20_000))));
    Assignment unreadable =
        pears().with(Item.of(9, "x", "", new Source.Linked(Link.of(7, "x"), beyond, 0, false)));

    assertThatThrownBy(() -> AssignmentFile.write(unreadable, file))
        .isInstanceOf(IOException.class)
        .hasMessageContaining("cannot be saved");
    assertThat(Files.readAllBytes(file)).isEqualTo(before);
  }

  @Test
  void aSampleWhoseTableIsGoneKeepsEveryValueAndGap() throws Exception {
    Sample sample =
        new Sample(
            new ValuesBuilder().add(Exact.of(1, 3)).addMissing().add(Exact.of(-25, 2)).build());
    Assignment assignment =
        Assignment.empty("Log")
            .with(
                Item.of(
                    1,
                    "weight",
                    "g",
                    new Source.Linked(
                        new Link.OfColumn(7, "weight", "line", "2"), sample, 3, false)));

    Assignment read = AssignmentFile.read("log", AssignmentFile.bytes(assignment));

    Source.Linked linked = (Source.Linked) read.items().get(0).source();
    assertThat(((Sample) linked.data()).values()).isEqualTo(sample.values());
    assertThat(linked.unreadable()).isEqualTo(3);
    assertThat(linked.link()).isEqualTo(new Link.OfColumn(7, "weight", "line", "2"));
  }

  @Test
  void samplesSideBySideAndWhatIsAskedOfThemAreReadEqual() throws Exception {
    Request mean = Request.of(Measures.MEAN);
    Request r = Request.of(Measures.ofKey("correlation").orElseThrow());
    Request t = Request.of(Measures.ofKey("t_two").orElseThrow());
    Request fit = Request.of(Measures.ofKey("fit_chi_squared").orElseThrow());
    Assignment assignment =
        Assignment.empty("Orchard")
            .with(Item.of(1, "north", "g", new Source.ValuesText("8 10")))
            .with(Item.of(2, "south", "g", new Source.ValuesText("9 12")))
            .with(Item.of(3, "both", "g", Source.Picked.of(List.of(2, 1))))
            .with(Item.of(4, "trees", "", new Source.PairsText("age yield\n2 31")))
            .with(Item.of(5, "reasons", "", new Source.CountsText("1 2\n3 4")))
            .with(Item.of(6, "colours", "", new Source.CategoriesText("green 3\nred 5")))
            .answering(
                fit, new Selection(6, DataSubset.fit(List.of(Exact.of(1, 3), Exact.ONE))), "1")
            .answering(fit, new Selection(6, DataSubset.fit(List.of())), "2")
            .answering(mean, new Selection(3, DataSubset.group("south")), "10.5")
            .answering(t, new Selection(3, DataSubset.two("south", "north")), "0.8")
            .answering(r, Selection.of(4), "0.9");

    Assignment read = AssignmentFile.read("orchard", AssignmentFile.bytes(assignment));

    assertThat(read).isEqualTo(assignment);
    assertThat(read.items().get(2).source().read(read.sign()).data().groups()).isPresent();
  }

  @Test
  void whatIsMadeOfColumnsOfATableThatIsGoneIsReadAsItWasLast() throws Exception {
    Values x = new ValuesBuilder().add(Exact.of(1, 3)).add(Exact.of(2)).build();
    Values y = new ValuesBuilder().add(Exact.of(4)).add(Exact.of(-5)).build();
    Groups groups =
        new Groups(
            List.of(
                new Groups.Group("north · Ana", new Sample(x)),
                new Groups.Group("south · Ana", new Sample(y))));
    CrossTable counts =
        CrossTable.read(
            List.of("a", "b"),
            List.of("c", "d"),
            List.of(List.of(Exact.ONE, Exact.of(2)), List.of(Exact.ZERO, Exact.of(4))),
            3);
    List<Source> sources =
        List.of(
            new Source.Linked(new Link.OfPairs(7, "age", "yield"), Pairs.of(x, y), 1, false),
            new Source.Linked(
                new Link.OfGroups(7, "weight", List.of("row", "variety")), groups, 0, false),
            new Source.Linked(new Link.OfCounts(7, "reason", "variety"), counts, 0, false));
    Assignment assignment = Assignment.empty("Orchard");
    for (Source source : sources) {
      assignment = assignment.with(Item.of(assignment.ids().item(), "i", "", source));
    }

    Assignment read = AssignmentFile.read("orchard", AssignmentFile.bytes(assignment));

    assertThat(read.items()).extracting(Item::source).containsExactlyElementsOf(sources);
  }

  @Test
  void categoriesAreKeptAsTypedAndThoseOfATableAsTheyWereLast() throws Exception {
    Categories varieties =
        new Categories(
            List.of(
                new Categories.Row("Blanca, early", Exact.of(12)),
                new Categories.Row("Conference", Exact.of(5, 2))),
            4);
    Assignment assignment =
        Assignment.empty("Pears")
            .with(Item.of(1, "reasons", "", new Source.CategoriesText("too small 21\n? 40%")))
            .with(
                Item.of(
                    2,
                    "variety",
                    "",
                    new Source.Linked(Link.of(9, "variety"), varieties, 0, false)));

    Assignment read = AssignmentFile.read("pears", AssignmentFile.bytes(assignment));

    assertThat(read.items()).isEqualTo(assignment.items());
    assertThat(read.items().get(1).source().shape()).isEqualTo(Source.Shape.CATEGORIES);
  }

  @Test
  void savingAgainReplacesTheOldFileWhole() throws Exception {
    Path file = folder.resolve("pears.promedio");
    AssignmentFile.write(Assignment.empty("first, and much longer than the second"), file);
    AssignmentFile.write(Assignment.empty("second"), file);

    assertThat(AssignmentFile.read(file).title()).isEqualTo("second");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "{\"version\":16}|newer Promedio",
        "{\"version\":0}|“version”",
        "{|damaged",
        "{\"version\":1,\"title\":\"T\",\"course\":\"\",\"decimal\":\".\",\"rules\":{\"divisor\":\"m\"}}|it can be n-1",
        "{\"version\":1,\"title\":\"T\",\"course\":\"\",\"decimal\":\".\",\"items\":[{\"id\":1,\"name\":\"a\",\"unit\":\"\",\"note\":\"\",\"kind\":\"cloud\"}]}|“kind”",
        "{\"version\":1,\"title\":\"T\",\"course\":\"\",\"decimal\":\".\",\"items\":[{\"id\":1,\"name\":\"a\",\"unit\":\"\",\"note\":\"\",\"kind\":\"column\",\"column\":\"w\",\"part\":\"columns/9.txt\"}]}|columns/9.txt",
        "{\"version\":1,\"course\":\"\",\"decimal\":\".\"}|“title”",
        "[]|“version”"
      })
  void aDocumentThatIsNotAsItMustBeSaysWhatIsWrong(String document, String message)
      throws IOException {
    byte[] bytes = zip("assignment.json", document);

    assertThatThrownBy(() -> AssignmentFile.read("pears.promedio", bytes))
        .isInstanceOf(RefusedFileException.class)
        .hasMessageContaining("pears.promedio")
        .hasMessageContaining(message);
  }

  @Test
  void foreignFilesAreNamedForWhatTheyAre() throws IOException {
    byte[] other = zip("word/document.xml", "<w/>");

    assertThatThrownBy(() -> AssignmentFile.read("x", other))
        .hasMessageContaining("not an assignment");
    assertThatThrownBy(
            () -> AssignmentFile.read("x", "weight\n3\n".getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("open it as a data file");
    assertThatThrownBy(() -> AssignmentFile.read("x", new byte[0]))
        .hasMessageContaining("not an assignment");
    assertThatThrownBy(() -> AssignmentFile.read(folder.resolve("gone.promedio")))
        .hasMessageContaining("no such file");
  }

  @Test
  void aTornFileIsDamagedWhereverItEnds() throws IOException {
    byte[] whole = AssignmentFile.bytes(pears());
    for (int length = 4; length < whole.length - 200; length += 37) {
      byte[] torn = Arrays.copyOf(whole, length);
      assertThatThrownBy(() -> AssignmentFile.read("torn", torn))
          .as("cut at %d", length)
          .isInstanceOf(RefusedFileException.class);
    }
  }

  @Test
  void hostileFilesAreRefusedBeforeTheyDoHarm() throws IOException {
    byte[] outside = zip("../../etc/cron", "x");
    byte[] bomb = bomb();

    assertThatThrownBy(() -> AssignmentFile.read("x", outside))
        .hasMessageContaining("points outside");
    assertThat(bomb.length).isLessThan(2 << 20);
    assertThatThrownBy(() -> AssignmentFile.read("x", bomb)).hasMessageContaining("unpack to more");
  }

  /** Half a gigabyte of zeros, packed into half a megabyte. */
  private static byte[] bomb() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      zip.putNextEntry(new ZipEntry("assignment.json"));
      OutputStream out = zip;
      byte[] zeros = new byte[1 << 20];
      for (int i = 0; i < 512; i++) {
        out.write(zeros);
      }
      zip.closeEntry();
    }
    return bytes.toByteArray();
  }

  private static AssignmentFile.Opened open(Path file) throws RefusedFileException {
    return AssignmentFile.open(file, (fingerprint, path) -> true);
  }

  private static ImportedTable imported(Original original, byte[] bytes) throws Exception {
    Table table =
        TableReader.read(DataSource.of("trays.csv", bytes), ReadingChoices.NONE, Progress.NONE)
            .table();
    List<StepEntry> steps = List.of(StepEntry.of(new LeaveOutWhere("weight > 150")));
    return new ImportedTable(
        1, "trays", original, ReadingChoices.NONE, StepPipeline.of(table).with(steps));
  }

  private static Assignment withSample(ImportedTable table) {
    Source.Linked linked =
        new Source.Linked(Link.of(1, "weight"), new Sample(Values.of(List.of())), 0, false);
    return Assignment.empty("Trays")
        .with(Item.of(1, "weight", "g", linked.follow(table.table())))
        .with(table);
  }

  @Test
  void aTableComesBackWithItsOriginalItsStepsAndItsSamples() throws Exception {
    byte[] bytes = "weight\n131,5\n200\n98\n".getBytes(StandardCharsets.UTF_8);
    Assignment assignment = withSample(imported(new Original.Kept("trays.csv", bytes), bytes));

    Assignment read = AssignmentFile.read("trays", AssignmentFile.bytes(assignment));

    ImportedTable table = read.tables().get(0);
    assertThat(table.original()).isEqualTo(new Original.Kept("trays.csv", bytes));
    assertThat(table.pipeline().steps()).isEqualTo(assignment.tables().get(0).pipeline().steps());
    assertThat(table.table().rows()).isEqualTo(2);
    Source.Linked linked = (Source.Linked) read.items().get(0).source();
    assertThat(linked.found()).isTrue();
    assertThat(((Sample) linked.data()).values())
        .isEqualTo(((Sample) ((Source.Linked) assignment.items().get(0).source()).data()).values());
  }

  /** An assignment whose table and sample stay in the file of the data. */
  private Path referringTo(Path data) throws Exception {
    Original original = new Original.Referred(data.toString(), Fingerprint.of(DataSource.of(data)));
    Path file = folder.resolve("trays.promedio");
    AssignmentFile.write(withSample(imported(original, Files.readAllBytes(data))), file);
    return file;
  }

  @Test
  void aFileThatIsReferredToIsNoticedWhenItHasChangedOrIsGone() throws Exception {
    Path data = Files.writeString(folder.resolve("trays.csv"), "weight\n131.5\n98\n");
    Path file = referringTo(data);
    assertThat(open(file).notices()).isEmpty();

    Files.writeString(data, "weight\n131.5\n98\n77\n");
    Assignment changed = open(file).assignment();
    assertThat(open(file).notices()).singleElement().asString().contains("trays.csv has changed");
    assertThat(changed.items().get(0).source().read(DecimalSign.POINT).data().tally().size())
        .isEqualTo(3);

    Files.delete(data);
    Assignment gone = open(file).assignment();
    assertThat(open(file).notices()).singleElement().asString().contains("which does not exist");
    assertThat(gone.items().get(0).source().read(DecimalSign.POINT).data().tally().size())
        .isEqualTo(2);
    assertThat(gone.tables().get(0).pipeline().steps()).hasSize(1);
  }

  @Test
  void partsTriesClassesAndGraphsComeBackAsTheyWere() throws Exception {
    Item item =
        Item.of(1, "North", "g", new Source.ValuesText("8 10 11"))
            .withClasses(new ClassChoice("limits", "0 5 12"))
            .withGraph(
                GraphChoice.USUAL
                    .with(GraphKind.OGIVE_ABOVE)
                    .with(Optional.of(Height.PERCENTAGE))
                    .with(GraphMark.QUARTILES, true)
                    .with(GraphMark.MEAN, true)
                    .with(CategoryOrder.FREQUENCY)
                    .beside(7)
                    .with(GraphText.TITLE, "“Pears”, north")
                    .with(GraphText.CATEGORY, "variety")
                    .with(GraphText.PERCENTILES, "10 90"))
            .withTest(
                TestChoice.NONE
                    .withTest("mean")
                    .stating(Rule.ALPHA, Optional.of(new BigDecimal("0.02"))));
    Work work = new Work("9.67", List.of("9.66", "29"), Map.of(), true);
    Selection north = Selection.of(1);
    Assignment assignment =
        Assignment.empty("Sheet 3")
            .with(item)
            .with(new Question(1, Request.of(Measures.MEAN), north, StatedRules.NONE, work))
            .asking(
                Part.of(
                    1,
                    "Find “both”",
                    north,
                    StatedRules.places(1).with(Rule.TAILS, Optional.of(Tails.UPPER))),
                List.of(Request.of(Measures.MEAN), Request.of(Measures.PERCENTILE, Exact.of(5, 2))))
            .with(Part.of(2, "", north, StatedRules.NONE).withCovered(true));
    Path file = folder.resolve("sheet.promedio");

    AssignmentFile.write(assignment, file);

    assertThat(AssignmentFile.read(file)).isEqualTo(assignment);
  }

  @Test
  void idsThatWereGivenStayGivenAfterOpeningAgain() throws Exception {
    Assignment assignment =
        Assignment.empty("Pears")
            .with(Item.of(1, "North", "", new Source.ValuesText("8")))
            .with(Item.of(2, "South", "", new Source.ValuesText("9")))
            .without(2);

    Assignment read = AssignmentFile.read("pears", AssignmentFile.bytes(assignment));

    assertThat(read.ids()).isEqualTo(assignment.ids());
    assertThat(read.ids().item()).isEqualTo(3);
  }

  @Test
  void ownWorkingsOfOlderFilesOpenBesideTheirQuantitiesByEitherDivisor() throws Exception {
    String item =
        "{\"id\":1,\"name\":\"a\",\"unit\":\"\",\"note\":\"\",\"kind\":\"values\",\"text\":\"8 10 11 11\","
            + "\"answers\":{},\"workings\":{\"sd by definition\":{\"μ\":\"10\",\"(x − μ)² #1\":\"4\","
            + "\"σ\":\"1.22\",\"of no step\":\"7\"},\"variance by definition\":{\"x̄\":\"10\","
            + "\"(x − x̄)² #2\":\"0\",\"s²\":\"2\"}}}";
    byte[] old =
        zip(
            "assignment.json",
            "{\"version\":6,\"title\":\"T\",\"course\":\"\",\"decimal\":\".\",\"items\":["
                + item
                + "]}");

    Assignment read = AssignmentFile.read("old", old);
    Selection only = Selection.of(1);

    OwnWorking sd = read.question(Request.of(Measures.SD), only).work().working(Method.DEFINITION);
    assertThat(sd.entry("mean")).isEqualTo("10");
    assertThat(sd.entry("(x − mean)² #1")).isEqualTo("4");
    assertThat(sd.entry("sd")).isEqualTo("1.22");
    assertThat(sd.entry("of no step")).isEqualTo("7");
    OwnWorking variance =
        read.question(Request.of(Measures.VARIANCE), only).work().working(Method.DEFINITION);
    assertThat(variance.entries())
        .containsOnly(
            Map.entry("mean", "10"), Map.entry("(x − mean)² #2", "0"), Map.entry("variance", "2"));
  }

  @Test
  void whatIsSavedCanBeOpenedAndWhatCouldNotIsNotSaved() throws Exception {
    Path file = folder.resolve("large.promedio");
    AssignmentFile.write(Assignment.empty("before"), file);
    Assignment long21 =
        Assignment.empty("long")
            .with(Item.of(1, "a", "", new Source.ValuesText("8 ".repeat(11_000_000))));
    Assignment tooLong =
        Assignment.empty("long")
            .with(Item.of(1, "a", "", new Source.ValuesText("8 ".repeat(34_000_000))));
    byte[] zeros = new byte[257 << 20];
    Assignment tooLarge =
        Assignment.empty("large")
            .with(
                new ImportedTable(
                    1,
                    "t",
                    new Original.Kept("t.csv", zeros),
                    ReadingChoices.NONE,
                    StepPipeline.of(Table.of(List.of()))));

    AssignmentFile.write(long21, file);
    assertThat(AssignmentFile.read(file)).isEqualTo(long21);
    assertThatThrownBy(() -> AssignmentFile.write(tooLong, file))
        .isInstanceOf(IOException.class)
        .hasMessageContaining("too long to be opened again");
    assertThatThrownBy(() -> AssignmentFile.write(tooLarge, file))
        .hasMessageContaining("too large to be opened again");
    assertThat(AssignmentFile.read(file)).isEqualTo(long21);
  }

  @Test
  void aThousandAndOneLinkedSamplesAreSavedAndOpened() throws Exception {
    Assignment many = Assignment.empty("many");
    Sample sample = new Sample(Values.of(List.of(Exact.of(1, 3))));
    List<Item> items = new ArrayList<>();
    for (int id = 1; id <= 1001; id++) {
      items.add(Item.of(id, "s" + id, "", new Source.Linked(Link.of(9, "w"), sample, 0, false)));
    }
    Assignment all =
        new Assignment(
            "many",
            many.course(),
            many.sign(),
            items,
            List.of(),
            List.of(),
            List.of(),
            many.ids(),
            true,
            Optional.of(HandInChoice.usual(many).with(HandInChoice.Content.ANSWERS, true)));

    assertThat(AssignmentFile.read("many", AssignmentFile.bytes(all))).isEqualTo(all);
  }

  @Test
  void anOpeningThatIsStoppedDoesNotReportTheTableAsGone() throws Exception {
    Path data = Files.writeString(folder.resolve("trays.csv"), "weight\n131.5\n98\n");
    Path file = referringTo(data);

    Thread.currentThread().interrupt();
    try {
      assertThatThrownBy(() -> open(file)).isInstanceOf(CancellationException.class);
    } finally {
      assertThat(Thread.interrupted()).isTrue();
    }
  }
}
