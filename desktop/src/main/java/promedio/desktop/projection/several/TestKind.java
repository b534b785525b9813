package promedio.desktop.projection.several;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.number.Exact;

/** The tests of significance that the window leads through, with the measures they are made of. */
@SuppressWarnings("ImmutableEnumChecker") // its lists are made by List.of and never change
public enum TestKind {
  /** t of one sample; takes μ₀. */
  MEAN(1, List.of("t_one", "t_one_df", "t_one_p"), Optional.empty()),
  /** z of one sample where σ is known; takes μ₀ and σ. */
  MEAN_BY_SIGMA(2, List.of("z_one", "z_one_p"), Optional.empty()),
  PAIRED(0, List.of("t_paired", "t_paired_df", "t_paired_p"), Optional.of(Size.D)),
  CORRELATION(
      0, List.of("correlation_t", "correlation_t_df", "correlation_t_p"), Optional.of(Size.R)),
  SLOPE(0, List.of("t_slope", "t_slope_df", "t_slope_p"), Optional.empty()),
  TWO(0, List.of("t_two", "t_two_df", "t_two_p"), Optional.of(Size.COHEN_D)),
  VARIANCE(0, List.of("f", "df_between", "df_within", "f_p"), Optional.of(Size.ETA_SQUARED)),
  COUNTS(0, List.of("chi_squared", "chi_squared_df", "chi_squared_p"), Optional.of(Size.V)),
  /** χ² of categories beside what is expected of them. */
  FIT(0, List.of("fit_chi_squared", "fit_chi_squared_df", "fit_chi_squared_p"), Optional.empty());

  private final int arguments;
  private final List<String> keys;
  private final Optional<Size> size;

  TestKind(int arguments, List<String> keys, Optional<Size> size) {
    this.arguments = arguments;
    this.keys = keys;
    this.size = size;
  }

  /** A measure of the size of an effect, with what is usually called small, medium and large. */
  @SuppressWarnings("ImmutableEnumChecker")
  public enum Size {
    D("effect_paired", "0.2", "0.5", "0.8"),
    COHEN_D("cohen_d", "0.2", "0.5", "0.8"),
    R("correlation", "0.1", "0.3", "0.5"),
    ETA_SQUARED("eta_squared", "0.01", "0.06", "0.14"),
    V("cramers_v", "0.1", "0.3", "0.5");

    private final String key;
    private final List<Exact> bounds;

    Size(String key, String small, String medium, String large) {
      this.key = key;
      this.bounds = List.of(number(small), number(medium), number(large));
    }

    private static Exact number(String text) {
      return Exact.of(new BigDecimal(text));
    }

    /** {@return the measure} */
    public Request request() {
      return measure(key, List.of());
    }

    /** {@return which word there is for an effect of the size: 0 for none, 1 for small … 3} */
    int word(Exact effect) {
      return (int) bounds.stream().filter(bound -> effect.abs().compareTo(bound) >= 0).count();
    }
  }

  /** {@return its name in keys of texts and ids} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** {@return how many numbers it is about besides the data: none, μ₀, or μ₀ and σ} */
  public int arguments() {
    return arguments;
  }

  /** {@return the statistic and its degrees of freedom} */
  public List<Request> statistics(List<Exact> about) {
    return keys.subList(0, keys.size() - 1).stream().map(key -> measure(key, about)).toList();
  }

  /** {@return the p-value} */
  public Request p(List<Exact> about) {
    return measure(keys.get(keys.size() - 1), about);
  }

  /** {@return whether the test can be about these numbers} */
  public boolean takes(List<Exact> about) {
    return about.size() == arguments
        && Request.refusal(named(keys.get(keys.size() - 1)), about).isEmpty();
  }

  /** {@return whether it is its upper tail alone that counts, as of F and χ²} */
  boolean isOneTailed() {
    return this == VARIANCE || this == COUNTS || this == FIT;
  }

  /** {@return the size of the effect, where it has a usual measure} */
  public Optional<Size> size() {
    return size;
  }

  private static Request measure(String key, List<Exact> about) {
    return new Request(named(key), about);
  }

  private static Measure named(String key) {
    return Measures.ofKey(key).orElseThrow();
  }
}
