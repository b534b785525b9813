package promedio.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.BigRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WholeRootTest {

  @ParameterizedTest
  @CsvSource({"1,5,1", "7,1,7", "8,3,2", "26,3,2", "27,3,3", "80,4,2", "81,4,3"})
  void isTheGreatestWholeNumberWhosePowerIsNotAbove(long number, int degree, long root) {
    assertThat(WholeRoot.of(BigInteger.valueOf(number), degree)).isEqualTo(root);
  }

  @Property(tries = 300)
  void itsPowerIsNotAboveAndThatOfTheNextIs(
      @ForAll
          @BigRange(min = "1", max = "123456789012345678901234567890123456789012345678901234567890")
          BigInteger number,
      @ForAll @IntRange(min = 1, max = 90) int degree) {
    BigInteger root = WholeRoot.of(number, degree);

    assertThat(root.pow(degree)).isLessThanOrEqualTo(number);
    assertThat(root.add(BigInteger.ONE).pow(degree)).isGreaterThan(number);
  }
}
