package promedio.core.marking;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.slip.Cause;

/** Finds the causes that explain an answer, and puts the likeliest first. */
final class ExplanationRanking {

  /** More are not told. */
  private static final int MOST = 5;

  /** A single digit is explained by what is done at the top of a formula alone. */
  private static final int TOP = 40;

  private static final Comparator<Candidate> BY_PRIOR =
      Comparator.comparing(fit -> fit.prior().orElse(0));

  private final List<Candidate> candidates;
  private final Candidate right;
  private final Rounding rounding;

  /**
   * Makes one.
   *
   * @param candidates what the causes would lead to
   * @param right the right result
   */
  ExplanationRanking(List<Candidate> candidates, Candidate right, Rounding rounding) {
    this.candidates = candidates;
    this.right = right;
    this.rounding = rounding;
  }

  /** {@return what explains the answer, the likeliest first} */
  List<Explanation> explain(Answer answer) {
    int digits = answer.digits();
    Map<Cause, List<Candidate>> fitting = new EnumMap<>(Cause.class);
    for (Candidate candidate : candidates) {
      if (candidate.cause().fewestDigits() <= digits
          && (digits > 1 || candidate.prior().orElse(TOP) >= TOP)
          && candidate.gives(answer, rounding)) {
        fitting.computeIfAbsent(candidate.cause(), cause -> new ArrayList<>()).add(candidate);
      }
    }
    int places = answer instanceof Answer.Numbers numbers ? numbers.places() : 0;
    Map<Cause, Exact> likelihoods = new EnumMap<>(Cause.class);
    fitting.forEach((cause, fits) -> likelihoods.put(cause, likelihood(cause, fits, places)));
    List<Explanation> found = new ArrayList<>();
    fitting.keySet().stream()
        .sorted(Comparator.comparing((Cause cause) -> likelihoods.get(cause)).reversed())
        .forEach(cause -> joined(fitting.get(cause)).forEach(each -> add(each, found)));
    return found.stream().limit(MOST).toList();
  }

  /** Two mistakes on the way that come to the very same are one explanation. */
  private static void add(Explanation next, List<Explanation> found) {
    for (int i = 0; i < found.size() && next.cause().isOfTheWay(); i++) {
      if (found.get(i).outcome().equals(next.outcome())) {
        found.set(i, found.get(i).orAlso(next));
        return;
      }
    }
    found.add(next);
  }

  /**
   * How often the cause would lead to this answer: of its variants that change the result so many
   * give it.
   */
  private Exact likelihood(Cause cause, List<Candidate> fits, int places) {
    if (fits.get(0).prior().isPresent()) {
      return Exact.of(fits.stream().max(BY_PRIOR).flatMap(Candidate::prior).orElse(0));
    }
    List<BigDecimal> unchanged = right.digits(places, rounding);
    Map<Map<String, String>, Set<Object>> changing = new HashMap<>();
    for (Candidate candidate : candidates) {
      if (candidate.cause() == cause) {
        List<BigDecimal> digits = candidate.digits(places, rounding);
        if (!digits.equals(unchanged)) {
          changing.computeIfAbsent(candidate.params(), params -> new HashSet<>()).add(digits);
        }
      }
    }
    Map<Map<String, String>, Set<Object>> given = new HashMap<>();
    for (Candidate candidate : fits) {
      given
          .computeIfAbsent(candidate.params(), params -> new HashSet<>())
          .add(candidate.digits(places, rounding));
    }
    Exact sum = Exact.ZERO;
    for (Map.Entry<Map<String, String>, Set<Object>> variant : given.entrySet()) {
      int ways = Math.max(1, changing.getOrDefault(variant.getKey(), Set.of()).size());
      sum = sum.plus(Exact.of(variant.getValue().size(), ways));
    }
    return sum.times(cause.weight()).over(Math.max(1, changing.size()));
  }

  /** Variants of one cause are one explanation; of mistakes on the way the likeliest is told. */
  private static List<Explanation> joined(List<Candidate> fits) {
    Optional<Candidate> likeliest =
        fits.stream().filter(fit -> fit.prior().isPresent()).max(BY_PRIOR);
    if (likeliest.isPresent()) {
      return Stream.concat(
              likeliest.stream(),
              fits.stream()
                  .filter(fit -> !fit.equals(likeliest.get()))
                  .filter(fit -> fit.outcome().equals(likeliest.get().outcome())))
          .map(Explanation::of)
          .toList();
    }
    Set<Map<String, String>> variants = new LinkedHashSet<>();
    fits.forEach(fit -> variants.add(fit.params()));
    Map<String, String> params = new LinkedHashMap<>();
    for (Map<String, String> variant : variants) {
      variant.forEach((name, value) -> params.merge(name, value, (a, b) -> a + "," + b));
    }
    return List.of(Explanation.of(fits.get(0), params));
  }
}
