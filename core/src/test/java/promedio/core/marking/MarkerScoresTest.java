package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import promedio.core.number.DecimalSign;
import promedio.core.number.Rounding;

/**
 * How well single slips are found, over answers made at random. With {@code -Dpromedio.scores=60}
 * so many answers are made for each code and kind of data, and the scores are printed.
 */
class MarkerScoresTest {

  private static final int FEW = 6;
  private static final int EACH = Integer.getInteger("promedio.scores", FEW);

  @Test
  void theSlipThatWasMadeIsNamedFirstInMostAnswers() {
    MarkerScores scores = MarkerScores.of(EACH, 11);

    if (EACH > FEW) {
      scores.lines(20 * EACH).forEach(System.out::println);
    }
    assertThat(scores.share(MarkerScores.Place.FIRST)).isGreaterThan(0.93);
    assertThat(scores.share(MarkerScores.Place.FIRST_THREE)).isGreaterThan(0.98);
    assertThat(scores.named()).isGreaterThan(0.97);
  }

  @Test
  void fewRandomNumbersOfFourDigitsAreExplained() {
    assertThat(MarkerScores.falseAlarms("raw", 4, 600, 5)).isLessThan(0.08);
    assertThat(MarkerScores.falseAlarms("classes", 4, 600, 5)).isLessThan(0.05);
  }

  @Test
  void rightAnswersAreNeverCalledWrong() {
    SlipMaker maker = new SlipMaker(17);
    for (int i = 0; i < 600; i++) {
      Problem problem = maker.problem(i % 3 == 0 ? "raw" : i % 3 == 1 ? "table" : "classes");
      problem
          .right()
          .number()
          .ifPresent(
              right ->
                  assertThat(
                          Marker.of(problem)
                              .mark(
                                  right.rounded(places(problem), Rounding.HALF_UP).toPlainString(),
                                  DecimalSign.POINT)
                              .agrees())
                      .as("%s of %s", problem.measure(), right)
                      .isTrue());
    }
  }

  /** From none to more places than are asked. */
  private static int places(Problem problem) {
    return problem.measure().key().length() % 5;
  }
}
