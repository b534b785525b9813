package promedio.core.formula;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;

/** Rows of one variable, each with its frequency f. */
public interface OneVariable extends Scope {

  /** {@return what the values are called: x, or m of classes} */
  Quantity variable();

  /** {@return the value of the row} */
  Exact x(int row);

  @Override
  default List<Quantity> variables() {
    return List.of(variable());
  }

  /** {@return the frequency f of the row} */
  @Override
  Exact weight(int row);

  @Override
  default Optional<Exact> value(Quantity quantity, int row) {
    if (quantity.equals(variable())) {
      return Optional.of(x(row));
    }
    return quantity.equals(Quantity.F) ? Optional.of(weight(row)) : Optional.empty();
  }
}
