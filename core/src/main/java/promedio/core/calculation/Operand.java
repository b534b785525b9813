package promedio.core.calculation;

import org.jspecify.annotations.Nullable;
import promedio.core.number.Exact;

/** What a part of a formula comes to in each row; {@code null} where it is missing. */
sealed interface Operand {

  /** A number in each row. */
  non-sealed interface Numbers extends Operand {
    @Nullable Exact at(int row);
  }

  /** A word in each row. */
  non-sealed interface Words extends Operand {
    @Nullable String at(int row);
  }

  /** A statement that holds in a row or does not. */
  non-sealed interface Truths extends Operand {
    @Nullable Boolean at(int row);
  }
}
