package promedio.core.marking;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.measure.Result;
import promedio.core.number.Exact;
import promedio.core.number.Reading.Form;
import promedio.core.number.Reading.Numeral;
import promedio.core.number.Real;
import promedio.core.number.Rounding;
import promedio.core.slip.Cause;
import promedio.core.slip.Kind;

/**
 * What a cause would lead to.
 *
 * @param cause the cause
 * @param kind a rule of the course, or a mistake where the question itself says it
 * @param params which variant of it, by the names of slips
 * @param outcome what comes of it
 * @param variant how its last digit comes about
 * @param at the quantity whose step it happens in; none where that is the last one
 * @param prior how likely just this is, of 100; none where that is said of the cause as a whole
 */
record Candidate(
    Cause cause,
    Kind kind,
    Map<String, String> params,
    Result outcome,
    RoundingVariant variant,
    Optional<Quantity> at,
    Optional<Integer> prior) {

  /** Makes one of the kind that its cause usually is. */
  Candidate(Cause cause, Map<String, String> params, Result outcome, RoundingVariant variant) {
    this(cause, cause.kind(), params, outcome, variant, Optional.empty(), Optional.empty());
  }

  /** {@return the same as another kind of thing} */
  Candidate as(Kind other) {
    return new Candidate(cause, other, params, outcome, variant, at, prior);
  }

  /** {@return the same, in the step that finds the quantity} */
  Candidate in(Quantity step) {
    return new Candidate(cause, kind, params, outcome, variant, Optional.of(step), prior);
  }

  /** {@return the same, so likely of 100} */
  Candidate likely(int ofHundred) {
    return new Candidate(cause, kind, params, outcome, variant, at, Optional.of(ofHundred));
  }

  /** {@return whether it gives what was answered} */
  boolean gives(Answer answer, Rounding rounding) {
    if (answer instanceof Answer.None) {
      // By another rule there may be no result; no slip makes one disappear.
      return outcome instanceof Result.Absent && kind == Kind.RULE;
    }
    List<Real> numbers = numbers(outcome);
    List<Numeral> written = answer instanceof Answer.Numbers found ? found.numbers() : List.of();
    if (numbers.isEmpty() || numbers.size() != written.size()) {
      return false;
    }
    for (int i = 0; i < numbers.size(); i++) {
      if (!gives(numbers.get(i), written.get(i), rounding)) {
        return false;
      }
    }
    return true;
  }

  private boolean gives(Real number, Numeral written, Rounding rounding) {
    if (written.form() == Form.FRACTION) {
      return variant == RoundingVariant.ROUNDED && written.value().equals(number);
    }
    return variant
        .of(number, written.places(), rounding)
        .filter(digits -> written.value().equals(Exact.of(digits)))
        .isPresent();
  }

  /** {@return its numbers as they are written with so many places}; none where it has none */
  List<BigDecimal> digits(int places, Rounding rounding) {
    List<BigDecimal> digits = new ArrayList<>();
    for (Real number : numbers(outcome)) {
      Optional<BigDecimal> each = variant.of(number, places, rounding);
      if (each.isEmpty()) {
        return List.of();
      }
      digits.add(each.get());
    }
    return digits;
  }

  /** {@return the numbers of a result} */
  static List<Real> numbers(Result result) {
    if (result instanceof Result.Several several) {
      return List.copyOf(several.values());
    }
    if (result instanceof Result.Estimated estimated) {
      return List.of(estimated.value().decimal());
    }
    return result instanceof Result.Row row
        ? List.copyOf(row.values())
        : result.number().map(List::of).orElse(List.of());
  }
}
