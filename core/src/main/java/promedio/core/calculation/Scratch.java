package promedio.core.calculation;

import java.util.Map;
import promedio.core.number.Exact;

/** A calculation in one line, as on scratch paper: numbers, and quantities by their symbols. */
public final class Scratch {

  private Scratch() {}

  /**
   * {@return what the line comes to}; a fraction or root exactly, anything else to 50 significant
   * digits
   *
   * @param quantities the numbers that symbols stand for, such as {@code n} and {@code Σx}
   * @throws CalculationException if it is no calculation, or its result is none, such as a division
   *     by 0 or a number too large to write down; it says what is wrong and where
   */
  public static Exact of(String text, Map<String, Exact> quantities) throws CalculationException {
    Operand operand = Parser.parse(text, Names.of(quantities));
    if (!(operand instanceof Operand.Numbers numbers)) {
      throw new CalculationException(0, "formula.no-number-at-all");
    }
    Exact value = numbers.at(0);
    if (value == null) {
      throw new CalculationException(0, "formula.no-result");
    }
    return value;
  }
}
