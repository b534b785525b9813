package promedio.core.working;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.formula.Scope;
import promedio.core.formula.ScopeTest;
import promedio.core.number.Exact;

/** A working's table is made of whatever its sums run over. */
class PairsTableTest {

  private static final Quantity Y = ScopeTest.Y;
  private static final Quantity MEAN_OF_Y = Quantity.of("mean_y", "\\bar{y}", "ȳ");

  private static final Scope SCOPE =
      new ScopeTest.PairsScope(
          List.of(Exact.of(1), Exact.of(2), Exact.of(6)),
          List.of(Exact.of(2), Exact.of(6), Exact.of(4)));

  @Test
  void aProductOfDeviationsGetsAColumnForEachOfItsFactors() {
    Map<Quantity, Exact> means = Map.of(Quantity.MEAN, Exact.of(3), MEAN_OF_Y, Exact.of(4));
    Evaluation evaluation = new Evaluation(SCOPE, q -> Optional.ofNullable(means.get(q)));
    WorkTableBuilder builder =
        new WorkTableBuilder(SCOPE, List.of(), List.of(), false, evaluation, entry -> entry);
    Formula product =
        Quantity.X.formula()
            .minus(Quantity.MEAN.formula())
            .times(Y.formula().minus(MEAN_OF_Y.formula()));

    assertThat(builder.add(product)).contains(Exact.of(2));
    WorkTable table = builder.build().orElseThrow();
    assertThat(table.columns().stream().map(c -> c.plain(Exact::toString)))
        .containsExactly("x", "y", "x − x̄", "y − ȳ", "(x − x̄) · (y − ȳ)");
    assertThat(table.rows().get(2))
        .containsExactly(Exact.of(6), Exact.of(4), Exact.of(3), Exact.of(0), Exact.of(0));
    assertThat(table.rows().get(0))
        .containsExactly(Exact.of(1), Exact.of(2), Exact.of(-2), Exact.of(-2), Exact.of(4));
  }
}
