package promedio.core.formula;

/**
 * A quantity that formulas name: its id, by which own workings are kept, and its symbol, which is a
 * matter of typesetting. The mean of a sample and that of a population are one quantity with two
 * symbols; so are variance and standard deviation.
 */
public enum Quantity {
  X("x", "x", "x"),
  F("f", "f", "f"),
  /** The midpoint of a class. */
  MIDPOINT("midpoint", "m", "m"),
  N("n", "n", "n"),
  MEAN("mean", "\\bar{x}", "x̄"),
  POPULATION_MEAN("mean", "\\mu", "μ"),
  MEDIAN("median", "\\mathrm{Md}", "Md"),
  MODE("mode", "\\mathrm{Mo}", "Mo"),
  LOWER_QUARTILE("q1", "Q_1", "Q₁"),
  UPPER_QUARTILE("q3", "Q_3", "Q₃"),
  MIDRANGE("midrange", "\\mathrm{MR}", "MR"),
  GEOMETRIC_MEAN("geometric_mean", "G", "G"),
  HARMONIC_MEAN("harmonic_mean", "H", "H"),
  SMALLEST("min", "x_{\\min}", "min"),
  LARGEST("max", "x_{\\max}", "max"),
  RANGE("range", "R", "R"),
  INTERQUARTILE_RANGE("iqr", "\\mathrm{IQR}", "IQR"),
  QUARTILE_DEVIATION("quartile_deviation", "\\mathrm{QD}", "QD"),
  VARIANCE("variance", "s^2", "s²"),
  POPULATION_VARIANCE("variance", "\\sigma^2", "σ²"),
  DEVIATION("sd", "s", "s"),
  POPULATION_DEVIATION("sd", "\\sigma", "σ"),
  MEAN_DEVIATION("mean_deviation", "\\mathrm{MD}", "MD"),
  MEDIAN_DEVIATION("median_deviation", "\\mathrm{MD}_{\\mathrm{Md}}", "MD(Md)"),
  VARIATION("cv", "\\mathrm{CV}", "CV"),
  STANDARD_ERROR("standard_error", "\\mathrm{SE}", "SE"),
  SECOND_MOMENT("second_moment", "m_2", "m₂"),
  THIRD_MOMENT("third_moment", "m_3", "m₃"),
  FOURTH_MOMENT("fourth_moment", "m_4", "m₄"),
  ADJUSTED_SKEWNESS("adjusted_skewness", "G_1", "G₁"),
  MOMENT_SKEWNESS("moment_skewness", "g_1", "g₁"),
  SKEWNESS_BY_S("skewness_by_s", "b_1", "b₁"),
  MEDIAN_SKEWNESS("median_skewness", "\\mathrm{Sk}_{\\mathrm{Md}}", "Sk(Md)"),
  MODE_SKEWNESS("mode_skewness", "\\mathrm{Sk}_{\\mathrm{Mo}}", "Sk(Mo)"),
  QUARTILE_SKEWNESS("quartile_skewness", "\\mathrm{Sk}_{Q}", "Sk(Q)"),
  MOMENT_KURTOSIS("moment_kurtosis", "b_2", "b₂"),
  EXCESS_KURTOSIS("excess_kurtosis", "g_2", "g₂"),
  ADJUSTED_KURTOSIS("adjusted_kurtosis", "G_2", "G₂"),
  LOWER_FENCE("lower_fence", "F_{\\mathrm{low}}", "lower fence"),
  UPPER_FENCE("upper_fence", "F_{\\mathrm{up}}", "upper fence"),
  LOWER_OUTER_FENCE("lower_outer_fence", "F_{\\mathrm{low,out}}", "lower outer fence"),
  UPPER_OUTER_FENCE("upper_outer_fence", "F_{\\mathrm{up,out}}", "upper outer fence"),
  TOTAL("total", "\\Sigma x", "Σx"),
  TABLE_TOTAL("table_total", "\\Sigma fx", "Σfx"),
  TABLE_COUNT("table_count", "\\Sigma f", "Σf"),

  /** The distance of a value from an assumed mean, in a row of a table. */
  DISTANCE("distance", "d", "d"),
  /** That distance in steps. */
  STEPS("coded", "u", "u"),
  /** How many values there are up to a row of a table. */
  CUMULATIVE("cumulative", "F", "F"),
  ASSUMED_MEAN("assumed_mean", "A", "A"),
  STEP("step", "h", "h"),
  /** Where a value stands among the values in order, from 1. */
  PLACE("position", "\\mathrm{pos}", "pos"),
  PROPORTION("proportion", "p", "p"),
  /** How many values are in a half. */
  HALF("half", "k", "k"),
  PERCENTILE("percentile", "P", "P"),
  /** How many values are left out at each end. */
  LEFT_OUT("left_out", "g", "g"),
  TRIMMED_MEAN("trimmed_mean", "\\bar{x}_{t}", "x̄ₜ"),
  /** One value that is looked at. */
  ONE_VALUE("one_value", "x", "x"),
  SCORE("score", "z", "z"),
  BELOW("below", "b", "b"),
  EQUAL("equal", "e", "e"),
  RANK("rank", "\\mathrm{PR}", "PR"),
  CLASS_TOTAL("class_total", "\\Sigma fm", "Σfm"),
  /** The lower boundary of a class. */
  CLASS_LOWER("class_lower", "L", "L"),
  /** The upper boundary of a class. */
  CLASS_UPPER("class_upper", "U", "U"),
  CLASS_WIDTH("class_width", "h", "h"),
  /** The frequency of one class. */
  CLASS_FREQUENCY("class_frequency", "f", "f"),
  /** The cumulative frequency before a class. */
  CUMULATIVE_BEFORE("cumulative_before", "F", "F"),
  /** By how much the modal class is denser than the one before. */
  OVER_BEFORE("over_before", "d_1", "d₁"),
  /** By how much the modal class is denser than the one after. */
  OVER_AFTER("over_after", "d_2", "d₂"),
  FIRST_RAW_MOMENT("first_raw_moment", "m_1'", "m₁′"),
  SECOND_RAW_MOMENT("second_raw_moment", "m_2'", "m₂′"),
  THIRD_RAW_MOMENT("third_raw_moment", "m_3'", "m₃′"),
  FOURTH_RAW_MOMENT("fourth_raw_moment", "m_4'", "m₄′");

  private final String id;
  private final String latex;
  private final String plain;

  Quantity(String id, String latex, String plain) {
    this.id = id;
    this.latex = latex;
    this.plain = plain;
  }

  /** {@return the id by which files know it, whatever its symbol} */
  public String id() {
    return id;
  }

  /** {@return the symbol in LaTeX} */
  public String latex() {
    return latex;
  }

  /** {@return the symbol in plain characters} */
  public String plain() {
    return plain;
  }

  /** {@return this quantity as a formula} */
  public Formula formula() {
    return new Formula.Named(this);
  }

  /** {@return whether it has another value in each row of a table: x, m and f} */
  public boolean isOfRow() {
    return this == X || this == F || this == MIDPOINT;
  }
}
