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
class PortionTest {

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
    assertThat(Portion.group("lower").of(TERRACES)).contains(sample(4, 6));
    assertThat(Portion.TOGETHER.of(TERRACES)).contains(sample(8, 10, 9, 4, 6));
    assertThat(Portion.two("lower", "upper").of(TERRACES).orElseThrow().groups().orElseThrow())
        .extracting(groups -> groups.samples().get(0).name())
        .isEqualTo("lower");
    assertThat(Portion.WHOLE.of(TERRACES)).contains(TERRACES);
  }

  @Test
  void xAndYOfPairsAreSamples() {
    assertThat(Portion.X.of(PAIRS)).contains(sample(1, 2));
    assertThat(Portion.Y.of(PAIRS)).contains(sample(5, 7));
  }

  @Test
  void whatIsNotThereIsNone() {
    assertThat(Portion.group("attic").of(TERRACES)).isEmpty();
    assertThat(Portion.two("upper", "attic").of(TERRACES)).isEmpty();
    assertThat(Portion.X.of(TERRACES)).isEmpty();
    assertThat(Portion.TOGETHER.of(sample(1))).isEmpty();
    assertThatThrownBy(() -> new Portion(Portion.Kind.TWO, List.of("upper")))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void categoriesAreSetBesideWhatIsExpectedOfThem() {
    Data colours = TypedCategories.read("green 3\nred 5", DecimalSign.POINT).data();
    Portion given = Portion.fit(List.of(Exact.of(1, 3), Exact.ONE));

    assertThat(given.groups()).containsExactly("1/3", "1");
    assertThat(given.of(colours).flatMap(Data::fit).orElseThrow().expectedCount(0))
        .isEqualTo(Exact.of(2));
    assertThat(Portion.fit(List.of()).of(colours).flatMap(Data::fit).orElseThrow().expectedCount(0))
        .isEqualTo(Exact.of(4));
    assertThat(Portion.fit(List.of(Exact.ONE)).of(colours)).isEmpty();
    assertThat(given.of(TERRACES)).isEmpty();
    assertThatThrownBy(() -> new Portion(Portion.Kind.FIT, List.of("much")))
        .isInstanceOf(IllegalArgumentException.class);
  }

  static Stream<Arguments> portions() {
    Data colours = TypedCategories.read("green 3\nred 5", DecimalSign.POINT).data();
    return Stream.of(
        Arguments.of(Portion.WHOLE, TERRACES),
        Arguments.of(Portion.X, PAIRS),
        Arguments.of(Portion.Y, PAIRS),
        Arguments.of(Portion.group("upper"), TERRACES),
        Arguments.of(Portion.TOGETHER, TERRACES),
        Arguments.of(Portion.two("upper", "lower"), TERRACES),
        Arguments.of(Portion.fit(List.of()), colours));
  }

  @ParameterizedTest
  @MethodSource("portions")
  void itTellsWhatItsDataAreAbout(Portion portion, Data whole) {
    assertThat(portion.fits(whole.subject())).isTrue();
    assertThat(portion.of(whole).orElseThrow().subject())
        .isEqualTo(portion.subject(whole.subject()));
  }
}
