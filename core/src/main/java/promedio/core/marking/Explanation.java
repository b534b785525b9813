package promedio.core.marking;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.formula.Quantity;
import promedio.core.measure.Result;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.slip.Cause;
import promedio.core.slip.Kind;

/**
 * A single thing that would explain an answer, or two of them together.
 *
 * @param cause what was done
 * @param kind what that is: of another rule, a mistake where the question itself says which one
 * @param params with what, by name; several that fit are joined by commas
 * @param outcome what it leads to, before it is rounded
 * @param at the quantity whose step in the working it happens in; none where that is the last one
 * @param with what was done besides
 * @param also what else leads to the very same, each less likely than this
 */
public record Explanation(
    Cause cause,
    Kind kind,
    Map<String, String> params,
    Result outcome,
    Optional<Quantity> at,
    Optional<Explanation> with,
    List<Explanation> also) {

  public Explanation {
    params = Collections.unmodifiableMap(new LinkedHashMap<>(params));
    also = List.copyOf(also);
  }

  /** {@return the value of the data that was slipped with; of several that fit, the first} */
  public Optional<Exact> value() {
    if (!cause.isOfAnEntry()) {
      return Optional.empty();
    }
    String first = params.getOrDefault("value", "").split(",", -1)[0];
    return NumberText.read(first, DecimalSign.POINT) instanceof Reading.Numeral numeral
        ? Optional.of(numeral.value())
        : Optional.empty();
  }

  /** {@return a single thing} */
  static Explanation of(Candidate candidate) {
    return of(candidate, candidate.params());
  }

  /** {@return a single thing, several variants of which fit} */
  static Explanation of(Candidate first, Map<String, String> params) {
    return new Explanation(
        first.cause(),
        first.kind(),
        params,
        first.outcome(),
        first.at(),
        Optional.empty(),
        List.of());
  }

  /** {@return this, and another thing besides} */
  Explanation and(Explanation other) {
    return new Explanation(cause, kind, params, outcome, at, Optional.of(other), also);
  }

  /** {@return this, with another thing that leads to the very same} */
  Explanation orAlso(Explanation other) {
    List<Explanation> all =
        Stream.of(also.stream(), Stream.of(other), other.also.stream())
            .flatMap(each -> each)
            .toList();
    return new Explanation(cause, kind, params, outcome, at, with, all);
  }
}
