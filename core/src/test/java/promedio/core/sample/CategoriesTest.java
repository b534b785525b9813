package promedio.core.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import promedio.core.ByCode;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Categories.Row;
import promedio.core.table.Kind;
import promedio.core.table.WordColumn;

/** What can be told of names that were counted. */
class CategoriesTest {

  private static final CourseRules LIST_ALL = ByCode.with(CourseRules.DEFAULTS, "mode", "list-all");

  private static Row row(String name, int frequency) {
    return new Row(name, Exact.of(frequency));
  }

  private static Categories of(Row... rows) throws BadInputException {
    return Categories.read(List.of(rows), 0);
  }

  private static Result mode(Categories categories, CourseRules rules) {
    return Computation.of(categories, rules).result(Measures.MODES);
  }

  @Test
  void equalNamesAreOneCategoryInTheOrderTheyCame() throws BadInputException {
    Categories pears = of(row("Conference", 3), row("Blanca", 5), row("Conference", 4));

    assertThat(pears.rows()).containsExactly(row("Conference", 7), row("Blanca", 5));
    assertThat(pears.total()).isEqualTo(Exact.of(12));
    assertThat(pears.frequency("Blanca")).isEqualTo(Exact.of(5));
    assertThat(pears.frequency("Ercolini")).isEqualTo(Exact.ZERO);
  }

  @Test
  void sharesAreExact() throws BadInputException {
    Categories pears = of(row("Conference", 1), row("Blanca", 2));

    assertThat(pears.rows().get(0).relative(pears.total())).isEqualTo(Exact.of(1, 3));
  }

  @Test
  void theModeIsTheNameThatOccursMostOften() throws BadInputException {
    assertThat(mode(of(row("scarred", 9), row("bruised", 14)), CourseRules.DEFAULTS))
        .isEqualTo(new Result.Named(List.of("bruised")));
    assertThat(mode(of(row("a", 4), row("b", 1), row("c", 4)), CourseRules.DEFAULTS))
        .isEqualTo(new Result.Named(List.of("a", "c")));
  }

  @Test
  void equallyFrequentNamesHaveNoModeUnlessTheCourseListsThemAll() throws BadInputException {
    Categories even = of(row("a", 2), row("b", 2), row("never seen", 0));

    assertThat(mode(even, CourseRules.DEFAULTS)).isInstanceOf(Result.Absent.class);
    assertThat(mode(even, LIST_ALL)).isEqualTo(new Result.Named(List.of("a", "b")));
    // One name alone is the mode by either rule.
    assertThat(mode(of(row("a", 2)), CourseRules.DEFAULTS))
        .isEqualTo(new Result.Named(List.of("a")));
  }

  @Test
  void namesHaveNoOtherMeasureAndItSaysWhy() throws BadInputException {
    Computation measures = Computation.of(of(row("a", 2), row("b", 1)), CourseRules.DEFAULTS);

    for (Measure measure : Measures.all()) {
      if (measure != Measures.MODES) {
        assertThat(measures.result(measure))
            .as(measure.key())
            .isEqualTo(Result.absent("of-categories"));
      }
    }
    assertThat(measures.result(Request.of(Measures.PERCENTILE, Exact.of(90))))
        .isEqualTo(Result.absent("of-categories"));
    assertThat(measures.result(Request.of(Measures.TRIMMED_MEAN, Exact.of(1, 10))))
        .isEqualTo(Result.absent("of-categories"));
    assertThat(Result.absent("of-categories"))
        .isInstanceOfSatisfying(
            Result.Absent.class,
            absent ->
                assertThat(absent.why().text()).isEqualTo("categories are names, not numbers"));
  }

  @Test
  void whereNothingWasCountedThereIsNoModeEither() {
    assertThat(mode(Categories.NONE, CourseRules.DEFAULTS)).isEqualTo(Result.absent("no-values"));
  }

