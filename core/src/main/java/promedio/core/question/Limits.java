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
    for (int nearest = MOST_NEAREST; nearest >= 0 && places.isEmpty(); nearest--) {
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

  /**
   * {@return these, where a smaller unit is asked than the data have}: to the nearest millimetre is
   * one place of centimetres
   *
   * @param said the words that ask
   * @param all the whole text, in which the unit of the data stands
   */
  Limits inUnitOf(String said, String all, Words words) {
    if (!places.equals(Optional.of(0))) {
      return this;
    }
    for (String key : words.keys("smaller.")) {
      String[] names = key.split("\\.", 4);
      boolean asked = words.says(key, said);
      boolean data = words.says("unit." + names[2], all);
      if (asked && data) {
        return new Limits(Optional.of(Integer.valueOf(names[1])), digits);
      }
    }
    return this;
  }

  boolean isNone() {
    return places.isEmpty() && digits.isEmpty();
  }
}
