package promedio.desktop.projection.handin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.HandInChoice.Content;
import promedio.core.assignment.HandInChoice.Section;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.StatedRules;
import promedio.core.working.OwnWorking;
import promedio.core.working.Working;
import promedio.desktop.projection.Analysis;
import promedio.document.Block;
import promedio.document.Document;

/** What of an assignment is handed in. */
class HandInTest {

  private static final Request MEAN = Request.of(Measures.MEAN);
  private static final Request SD = Request.of(Measures.SD);

  private static final Assignment PEARS =
      Assignment.empty("Pears")
          .with(Item.of(1, "upper", "g", new Source.ValuesText("8 10 12")))
          .with(Item.of(2, "lower", "g", new Source.ValuesText("9 11 16 20")))
          .with(Item.of(3, "terraces", "g", Source.Picked.of(List.of(1, 2))))
          .asking(
              Part.of(1, "How heavy is a pear?", Selection.of(1), StatedRules.places(1)),
              List.of(MEAN))
          .asking(
              Part.of(2, "How far do they spread?", Selection.of(1), StatedRules.NONE), List.of(SD))
          .answering(MEAN, Selection.of(1), "10.1");

  /** Results, and what else is told. */
  private static HandInChoice telling(Assignment assignment, Content... contents) {
    Set<Content> told = EnumSet.of(Content.RESULTS);
    told.addAll(List.of(contents));
    return telling(assignment, told);
  }

  private static HandInChoice telling(Assignment assignment, Set<Content> contents) {
    HandInChoice usual = HandInChoice.usual(assignment);
    return new HandInChoice(usual.sections(), usual.leftOut(), contents);
  }

  private static List<String> told(Document document) {
    return document.pieces().stream()
        .map(
            block ->
                block.accept(
                    new Block.Visitor<String>() {
                      @Override
                      public String heading(Block.Heading heading) {
                        return "#".repeat(heading.level()) + " " + heading.text();
                      }

                      @Override
                      public String paragraph(Block.Paragraph paragraph) {
                        return paragraph.text();
                      }

                      @Override
                      public String listing(Block.Listing listing) {
                        return String.join("|", listing.items());
                      }

                      @Override
                      public String formula(Block.Formula formula) {
                        return formula.line().plain();
                      }

                      @Override
                      public String table(Block.Table table) {
                        return table.heads().size() + " columns, " + table.rows();
                      }

                      @Override
                      public String figure(Block.Figure figure) {
                        return "graph: " + figure.words();
                      }

                      @Override
                      public String beside(Block.Beside beside) {
                        throw new AssertionError("its pieces stand by themselves");
                      }
                    }))
        .toList();
  }

  @Test
  void whatAPValueDecidesIsToldInWordsBesideTheStudentsOwnDecision() {
    Request p = Measures.ofId("t_one_p 20").orElseThrow();
    Assignment tested =
        PEARS
            .asking(
                Part.of(3, "Is the mean 20 g?", Selection.of(1), StatedRules.NONE),
                List.of(p, p.decision()))
            .answering(p.decision(), Selection.of(1), "reject H₀");

    assertThat(told(HandIn.of(tested, telling(tested, Content.ANSWERS, Content.WORKINGS))))
        .containsSubsequence(
            "## p-value of t of one sample against μ₀ = 20",
            "The table stands above.",
            "From above: n = 3; x̄ = 10; s = 2",
            "μ₀ = 20; t = (x̄ − μ₀) / (s / √(n)) = (10 − 20) / (2 / √(3)) ≈ −8.6603",
            "df = n − 1 = 3 − 1 = 2; p = P(|t(df)| ≥ |t|) = P(|t(2)| ≥ |−8.6603|) ≈ 0.0131",
            "p ≤ α = 0.05: H₀ is rejected.",
            "## Decision by p-value of t of one sample against μ₀ = 20",
            "p is not above α = 0.05: H₀ is rejected.",
            "My answer: reject H₀");
  }

