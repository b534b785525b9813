package promedio.core.formula;

import org.jspecify.annotations.Nullable;

/**
 * A quantity that formulas name.
 *
 * @param id what files and marking know it by, however it is written: the mean of a sample and that
 *     of a population are one quantity with two symbols, and so are variance and standard deviation
 * @param symbol how it is written
 * @param isOfRow whether it has another value in each row that a sum runs over, as x, m and f have
 */
public record Quantity(String id, Symbol symbol, boolean isOfRow) {

  public static final Quantity X = ofRow("x", "x", "x");
  public static final Quantity F = ofRow("f", "f", "f");

  /** The midpoint of a class. */
  public static final Quantity MIDPOINT = ofRow("midpoint", "m", "m");

  public static final Quantity N = of("n", "n", "n");
  public static final Quantity MEAN = of("mean", "\\bar{x}", "x̄");
  public static final Quantity POPULATION_MEAN = of("mean", "\\mu", "μ");
  public static final Quantity MEDIAN = of("median", "\\mathrm{Md}", "Md");
  public static final Quantity MODE = of("mode", "\\mathrm{Mo}", "Mo");
  public static final Quantity LOWER_QUARTILE = of("q1", "Q_1", "Q₁");
  public static final Quantity UPPER_QUARTILE = of("q3", "Q_3", "Q₃");
  public static final Quantity MIDRANGE = of("midrange", "\\mathrm{MR}", "MR");
  public static final Quantity GEOMETRIC_MEAN = of("geometric_mean", "G", "G");
  public static final Quantity HARMONIC_MEAN = of("harmonic_mean", "H", "H");
  public static final Quantity SMALLEST = of("min", "x_{\\min}", "min");
  public static final Quantity LARGEST = of("max", "x_{\\max}", "max");
  public static final Quantity RANGE = of("range", "R", "R");
  public static final Quantity INTERQUARTILE_RANGE = of("iqr", "\\mathrm{IQR}", "IQR");
  public static final Quantity QUARTILE_DEVIATION = of("quartile_deviation", "\\mathrm{QD}", "QD");
  public static final Quantity VARIANCE = of("variance", "s^2", "s²");
  public static final Quantity POPULATION_VARIANCE = of("variance", "\\sigma^2", "σ²");
  public static final Quantity STANDARD_DEVIATION = of("sd", "s", "s");
  public static final Quantity POPULATION_DEVIATION = of("sd", "\\sigma", "σ");
  public static final Quantity MEAN_DEVIATION = of("mean_deviation", "\\mathrm{MAD}", "MAD");
  public static final Quantity MEDIAN_DEVIATION =
      of("median_deviation", "\\mathrm{MAD}_{\\mathrm{Md}}", "MAD(Md)");
  public static final Quantity COEFFICIENT_OF_VARIATION = of("cv", "\\mathrm{CV}", "CV");
  public static final Quantity STANDARD_ERROR = of("standard_error", "\\mathrm{SE}", "SE");
  public static final Quantity SECOND_MOMENT = of("second_moment", "m_2", "m₂");
  public static final Quantity THIRD_MOMENT = of("third_moment", "m_3", "m₃");
  public static final Quantity FOURTH_MOMENT = of("fourth_moment", "m_4", "m₄");
  public static final Quantity ADJUSTED_SKEWNESS = of("adjusted_skewness", "G_1", "G₁");
  public static final Quantity MOMENT_SKEWNESS = of("moment_skewness", "g_1", "g₁");
  public static final Quantity SKEWNESS_BY_S = of("skewness_by_s", "b_1", "b₁");
  public static final Quantity MEDIAN_SKEWNESS =
      of("median_skewness", "\\mathrm{Sk}_{\\mathrm{Md}}", "Sk(Md)");
  public static final Quantity MODE_SKEWNESS =
      of("mode_skewness", "\\mathrm{Sk}_{\\mathrm{Mo}}", "Sk(Mo)");
  public static final Quantity QUARTILE_SKEWNESS =
      of("quartile_skewness", "\\mathrm{Sk}_{Q}", "Sk(Q)");

  /** Joanes and Gill, whose g₁, G₁, b₁, g₂ and G₂ stand here, have no letter for it. */
  public static final Quantity MOMENT_KURTOSIS = of("moment_kurtosis", "a_4", "a₄");

  public static final Quantity EXCESS_KURTOSIS = of("excess_kurtosis", "g_2", "g₂");
  public static final Quantity ADJUSTED_KURTOSIS = of("adjusted_kurtosis", "G_2", "G₂");
  public static final Quantity LOWER_FENCE = of("lower_fence", "F_{\\mathrm{low}}", "lower fence");
  public static final Quantity UPPER_FENCE = of("upper_fence", "F_{\\mathrm{up}}", "upper fence");
  public static final Quantity LOWER_OUTER_FENCE =
      of("lower_outer_fence", "F_{\\mathrm{low,out}}", "lower outer fence");
  public static final Quantity UPPER_OUTER_FENCE =
      of("upper_outer_fence", "F_{\\mathrm{up,out}}", "upper outer fence");
  public static final Quantity TOTAL = of("total", "\\Sigma x", "Σx");
  public static final Quantity TABLE_TOTAL = of("table_total", "\\Sigma fx", "Σfx");
  public static final Quantity TABLE_COUNT = of("table_count", "\\Sigma f", "Σf");

