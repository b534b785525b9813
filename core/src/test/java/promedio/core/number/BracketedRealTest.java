package promedio.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class BracketedRealTest {

  @Test
  void narrowsItsBracketUntilBothEndsRoundAlike() {
    // 2.665000…0001 with the 1 at the 70th place: 50 digits do not tell which way it rounds.
    BigDecimal value = new BigDecimal("2.665").add(BigDecimal.ONE.movePointLeft(70));
    AtomicInteger asked = new AtomicInteger();
    BracketedReal number =
        BracketedReal.of(
            digits -> {
              asked.incrementAndGet();
              BigDecimal margin = BigDecimal.ONE.movePointLeft(digits);
              return new BracketedReal.Bracket(value.subtract(margin), value.add(margin));
            },
            () -> {
              throw new AssertionError("the bracket is enough");
            });

    assertThat(number.rounded(2, Rounding.HALF_EVEN)).hasToString("2.67");
    assertThat(asked).hasValue(2);
    assertThat(number.significant(3)).hasToString("2.67");
  }

  @Test
  void asksForTheExactNumberWhereItLiesOnTheBorder() {
    BigDecimal value = new BigDecimal("0.125");
    BracketedReal number =
        BracketedReal.of(
            digits -> {
              BigDecimal margin = BigDecimal.ONE.movePointLeft(digits);
              return new BracketedReal.Bracket(value.subtract(margin), value.add(margin));
            },
            () -> Exact.of(1, 8));

    assertThat(number.rounded(2, Rounding.HALF_UP)).hasToString("0.13");
    assertThat(number.rounded(2, Rounding.HALF_EVEN)).hasToString("0.12");
    assertThat(number.signum()).isEqualTo(1);
  }
}
