package promedio.core.question;

import java.util.Optional;
import java.util.regex.Matcher;

/**
 * To how many places answers are wanted.
 *
 * @param places decimal places
 * @param digits significant digits
 */
record Limits(Optional<Integer> places, Optional<Integer> digits) {

  /** Nothing is said of it. */
  static final Limits NONE = new Limits(Optional.empty(), Optional.empty());

  private static final int MOST_NEAREST = 3;

  /** {@return what the words say of it} */
  static Limits in(String text, Words words) {
    Optional<Integer> digits = number(text, words, "digits");
    Optional<Integer> places = number(text, words, "places");
    for (int nearest = 0; nearest <= MOST_NEAREST && places.isEmpty(); nearest++) {
      places = words.says("nearest." + nearest, text) ? Optional.of(nearest) : places;
    }
    return digits.isPresent() ? new Limits(Optional.empty(), digits) : new Limits(places, digits);
  }

  private static Optional<Integer> number(String text, Words words, String key) {
    Matcher matcher = words.pattern(key).matcher(text);
    return matcher.find()
        ? Words.group(matcher, "n").or(() -> Words.group(matcher, "n2")).flatMap(words::number)
        : Optional.empty();
  }

  boolean isNone() {
    return places.isEmpty() && digits.isEmpty();
  }
}