  /** The distance of a value from an assumed mean, in a row of a table. */
  public static final Quantity DEVIATION_FROM_ASSUMED_MEAN = of("distance", "d", "d");

  /** That distance in steps. */
  public static final Quantity CODED_VALUE = of("coded", "u", "u");

  /** How many values there are up to a row of a table. */
  public static final Quantity CUMULATIVE = of("cumulative", "F", "F");

  public static final Quantity ASSUMED_MEAN = of("assumed_mean", "A", "A");
  public static final Quantity STEP = of("step", "h", "h");

  /** Where a value stands among the values in order, from 1. */
  public static final Quantity PLACE = of("position", "\\mathrm{pos}", "pos");

  public static final Quantity PROPORTION = of("proportion", "p", "p");

  /** How many values are in a half. */
  public static final Quantity HALF = of("half", "k", "k");

  public static final Quantity PERCENT = of("percent", "\\%", "%");
  public static final Quantity TENTH = of("tenth", "k", "k");
  public static final Quantity ORDER = of("order", "k", "k");
  public static final Quantity PERCENTILE = of("percentile", "P", "P");

  /** How many values are left out at each end. */
  public static final Quantity LEFT_OUT = of("left_out", "g", "g");

  public static final Quantity TRIMMED_MEAN = of("trimmed_mean", "\\bar{x}_{t}", "x̄ₜ");

  /** One value that is looked at. */
  public static final Quantity ONE_VALUE = of("one_value", "x_0", "x₀");

  public static final Quantity SCORE = of("score", "z", "z");
  public static final Quantity BELOW = of("below", "b", "b");
  public static final Quantity EQUAL = of("equal", "e", "e");
  public static final Quantity RANK = of("rank", "\\mathrm{PR}", "PR");
  public static final Quantity CLASS_TOTAL = of("class_total", "\\Sigma fm", "Σfm");

  /** The lower boundary of a class. */
  public static final Quantity CLASS_LOWER = of("class_lower", "L", "L");

  /** The upper boundary of a class. */
  public static final Quantity CLASS_UPPER = of("class_upper", "U", "U");

  public static final Quantity CLASS_WIDTH = of("class_width", "h", "h");

  /** The frequency of one class. */
  public static final Quantity CLASS_FREQUENCY = of("class_frequency", "f", "f");

  /** The cumulative frequency before a class. */
  public static final Quantity CUMULATIVE_BEFORE = of("cumulative_before", "F_{-}", "F₋");

  /** The frequencies of the classes before and after one. */
  public static final Quantity FREQUENCY_BEFORE = of("frequency_before", "f_{-}", "f₋");

  public static final Quantity FREQUENCY_AFTER = of("frequency_after", "f_{+}", "f₊");

  /** The density f/h of a class, and of those before and after it. */
  public static final Quantity CLASS_DENSITY = of("class_density", "\\mathrm{fd}", "fd");

  public static final Quantity DENSITY_BEFORE = of("density_before", "\\mathrm{fd}_{-}", "fd₋");

  public static final Quantity DENSITY_AFTER = of("density_after", "\\mathrm{fd}_{+}", "fd₊");

  /** By how much the modal class is denser than the one before. */
  public static final Quantity OVER_BEFORE = of("over_before", "d_1", "d₁");

  /** By how much the modal class is denser than the one after. */
  public static final Quantity OVER_AFTER = of("over_after", "d_2", "d₂");

  public static final Quantity FIRST_RAW_MOMENT = of("first_raw_moment", "m_1'", "m₁′");
  public static final Quantity SECOND_RAW_MOMENT = of("second_raw_moment", "m_2'", "m₂′");
  public static final Quantity THIRD_RAW_MOMENT = of("third_raw_moment", "m_3'", "m₃′");
  public static final Quantity FOURTH_RAW_MOMENT = of("fourth_raw_moment", "m_4'", "m₄′");

  /** {@return a quantity that has one value} */
  public static Quantity of(String id, String latex, String plain) {
    return new Quantity(id, new Symbol(latex, plain), false);
  }

  /** {@return a quantity that has another value in each row that a sum runs over} */
  public static Quantity ofRow(String id, String latex, String plain) {
    return new Quantity(id, new Symbol(latex, plain), true);
  }

  // As a record has them, but made beforehand: see Symbol.

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof Quantity quantity
        && id.equals(quantity.id)
        && symbol.equals(quantity.symbol)
        && isOfRow == quantity.isOfRow;
  }

  @Override
  public int hashCode() {
    return 31 * id.hashCode() + symbol.hashCode();
  }

  /** {@return the symbol in LaTeX} */
  public String latex() {
    return symbol.latex();
  }

  /** {@return the symbol in plain characters} */
  public String plain() {
    return symbol.plain();
  }

  /** {@return this quantity as a formula} */
  public Formula formula() {
    return new Formula.Named(this);
  }

  @Override
  public String toString() {
    return id;
  }
}
