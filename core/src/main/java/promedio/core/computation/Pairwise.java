package promedio.core.computation;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.WeakHashMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import promedio.core.catalogue.Measures;
import promedio.core.distribution.Approximate;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.rules.Correction;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Groups;

/** Every two of several groups by themselves, with p-values corrected for their number. */
public final class Pairwise {

  private static final Request ALONE = request("t_two_p");
  private static final Request CORRECTED = request("t_two_p_corrected");

  /** The p-values of groups as long as anybody has the groups; none of them leads back to those. */
  private static final Map<Groups, Map<CourseRules, List<Optional<Approximate>>>> KNOWN =
      Collections.synchronizedMap(new WeakHashMap<>());

  private Pairwise() {}

  private static Request request(String key) {
    return Request.of(Measures.ofKey(key).orElseThrow());
  }

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

  /**
   * A p-value as it is corrected.
   *
   * @param p the corrected p-value: at most 1, and by Holm not below the one before it in the order
   * @param alone the p-value before it is corrected
   * @param position where the p-value stands when all are in order, from 1
   * @param of how many comparisons have a p-value
   * @param times what it is multiplied by
   */
  public record Corrected(Approximate p, Approximate alone, int position, int of, int times) {}

  /** {@return every two groups in their order: first with second, first with third, …} */
  public static List<Comparison> of(Groups groups, CourseRules rules) {
    List<Groups> pairs = pairs(groups);
    List<Computation> computations = pairs.stream().map(two -> Computation.of(two, rules)).toList();
    List<Optional<Approximate>> corrected =
        corrected(computations.stream().map(Pairwise::p).toList(), rules.get(Rule.CORRECTION))
            .stream()
            .map(each -> each.map(Corrected::p))
            .toList();
    List<Comparison> comparisons = new ArrayList<>();
    for (int i = 0; i < pairs.size(); i++) {
      Computation computation = computations.get(i);
      // Whoever asks these two for it need not compare all groups again.
      corrected.get(i).ifPresent(p -> computation.know(CORRECTED, new Result.Estimated(p)));
      comparisons.add(
          new Comparison(
              name(pairs.get(i), 0), name(pairs.get(i), 1), computation, corrected.get(i)));
    }
    return comparisons;
  }

  /**
   * {@return the p-value of two groups, corrected for the comparisons of all groups that they are
   * among}
   *
   * @param alone the p-value of the two by themselves
   */
  public static Corrected corrected(Groups two, CourseRules rules, Approximate alone) {
    Groups all = two.among().orElse(two);
    List<Groups> pairs = pairs(all);
    Set<String> names = names(two);
    int place = 0;
    while (!names(pairs.get(place)).equals(names)) {
      place++;
    }
    List<Optional<Approximate>> each = new ArrayList<>(ofAll(all, pairs, rules));
    // In the other order the p-value of a single tail is another one.
    each.set(place, Optional.of(alone));
    return corrected(each, rules.get(Rule.CORRECTION)).get(place).orElseThrow();
  }

  /** The p-values of all pairs, which are the same for each pair that is asked for its own. */
  private static List<Optional<Approximate>> ofAll(
      Groups all, List<Groups> pairs, CourseRules rules) {
    Map<CourseRules, List<Optional<Approximate>>> byRules =
        KNOWN.computeIfAbsent(all, groups -> new ConcurrentHashMap<>());
    return byRules.computeIfAbsent(
        rules, by -> pairs.stream().map(two -> p(Computation.of(two, by))).toList());
  }

  private static List<Groups> pairs(Groups groups) {
    List<Groups> pairs = new ArrayList<>();
    int k = groups.samples().size();
    for (int a = 0; a < k; a++) {
      for (int b = a + 1; b < k; b++) {
        pairs.add(groups.two(a, b));
      }
    }
    return pairs;
  }

  private static String name(Groups two, int which) {
    return two.samples().get(which).name();
  }

  private static Set<String> names(Groups two) {
    return Set.of(name(two, 0), name(two, 1));
  }

  private static Optional<Approximate> p(Computation computation) {
    return computation.result(ALONE) instanceof Result.Estimated found
        ? Optional.of(found.value())
        : Optional.empty();
  }

  /** Each p-value, corrected for how many there are. */
  private static List<Optional<Corrected>> corrected(
      List<Optional<Approximate>> each, Correction correction) {
    List<Integer> ascending =
        IntStream.range(0, each.size())
            .boxed()
            .filter(i -> each.get(i).isPresent())
            .sorted(Comparator.comparing(i -> each.get(i).orElseThrow().value()))
            .toList();
    int m = ascending.size();
    List<Optional<Corrected>> corrected =
        new ArrayList<>(Collections.nCopies(each.size(), Optional.empty()));
    BigDecimal least = BigDecimal.ZERO;
    for (int i = 0; i < m; i++) {
      BigDecimal p = each.get(ascending.get(i)).orElseThrow().value();
      int times =
          switch (correction) {
            case NONE -> 1;
            case BONFERRONI -> m;
            case HOLM -> m - i;
          };
      // In order, no correction makes a p-value smaller than the one before it.
      least = p.multiply(BigDecimal.valueOf(times)).max(least).min(BigDecimal.ONE);
      corrected.set(
          ascending.get(i),
          Optional.of(new Corrected(new Approximate(least), new Approximate(p), i + 1, m, times)));
    }
    return corrected;
  }
}
