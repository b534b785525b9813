package promedio.core.rules;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What a worked solution carries from step to step.
 *
 * @param code {@code exact}, or the number of places that every step is rounded to
 */
public record IntermediateRounding(String code) implements Coded {

  /**
   * Makes one.
   *
   * @throws IllegalArgumentException if the code is none
   */
  public IntermediateRounding {
    boolean places = code.matches("\\d{1,2}") && Integer.parseInt(code) <= Rule.MOST_PLACES;
    if (!places && !code.equals("exact")) {
      throw new IllegalArgumentException(
          "carry takes exact or 0 to " + Rule.MOST_PLACES + ", not " + code);
    }
  }

  /** Exact values. */
  public static final IntermediateRounding EXACT = new IntermediateRounding("exact");

  /** {@return all there are: exact, and 0 to 12 places} */
  static List<IntermediateRounding> all() {
    return Stream.concat(
            Stream.of(EXACT),
            IntStream.rangeClosed(0, Rule.MOST_PLACES)
                .mapToObj(i -> new IntermediateRounding(String.valueOf(i))))
        .toList();
  }
}
