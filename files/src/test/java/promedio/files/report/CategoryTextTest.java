package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.entry.TypedCategories;
import promedio.core.message.BadInputException;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Categories;
import promedio.core.sample.Data;

/** Categories as they are written and read in files. */
class CategoryTextTest {

  private static final Categories SORTED_OUT = typed("bruised 14; too small 21; scarred 7");

  private static Categories typed(String text) {
    return (Categories) TypedCategories.read(text, DecimalSign.POINT).data();
  }

  private static Data data(String json) throws BadInputException {
    return MarkRequestJson.data(MarkRequestJson.read(json));
  }

  @Test
  void sharesAreWrittenWhereTheyEndAndOtherwiseToTwelveDigits() {
    assertThat(CategoryText.csv(SORTED_OUT).lines())
        .containsExactly(
            "category,frequency,relative,percentage",
            "bruised,14,0.333333333333,33.3333333333",
            "too small,21,0.5,50",
            "scarred,7,0.166666666667,16.6666666667");
  }

  @Test
  void namesWithCommasAreQuotedAndTabsPartWhatIsCopied() {
    Categories sizes = typed("red, large\t1\n\"sweet\"\t1");

    assertThat(CategoryText.csv(sizes)).contains("\"red, large\",1,0.5,50");
    assertThat(CategoryText.tabbed(sizes)).contains("red, large\t1\t0.5\t50");
  }

  @Test
  void theTableIsSetUnderEachOtherWithItsTallyAndTotals() {
    assertThat(CategoryText.lines(typed("plum 2, pear 6"), CourseRules.DEFAULTS))
        .containsExactly(
            "category     tally   f    f/n        %",
            "plum            ||   2   0.25    25.00",
            "pear       ||||/ |   6   0.75    75.00",
            "Σ                    8      1   100.00");
  }

  @Test
  void theMeasuresOfCategoriesAreTheirModesByName() {
    JsonNode report = MeasuresJson.of(SORTED_OUT, CourseRules.DEFAULTS, RequestedMeasures.NONE);

    assertThat(report.path("n").asInt()).isEqualTo(42);
    assertThat(report.path("measures").path("modes").toString())
        .isEqualTo("[{\"value\":\"too small\"}]");
    assertThat(report.path("measures").path(Measures.MEAN.key()).path("absent").asText())
        .isEqualTo("categories are names, not numbers");
    assertThat(MeasuresText.of("reasons", SORTED_OUT, CourseRules.DEFAULTS, RequestedMeasures.NONE))
        .contains("modes                    too small");
  }

  @Test
  void theyAreReadFromJsonAsNamesOrWithFrequencies() throws BadInputException {
    assertThat(data("{\"categories\":[\"plum\",\"pear\",\"plum\",null]}"))
        .isEqualTo(new Categories(typed("plum 2, pear").rows(), 1));
    assertThat(data("{\"categories\":[[\"plum\",2],[\"pear\",\"1.5\"],[\"fig\",null],[7,3]]}"))
        .isEqualTo(new Categories(typed("plum 2, pear 1.5, 7 3").rows(), 1));
    assertThatThrownBy(() -> data("{\"categories\":[{\"plum\":2}]}"))
        .hasMessageContaining("is not a category: write a name, or a name and its frequency");
    assertThatThrownBy(() -> data("{\"categories\":[[\"plum\",\"many\"]]}"))
        .hasMessage("“many” is not a number");
  }

  @Test
  void whatIsWrittenForAFileComesBack() throws BadInputException {
    Categories odd = new Categories(typed("red, large\t1\nfig 2.5\n3 4").rows(), 2);

    assertThat(
            MarkRequestJson.categories(
                MarkRequestJson.write(odd).valueStream().toList(), odd.missing()))
        .isEqualTo(odd);
    assertThat(odd.total()).isEqualTo(Exact.of(15, 2));
  }
}
