package promedio.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.BigRange;
import org.junit.jupiter.api.Test;

class SquaresTest {

  @Property
  void noSquareIsCalledNone(@ForAll @BigRange(min = "0", max = "1e300") BigInteger number) {
    assertThat(Squares.isNone(number.multiply(number))).isFalse();
  }

  @Test
  void ofOtherNumbersNearlyAllAre() {
    long none =
        IntStream.range(0, 100_000).filter(i -> Squares.isNone(BigInteger.valueOf(i))).count();
    assertThat(none).isBetween(98_000L, 100_000L - 317);
  }
}
