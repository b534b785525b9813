package promedio.core.computation;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import promedio.core.catalogue.Measures;
import promedio.core.distribution.Approximate;
import promedio.core.measure.Result;
import promedio.core.rules.Correction;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Groups;

/** Every two of several groups by themselves, with p-values corrected for their number. */
public final class Pairwise {

  private Pairwise() {}

  /**
   * Two of the groups.
   *
   * @param a what the first is called
   * @param b what the second is called
   * @param computation everything that can be known of these two
   * @param corrected the p-value of t of both, corrected; none where there is no p-value
   */
  public record Comparison(
      String a, String b, Computation computation, Optional<Approximate> corrected) {}

  /** {@return every two groups in their order: first with second, first with third, …} */
  public static List<Comparison> of(Groups groups, CourseRules rules) {
    List<Comparison> pairs = new ArrayList<>();
    int k = groups.samples().size();
    for (int a = 0; a < k; a++) {
      for (int b = a + 1; b < k; b++) {
        pairs.add(comparison(groups.two(a, b), rules));
      }
    }
    return corrected(pairs, rules.get(Rule.CORRECTION));
  }

  /**
   * {@return the p-value of two groups, corrected for the comparisons of all groups that they are
   * among}; none where they have no p-value
   */
  static Optional<Approximate> corrected(Groups two, CourseRules rules) {
    Groups all = two.among().orElse(two);
    Comparison own = comparison(two, rules);
    Set<String> names = Set.of(own.a(), own.b());
    List<Comparison> pairs = new ArrayList<>();
    int place = 0;
    for (Comparison each : of(all, rules.with(Rule.CORRECTION, Correction.NONE))) {
      boolean same = names.equals(Set.of(each.a(), each.b()));
      place = same ? pairs.size() : place;
      // In the other order the p-value of a single tail is another one.
      pairs.add(same ? own : each);
    }
    return corrected(pairs, rules.get(Rule.CORRECTION)).get(place).corrected();
  }

  private static Comparison comparison(Groups two, CourseRules rules) {
    Computation computation = Computation.of(two, rules);
    return new Comparison(
        two.samples().get(0).name(), two.samples().get(1).name(), computation, p(computation));
  }

  private static Optional<Approximate> p(Computation computation) {
    return computation.result(Measures.ofKey("t_two_p").orElseThrow())
            instanceof Result.Estimated found
        ? Optional.of(found.value())
        : Optional.empty();
  }

  private static List<Comparison> corrected(List<Comparison> pairs, Correction correction) {
    List<Integer> ascending =
        IntStream.range(0, pairs.size())
            .boxed()
            .filter(i -> pairs.get(i).corrected().isPresent())
            .sorted(Comparator.comparing(i -> pairs.get(i).corrected().orElseThrow().value()))
            .toList();
    int m = ascending.size();
    List<Comparison> corrected = new ArrayList<>(pairs);
    BigDecimal least = BigDecimal.ZERO;
    for (int i = 0; i < m; i++) {
      Comparison pair = pairs.get(ascending.get(i));
      BigDecimal p = pair.corrected().orElseThrow().value();
      BigDecimal times =
          switch (correction) {
            case NONE -> p;
            case BONFERRONI -> p.multiply(BigDecimal.valueOf(m));
            case HOLM -> p.multiply(BigDecimal.valueOf(m - i)).max(least);
          };
      least = times.min(BigDecimal.ONE);
      corrected.set(
          ascending.get(i),
          new Comparison(
              pair.a(), pair.b(), pair.computation(), Optional.of(new Approximate(least))));
    }
    return corrected;
  }
}