  @Test
  void thePartsComeInOrderWithDataGraphWorkingAndResult() {
    List<String> told = told(HandIn.of(PEARS, HandInChoice.usual(PEARS)));

    assertThat(told)
        .containsSubsequence(
            "# Course rules",
            "# Part (a)",
            "How heavy is a pear?",
            "Data: upper (3 values · in g)",
            "8; 10; 12",
            "## Mean",
            "Σx = 8 + 10 + 12 = 30; n = 3; x̄ = Σx / n = 30 / 3 = 10",
            "Result: x̄ = 10.0 g",
            "# Part (b)",
            "Data: upper, see above.",
            "## Standard deviation",
            "From above: n = 3; x̄ = 10",
            "Result: s = 2.00 g");
    assertThat(told).anyMatch(line -> line.startsWith("graph: Histogram of upper"));
    assertThat(told).noneMatch(line -> line.contains("My answer"));
  }

  @Test
  void onlyTheRulesThatMatterAreTold() {
    List<String> both = told(HandIn.of(PEARS, telling(PEARS, Content.RULES)));
    HandInChoice first = telling(PEARS, Content.RULES).with(new Section(true, 2), false);
    List<String> mean = told(HandIn.of(PEARS, first));

    assertThat(both.get(1))
        .contains("divide by: n − 1, a sample", "decimal places: 2", "rounding: half up")
        .doesNotContain("quartiles", "Yates", "alternative");
    assertThat(mean.get(1)).doesNotContain("divide by");
  }

  @Test
  void whatIsNotTickedIsNotTold() {
    assertThat(told(HandIn.of(PEARS, telling(PEARS))))
        .containsExactly(
            "# Part (a)",
            "How heavy is a pear?",
            "## Mean",
            "Result: x̄ = 10.0 g",
            "# Part (b)",
            "How far do they spread?",
            "## Standard deviation",
            "Result: s = 2.00 g");
  }

  @Test
  void withoutResultsItIsASheetOfExercises() {
    assertThat(told(HandIn.of(PEARS, telling(PEARS, Set.of(Content.DATA)))))
        .containsExactly(
            "# Part (a)",
            "How heavy is a pear?",
            "Data: upper (3 values · in g)",
            "8; 10; 12",
            "Find: Mean (to 1 place)",
            "# Part (b)",
            "How far do they spread?",
            "Data: upper, see above.",
            "Find: Standard deviation");
  }

  @Test
  void aRuleIsToldEvenWhereTheDataGiveTheSameByAnother() {
    Assignment even =
        Assignment.empty("Even")
            .with(Item.of(1, "even", "", new Source.ValuesText("1 1 1 5 5 9 9 9")))
            .answering(Request.of(Measures.Q1), Selection.of(1), "1");

    assertThat(told(HandIn.of(even, telling(even, Content.RULES))).get(1)).contains("quartiles: ");
  }

  @Test
  void ownAnswersAndOwnWorkingStandBesideWhereWanted() {
    Working working =
        Working.of(
                PEARS.item(1).orElseThrow().source().read(DecimalSign.POINT).data(),
                PEARS.rules(),
                MEAN,
                Method.DEFINITION)
            .orElseThrow();
    String last = working.key(working.steps().size() - 1);
    Question question = PEARS.question(MEAN, Selection.of(1));
    Assignment worked =
        PEARS.with(
            question.with(
                question.work().with(Method.DEFINITION, OwnWorking.EMPTY.with(last, "10.1"))));

    assertThat(
            told(
                HandIn.of(
                    worked,
                    telling(worked, Content.WORKINGS, Content.ANSWERS, Content.OWN_WORKING))))
        .containsSubsequence(
            "x̄ = Σx / n = 30 / 3 = 10",
            "My working: 10.1",
            "Result: x̄ = 10.0 g",
            "My answer: 10.1");
  }