  @Test
  void frequenciesBelowZeroAndFrequenciesOfNothingAreRefused() {
    assertThatThrownBy(() -> of(row("plum", -2)))
        .isInstanceOf(BadInputException.class)
        .hasMessage("the frequency of plum is -2; a frequency cannot be negative");
    assertThatThrownBy(() -> of(row("plum", 0), row("pear", 0)))
        .isInstanceOf(BadInputException.class)
        .hasMessage("every frequency is 0");
  }

  @Test
  void theyAreListedByFrequencyOrNameAndTiesStayAsTheyCame() throws BadInputException {
    Categories pears = of(row("limonera", 5), row("Blanca", 5), row("Conference", 12));

    assertThat(pears.in(CategoryOrder.FREQUENCY).rows())
        .extracting(Row::name)
        .containsExactly("Conference", "limonera", "Blanca");
    assertThat(pears.in(CategoryOrder.NAME).rows())
        .extracting(Row::name)
        .containsExactly("Blanca", "Conference", "limonera");
    assertThat(pears.in(CategoryOrder.GIVEN)).isEqualTo(pears);
    assertThat(CategoryOrder.ofCode("frequency")).contains(CategoryOrder.FREQUENCY);
    assertThat(CategoryOrder.ofCode("size")).isEmpty();
  }

  @Test
  void aColumnOfWordsIsCountedAndEmptyEntriesAreMissing() throws BadInputException {
    WordColumn column =
        WordColumn.of("variety", Kind.CATEGORY, List.of("Blanca", "", "Conference", "Blanca"));

    assertThat(column.categories())
        .isEqualTo(Categories.read(List.of(row("Blanca", 2), row("Conference", 1)), 1));
  }

  @Provide
  Arbitrary<List<String>> words() {
    return Arbitraries.of("Blanca", "Conference", "Limonera", "Ercolini", "Castell")
        .list()
        .ofMinSize(1)
        .ofMaxSize(40);
  }

  private static Categories counted(List<String> words) throws BadInputException {
    return Categories.read(words.stream().map(word -> row(word, 1)).toList(), 0);
  }

  @Property(tries = 200)
  void sharesSumToOneAndFrequenciesToN(@ForAll("words") List<String> words)
      throws BadInputException {
    Categories counted = counted(words);

    Exact shares =
        counted.rows().stream()
            .map(row -> row.relative(counted.total()))
            .reduce(Exact.ZERO, Exact::plus);
    assertThat(shares).isEqualTo(Exact.ONE);
    assertThat(counted.total()).isEqualTo(Exact.of(words.size()));
  }

  @Property(tries = 200)
  void theModeIsThatOfPlainCountingWhateverTheOrder(
      @ForAll("words") List<String> words, @ForAll long seed) throws BadInputException {
    int most = words.stream().mapToInt(w -> Collections.frequency(words, w)).max().orElseThrow();
    List<String> expected =
        words.stream()
            .distinct()
            .filter(word -> Collections.frequency(words, word) == most)
            .toList();
    List<String> shuffled = new ArrayList<>(words);
    Collections.shuffle(shuffled, new Random(seed));

    assertThat(((Result.Named) mode(counted(words), LIST_ALL)).names()).isEqualTo(expected);
    assertThat(((Result.Named) mode(counted(shuffled), LIST_ALL)).names())
        .containsExactlyInAnyOrderElementsOf(expected);
  }

  @Property(tries = 100)
  void countingEverythingTwiceChangesNoShareAndNoMode(@ForAll("words") List<String> words)
      throws BadInputException {
    List<String> twice = new ArrayList<>(words);
    twice.addAll(words);
    Categories once = counted(words);
    Categories doubled = counted(twice);

    assertThat(mode(doubled, LIST_ALL)).isEqualTo(mode(once, LIST_ALL));
    for (Row row : once.rows()) {
      assertThat(doubled.frequency(row.name()).over(doubled.total()))
          .isEqualTo(row.relative(once.total()));
    }
  }
}
