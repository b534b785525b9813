package promedio.core.formula;

/** A quantity that formulas name, with its symbol. */
public enum Quantity {
  X("x", "x"),
  F("f", "f"),
  /** The midpoint of a class. */
  MIDPOINT("m", "m"),
  N("n", "n"),
  MEAN("\\bar{x}", "x̄"),
  POPULATION_MEAN("\\mu", "μ"),
  MEDIAN("\\mathrm{Md}", "Md"),
  MODE("\\mathrm{Mo}", "Mo"),
  LOWER_QUARTILE("Q_1", "Q₁"),
  UPPER_QUARTILE("Q_3", "Q₃"),
  MIDRANGE("\\mathrm{MR}", "MR"),
  GEOMETRIC_MEAN("G", "G"),
  HARMONIC_MEAN("H", "H"),
  SMALLEST("x_{\\min}", "min"),
  LARGEST("x_{\\max}", "max"),
  RANGE("R", "R"),
  INTERQUARTILE_RANGE("\\mathrm{IQR}", "IQR"),
  QUARTILE_DEVIATION("\\mathrm{QD}", "QD"),
  VARIANCE("s^2", "s²"),
  POPULATION_VARIANCE("\\sigma^2", "σ²"),
  DEVIATION("s", "s"),
  POPULATION_DEVIATION("\\sigma", "σ"),
  MEAN_DEVIATION("\\mathrm{MD}", "MD"),
  MEDIAN_DEVIATION("\\mathrm{MD}_{\\mathrm{Md}}", "MD(Md)"),
  VARIATION("\\mathrm{CV}", "CV"),
  STANDARD_ERROR("\\mathrm{SE}", "SE"),
  SECOND_MOMENT("m_2", "m₂"),
  THIRD_MOMENT("m_3", "m₃"),
  FOURTH_MOMENT("m_4", "m₄"),
  ADJUSTED_SKEWNESS("G_1", "G₁"),
  MOMENT_SKEWNESS("g_1", "g₁"),
  SKEWNESS_BY_S("b_1", "b₁"),
  MEDIAN_SKEWNESS("\\mathrm{Sk}_{\\mathrm{Md}}", "Sk(Md)"),
  MODE_SKEWNESS("\\mathrm{Sk}_{\\mathrm{Mo}}", "Sk(Mo)"),
  QUARTILE_SKEWNESS("\\mathrm{Sk}_{Q}", "Sk(Q)"),
  MOMENT_KURTOSIS("b_2", "b₂"),
  EXCESS_KURTOSIS("g_2", "g₂"),
  ADJUSTED_KURTOSIS("G_2", "G₂"),
  LOWER_FENCE("F_{\\mathrm{low}}", "lower fence"),
  UPPER_FENCE("F_{\\mathrm{up}}", "upper fence"),
  LOWER_OUTER_FENCE("F_{\\mathrm{low,out}}", "lower outer fence"),
  UPPER_OUTER_FENCE("F_{\\mathrm{up,out}}", "upper outer fence"),
  TOTAL("\\Sigma x", "Σx"),
  TABLE_TOTAL("\\Sigma fx", "Σfx"),
  TABLE_COUNT("\\Sigma f", "Σf"),

  /** The distance of a value from an assumed mean, in a row of a table. */
  DISTANCE("d", "d"),
  /** That distance in steps. */
  STEPS("u", "u"),
  /** How many values there are up to a row of a table. */
  CUMULATIVE("F", "F"),
  ASSUMED_MEAN("A", "A"),
  STEP("h", "h"),
  /** Where a value stands among the values in order, from 1. */
  PLACE("\\mathrm{pos}", "pos"),
  PROPORTION("p", "p"),
  /** How many values are in a half. */
  HALF("k", "k"),
  PERCENTILE("P", "P"),
  /** How many values are left out at each end. */
  LEFT_OUT("g", "g"),
  TRIMMED_MEAN("\\bar{x}_{t}", "x̄ₜ"),
  /** One value that is looked at. */
  ONE_VALUE("x", "x"),
  SCORE("z", "z"),
  BELOW("b", "b"),
  EQUAL("e", "e"),
  RANK("\\mathrm{PR}", "PR"),
  CLASS_TOTAL("\\Sigma fm", "Σfm"),
  /** The lower boundary of a class. */
  CLASS_LOWER("L", "L"),
  /** The upper boundary of a class. */
  CLASS_UPPER("U", "U"),
  CLASS_WIDTH("h", "h"),
  /** The frequency of one class. */
  CLASS_FREQUENCY("f", "f"),
  /** The cumulative frequency before a class. */
  CUMULATIVE_BEFORE("F", "F"),
  /** By how much the modal class is denser than the one before. */
  OVER_BEFORE("d_1", "d₁"),
  /** By how much the modal class is denser than the one after. */
  OVER_AFTER("d_2", "d₂"),
  FIRST_RAW_MOMENT("m_1'", "m₁′"),
  SECOND_RAW_MOMENT("m_2'", "m₂′"),
  THIRD_RAW_MOMENT("m_3'", "m₃′"),
  FOURTH_RAW_MOMENT("m_4'", "m₄′");

  private final String latex;
  private final String plain;

  Quantity(String latex, String plain) {
    this.latex = latex;
    this.plain = plain;
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