  @Test
  void whatHasAnArgumentIsWorkedToo() {
    Request percentile = new Request(Measures.PERCENTILE, List.of(Exact.of(90)));
    Assignment asked =
        PEARS.asking(
            Part.of(3, "Which is P90?", Selection.of(2), StatedRules.NONE), List.of(percentile));

    assertThat(told(HandIn.of(asked, telling(asked, Content.WORKINGS))))
        .contains("## Percentile 90", "Result: P₉₀ = 20.00 g");
  }

  @Test
  void aPValueIsFollowedByTheTestInSentences() {
    Request p = Request.of(Measures.ofKey("f_p").orElseThrow());
    Assignment tested =
        PEARS.asking(Part.of(3, "Do they differ?", Selection.of(3), StatedRules.NONE), List.of(p));
    HandInChoice last =
        telling(tested, Content.DATA)
            .with(new Section(true, 1), false)
            .with(new Section(true, 2), false);

    List<String> told = told(HandIn.of(tested, last));

    assertThat(told)
        .containsSubsequence(
            "# Part (c)", "upper (n = 3): 8; 10; 12", "lower (n = 4): 9; 11; 16; 20");
    assertThat(told.get(told.size() - 1))
        .startsWith("H₀: all population means are equal.")
        .contains("H₀ is not rejected")
        .endsWith(
            "It was not shown that the means of the groups differ: upper (M = 10.00, SD = 2.00);"
                + " lower (M = 14.00, SD = 4.97), F(1, 5) = 1.67, p = 0.2525, η² = 0.25.");
  }

  @Test
  void itemsWithoutPartsAreHandedInWithWhatWasAnsweredOfThem() {
    Assignment plain = Assignment.empty("").with(PEARS.item(2).orElseThrow());
    Assignment answered = plain.answering(SD, Selection.of(2), "5");

    assertThat(told(HandIn.of(plain, telling(plain))))
        .startsWith("# lower", "## Mean", "Result: x̄ = 14.00 g")
        .contains("## Median", "## Largest value");
    assertThat(told(HandIn.of(answered, telling(answered))))
        .containsExactly("# lower", "## Standard deviation", "Result: s ≈ 4.97 g");
    assertThat(HandIn.of(plain, telling(plain)).title()).isEqualTo("Untitled assignment");
  }

  @Test
  void everyKindOfDataHasItsDocument() {
    Assignment all =
        Assignment.empty("All")
            .with(Item.of(1, "baskets", "", new Source.TableText("3 12\n4 8")))
            .with(Item.of(2, "printed", "g", new Source.ClassesText("10–19 5\n20–29 3")))
            .with(Item.of(3, "reasons", "", new Source.CategoriesText("scab 3\nbruised 5")))
            .with(Item.of(4, "trees", "", new Source.PairsText("1 2\n2 4\n3 5\n4 9")))
            .with(
                Item.of(5, "by variety", "", new Source.CountsText("Ana Rocha\na 30 10\nb 20 40")))
            .with(Item.of(6, "nothing", "", new Source.ValuesText("")));

    List<String> told = told(HandIn.of(all, HandInChoice.usual(all)));

    assertThat(told)
        .contains(
            "2 columns, [[3, 12], [4, 8]]",
            "3 columns, [[10–19, 9.5–19.5, 5], [20–29, 19.5–29.5, 3]]",
            "2 columns, [[scab, 3], [bruised, 5]]",
            "2 columns, [[1, 2], [2, 4], [3, 5], [4, 9]]",
            "# nothing")
        .anyMatch(line -> line.startsWith("graph: Points of y over x"))
        .anyMatch(line -> line.startsWith("Result: χ² ≈ 16.67"));
  }

  @Test
  void numbersAreInTheFormatOfTheStudent() {
    Assignment comma = PEARS.withSign(DecimalSign.COMMA);

    assertThat(told(HandIn.of(comma, telling(comma)))).contains("Result: x̄ = 10,0 g");
  }

