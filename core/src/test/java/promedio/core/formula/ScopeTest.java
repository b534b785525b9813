package promedio.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** Sums over pairs, and over groups of values: what sums run over need not be one sample. */
public class ScopeTest {

  public static final Quantity Y = Quantity.ofRow("y", "y", "y");
  private static final Quantity MEAN_OF_Y = Quantity.of("mean_y", "\\bar{y}", "ȳ");
  private static final Quantity SIZE = Quantity.ofRow("size_of_group", "n_j", "nⱼ");
  private static final Quantity MEAN_OF_GROUP =
      Quantity.ofRow("mean_of_group", "\\bar{x}_j", "x̄ⱼ");

  private static final Formula X = Quantity.X.formula();
  private static final Formula MEAN = Quantity.MEAN.formula();
  private static final Formula N = Quantity.N.formula();

  /** Σ(x − x̄)(y − ȳ). */
  private static final Formula PRODUCTS =
      new Formula.Sum(X.minus(MEAN).times(Y.formula().minus(MEAN_OF_Y.formula())));

  /** Σⱼ nⱼ(x̄ⱼ − x̄)². */
  private static final Formula BETWEEN =
      new Formula.Sum(SIZE.formula().times(MEAN_OF_GROUP.formula().minus(MEAN).power(2)));

  /** Σⱼ Σ(x − x̄ⱼ)². */
  private static final Formula WITHIN =
      new Formula.Sum(new Formula.Sum(X.minus(MEAN_OF_GROUP.formula()).power(2)));

  /** Rows of an x and a y. */
  public record PairsScope(List<Exact> xs, List<Exact> ys) implements Scope {

    @Override
    public int rows() {
      return xs.size();
    }

    @Override
    public List<Quantity> variables() {
      return List.of(Quantity.X, Y);
    }

    @Override
    public Optional<Exact> value(Quantity quantity, int row) {
      return quantity.equals(Quantity.X)
          ? Optional.of(xs.get(row))
          : quantity.equals(Y) ? Optional.of(ys.get(row)) : Optional.empty();
    }
  }

  /** Rows that are samples of their own. */
  private record GroupsScope(List<Sample> groups) implements Scope {

    @Override
    public int rows() {
      return groups.size();
    }

    @Override
    public List<Quantity> variables() {
      return List.of(SIZE, MEAN_OF_GROUP);
    }

    @Override
    public Optional<Exact> value(Quantity quantity, int row) {
      Sample group = groups.get(row);
      if (quantity.equals(SIZE)) {
        return Optional.of(group.total());
      }
      return quantity.equals(MEAN_OF_GROUP)
          ? Optional.of(group.values().sum().over(group.total()))
          : Optional.empty();
    }

    @Override
    public Optional<Scope> inner(int row) {
      return Optional.of(Scope.of(groups.get(row).tally(), Quantity.X));
    }
  }

  private static List<Exact> exact(List<Integer> values) {
    return values.stream().map(Exact::of).toList();
  }

  private static Exact mean(List<Exact> values) {
    return values.stream().reduce(Exact.ZERO, Exact::plus).over(values.size());
  }

  @Property(tries = 100)
  void theSumOfProductsIsThatOfTheShortcut(
      @ForAll @Size(min = 1, max = 9) List<@IntRange(min = -30, max = 30) Integer> xs,
      @ForAll @Size(9) List<@IntRange(min = -30, max = 30) Integer> ys) {
    PairsScope pairs = new PairsScope(exact(xs), exact(ys.subList(0, xs.size())));
    Exact n = Exact.of(xs.size());
    Map<Quantity, Exact> known =
        Map.of(Quantity.N, n, Quantity.MEAN, mean(pairs.xs()), MEAN_OF_Y, mean(pairs.ys()));
    Evaluation evaluation = new Evaluation(pairs, q -> Optional.ofNullable(known.get(q)));

    // Σxy − n·x̄·ȳ
    Formula shortcut =
        new Formula.Sum(X.times(Y.formula())).minus(N.times(MEAN).times(MEAN_OF_Y.formula()));
    assertThat(evaluation.of(PRODUCTS)).isPresent().isEqualTo(evaluation.of(shortcut));
    assertThat(evaluation.of(PRODUCTS))
        .contains(
            IntStream.range(0, xs.size())
                .mapToObj(
                    i ->
                        pairs
                            .xs()
                            .get(i)
                            .minus(mean(pairs.xs()))
                            .times(pairs.ys().get(i).minus(mean(pairs.ys()))))
                .reduce(Exact.ZERO, Exact::plus));
  }

  @Property(tries = 100)
  void squaresBetweenGroupsAndWithinThemAddUpToAll(
      @ForAll @Size(min = 1, max = 5)
          List<@Size(min = 1, max = 6) List<@IntRange(min = -9, max = 9) Integer>> groups) {
    GroupsScope scope =
        new GroupsScope(groups.stream().map(group -> new Sample(Values.of(exact(group)))).toList());
    List<Exact> all = groups.stream().flatMap(group -> exact(group).stream()).toList();
    Exact mean = mean(all);
    Evaluation evaluation =
        new Evaluation(scope, q -> q.equals(Quantity.MEAN) ? Optional.of(mean) : Optional.empty());

    // Σⱼ Σ(x − x̄)²
    Formula total = new Formula.Sum(new Formula.Sum(X.minus(MEAN).power(2)));
    Exact between = evaluation.of(BETWEEN).orElseThrow();
    Exact within = evaluation.of(WITHIN).orElseThrow();
    assertThat(evaluation.of(total)).contains(between.plus(within));
    assertThat(evaluation.of(total))
        .contains(all.stream().map(x -> x.minus(mean).pow(2)).reduce(Exact.ZERO, Exact::plus));
  }
}
