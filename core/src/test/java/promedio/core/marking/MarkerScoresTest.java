package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How well single slips are found, over answers made at random. */
class MarkerScoresTest {

  @Test
  void theSlipThatWasMadeIsNamedFirstInMostAnswers() {
    MarkerScores scores = MarkerScores.of(6, 11);

    assertThat(scores.share(MarkerScores.Place.FIRST)).isGreaterThan(0.90);
    assertThat(scores.share(MarkerScores.Place.FIRST_THREE)).isGreaterThan(0.98);
    assertThat(scores.named()).isGreaterThan(0.97);
  }
}
