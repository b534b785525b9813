package promedio.core.question;

import java.util.Optional;
import java.util.regex.Matcher;

/**
 * To how many places answers are wanted.
 *
 * @param places decimal places
 * @param digits significant digits
 * @param start where the words begin that say so
 * @param end where they end
 */
record Limits(Optional<Integer> places, Optional<Integer> digits, int start, int end) {

  /** Nothing is said of it. */
  static final Limits NONE = new Limits(Optional.empty(), Optional.empty(), 0, 0);

  private static final int MOST_NEAREST = 3;

  /** {@return what the words say of it} */
  static Limits in(String text, Words words) {
    Matcher matcher = words.pattern("digits").matcher(text);
    Optional<Integer> digits = number(matcher, words);
    if (digits.isPresent()) {
      return new Limits(Optional.empty(), digits, matcher.start(), matcher.end());
    }
    matcher = words.pattern("places").matcher(text);
    Optional<Integer> places = number(matcher, words);
    for (int nearest = MOST_NEAREST; nearest >= 0 && places.isEmpty(); nearest--) {
      matcher = words.pattern("nearest." + nearest).matcher(text);
      places = matcher.find() ? Optional.of(nearest) : places;
    }
    return places.isPresent()
        ? new Limits(places, Optional.empty(), matcher.start(), matcher.end())
        : NONE;
  }

  private static Optional<Integer> number(Matcher matcher, Words words) {
    return matcher.find()
        ? Words.group(matcher, "n").or(() -> Words.group(matcher, "n2")).flatMap(words::number)
        : Optional.empty();
  }

  /** {@return these, said in a text that begins at a place of another one} */
  Limits movedBy(int by) {
    return new Limits(places, digits, start + by, end + by);
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
        return new Limits(Optional.of(Integer.valueOf(names[1])), digits, start, end);
      }
    }
    return this;
  }

  boolean isNone() {
    return places.isEmpty() && digits.isEmpty();
  }
}
