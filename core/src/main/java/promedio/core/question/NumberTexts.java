package promedio.core.question;

import java.math.BigDecimal;
import java.util.List;

/** What numbers in a row are, by their texts; an empty one is an entry that is left out. */
final class NumberTexts {

  private NumberTexts() {}

  /** {@return whether all are whole numbers, as counts are} */
  static boolean areCounts(List<String> numbers) {
    return numbers.stream().allMatch(each -> each.matches("\\d+"));
  }

  /** {@return whether each is larger than the one before} */
  static boolean rise(List<String> numbers) {
    for (int i = 1; i < numbers.size(); i++) {
      if (!isNumber(numbers.get(i))
          || !isNumber(numbers.get(i - 1))
          || number(numbers.get(i)).compareTo(number(numbers.get(i - 1))) <= 0) {
        return false;
      }
    }
    return true;
  }

  /** {@return whether each is one more than the one before, as what is counted is} */
  static boolean areSteps(List<String> numbers) {
    for (int i = 1; i < numbers.size(); i++) {
      if (!isOne(number(numbers.get(i)).subtract(number(numbers.get(i - 1))))) {
        return false;
      }
    }
    return true;
  }

  private static boolean isOne(BigDecimal number) {
    return number.compareTo(BigDecimal.ONE) == 0;
  }

  private static boolean isNumber(String text) {
    return !text.isEmpty() && !text.contains("/");
  }

  private static BigDecimal number(String text) {
    return isNumber(text) ? new BigDecimal(text) : BigDecimal.ZERO;
  }
}