  @Test
  void theOrderIsTheStudentsAndWhatIsNewComesIn() {
    HandInChoice turned = HandInChoice.usual(PEARS).moved(new Section(true, 2), -1);
    Assignment fewer = PEARS.withParts(List.of(PEARS.parts().get(1)));

    assertThat(turned.taken()).containsExactly(new Section(true, 2), new Section(true, 1));
    assertThat(turned.moved(new Section(true, 2), -5)).isEqualTo(turned);
    assertThat(turned.sections()).hasSize(4);
    assertThat(turned.within(fewer).taken()).containsExactly(new Section(true, 2));
    assertThat(turned.within(fewer).within(PEARS).taken()).hasSize(2);
    assertThat(HandIn.name(PEARS, new Section(true, 2))).isEqualTo("Part (b)");
    assertThat(HandIn.name(PEARS, new Section(false, 3))).isEqualTo("terraces");
  }

  @ParameterizedTest
  @EnumSource(Content.class)
  void eachContentIsSwitchedOnAndOff(Content content) {
    HandInChoice none = telling(PEARS, Set.of());

    assertThat(none.with(content, true).contents()).containsExactly(content);
    assertThat(none.with(content, true).with(content, false)).isEqualTo(none);
  }

  @Test
  void aPartWhoseSampleIsGoneSaysSo() {
    Assignment gone =
        PEARS.asking(Part.of(9, "What was it?", Selection.of(77), StatedRules.NONE), List.of());

    assertThat(told(HandIn.of(gone, telling(gone)))).contains("(the sample was removed)");
  }

  @Test
  void noTextIsLeftUnfilledInTheDocumentOfAnyTest() {
    Assignment all =
        Assignment.empty("Tests")
            .with(Item.of(1, "north", "g", new Source.ValuesText("8 10 11 14")))
            .with(Item.of(2, "south", "g", new Source.ValuesText("9 14 15 20 16")))
            .with(Item.of(3, "both", "g", Source.Picked.of(List.of(1, 2))))
            .with(Item.of(4, "trees", "", new Source.PairsText("1 2\n2 4\n3 5\n4 9")))
            .with(Item.of(5, "varieties", "", new Source.CountsText("Ana Rocha\na 3 1\nb 2 4")));
    int part = 0;
    for (Item item : List.copyOf(all.items())) {
      List<Request> asked =
          Measures.of(Analysis.of(all, item).typed().data()).stream()
              .map(Request::of)
              .flatMap(
                  request ->
                      Stream.of(request, request.isProbability() ? request.decision() : request))
              .distinct()
              .toList();
      all = all.asking(Part.of(++part, "?", Selection.of(item.id()), StatedRules.NONE), asked);
    }

    for (String line : told(HandIn.of(all, HandInChoice.usual(all)))) {
      assertThat(line)
          .doesNotContainPattern("\\{\\d|null|% ?%|= *=|Result: *$|: = | M = ,|= none \\w")
          .isNotBlank();
    }
    assertThat(told(HandIn.of(all, HandInChoice.usual(all))))
        .anyMatch(line -> line.contains("North") || line.contains("north (M ="));
  }

  @Test
  void aTableOfVeryManyRowsShowsItsEndsAndTotals() {
    String values =
        IntStream.range(0, 200).mapToObj(String::valueOf).collect(Collectors.joining(" "));
    Assignment many =
        Assignment.empty("Many")
            .with(Item.of(1, "many", "", new Source.ValuesText(values)))
            .asking(Part.of(1, "?", Selection.of(1), StatedRules.NONE), List.of(SD));

    List<Block> tables =
        HandIn.of(many, telling(many, Content.WORKINGS)).pieces().stream()
            .filter(Block.Table.class::isInstance)
            .toList();

    assertThat(tables).hasSize(1);
    List<List<String>> rows = ((Block.Table) tables.get(0)).rows();
    assertThat(rows).hasSizeLessThan(25);
    assertThat(rows.get(0).get(0)).isEqualTo("0");
    assertThat(rows.stream().flatMap(List::stream)).contains("…", "199", "Σ 19900");
  }
}
