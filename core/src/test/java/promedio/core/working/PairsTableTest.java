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
import promedio.core.number.Exact;

/** A working's table is made of whatever its sums run over. */
class PairsTableTest {

  private static final Quantity Y = Quantity.ofRow("y", "y", "y");
  private static final Quantity MEAN_OF_Y = Quantity.of("mean_y", "\\bar{y}", "ȳ");

  private static final List<List<Exact>> PAIRS =
      List.of(
          List.of(Exact.of(1), Exact.of(2)),
          List.of(Exact.of(2), Exact.of(6)),
          List.of(Exact.of(6), Exact.of(4)));

  private static final Scope SCOPE =
      new Scope() {
        @Override
        public int rows() {
          return PAIRS.size();
        }

        @Override
        public List<Quantity> variables() {
          return List.of(Quantity.X, Y);
        }

        @Override
        public Exact weight(int row) {
          return Exact.ONE;
        }

        @Override
        public Quantity weightSymbol() {
          return Quantity.F;
        }

        @Override
        public Optional<Exact> value(Quantity quantity, int row) {
          int column = variables().indexOf(quantity);
          return column < 0 ? Optional.empty() : Optional.of(PAIRS.get(row).get(column));
        }
      };

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
