package promedio.core.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.entry.TypedCategories;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;

/** Which part of data of several samples is meant. */
class DataSubsetTest {

  private static Sample sample(long... values) {
    return new Sample(Values.ofDecimals(values, 0));
  }

  private static final Groups TERRACES =
      new Groups(
          List.of(
              new Groups.Group("upper", sample(8, 10)),
              new Groups.Group("middle", sample(9)),
              new Groups.Group("lower", sample(4, 6))));

  private static final Pairs PAIRS =
      Pairs.of(sample(1, 2).values(), Values.of(List.of(Exact.of(5), Exact.of(7))));

  @Test
  void aGroupTwoGroupsAndAllTogetherAreDataOfTheirOwn() {
    assertThat(DataSubset.group("lower").of(TERRACES)).contains(sample(4, 6));
    assertThat(DataSubset.TOGETHER.of(TERRACES)).contains(sample(8, 10, 9, 4, 6));
    assertThat(DataSubset.two("lower", "upper").of(TERRACES).orElseThrow().groups().orElseThrow())
        .extracting(groups -> groups.samples().get(0).name())
        .isEqualTo("lower");
    assertThat(DataSubset.WHOLE.of(TERRACES)).contains(TERRACES);
  }

  @Test
  void xAndYOfPairsAreSamples() {
    assertThat(DataSubset.X.of(PAIRS)).contains(sample(1, 2));
    assertThat(DataSubset.Y.of(PAIRS)).contains(sample(5, 7));
  }

  @Test
  void whatIsNotThereIsNone() {
    assertThat(DataSubset.group("attic").of(TERRACES)).isEmpty();
    assertThat(DataSubset.two("upper", "attic").of(TERRACES)).isEmpty();
    assertThat(DataSubset.X.of(TERRACES)).isEmpty();
    assertThat(DataSubset.TOGETHER.of(sample(1))).isEmpty();
    assertThatThrownBy(() -> new DataSubset(DataSubset.Kind.TWO, List.of("upper")))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void categoriesAreSetBesideWhatIsExpectedOfThem() {
    Data colours = TypedCategories.read("green 3\nred 5", DecimalSign.POINT).data();
    DataSubset given = DataSubset.fit(List.of(Exact.of(1, 3), Exact.ONE));

    assertThat(given.groups()).containsExactly("1/3", "1");
    assertThat(given.of(colours).flatMap(Data::fit).orElseThrow().expectedCount(0))
        .isEqualTo(Exact.of(2));
    assertThat(
            DataSubset.fit(List.of()).of(colours).flatMap(Data::fit).orElseThrow().expectedCount(0))
        .isEqualTo(Exact.of(4));
    assertThat(DataSubset.fit(List.of(Exact.ONE)).of(colours)).isEmpty();
    assertThat(given.of(TERRACES)).isEmpty();
    assertThatThrownBy(() -> new DataSubset(DataSubset.Kind.FIT, List.of("much")))
        .isInstanceOf(IllegalArgumentException.class);
  }

  static Stream<Arguments> subsets() {
    Data colours = TypedCategories.read("green 3\nred 5", DecimalSign.POINT).data();
    return Stream.of(
        Arguments.of(DataSubset.WHOLE, TERRACES),
        Arguments.of(DataSubset.X, PAIRS),
        Arguments.of(DataSubset.Y, PAIRS),
        Arguments.of(DataSubset.group("upper"), TERRACES),
        Arguments.of(DataSubset.TOGETHER, TERRACES),
        Arguments.of(DataSubset.two("upper", "lower"), TERRACES),
        Arguments.of(DataSubset.fit(List.of()), colours));
  }

  @ParameterizedTest
  @MethodSource("subsets")
  void itTellsWhatItsDataAreAbout(DataSubset subset, Data whole) {
    assertThat(subset.fits(whole.subject())).isTrue();
    assertThat(subset.of(whole).orElseThrow().subject()).isEqualTo(subset.subject(whole.subject()));
  }
}
