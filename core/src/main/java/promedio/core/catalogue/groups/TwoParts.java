package promedio.core.catalogue.groups;

import static promedio.core.catalogue.groups.GroupParts.groups;
import static promedio.core.catalogue.groups.GroupParts.measure;
import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.FormulaMeasure;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Moments;
import promedio.core.number.Exact;

/** What is known of each of two groups, 1 and 2, that are compared. */
final class TwoParts {

  static final Quantity N_A = Quantity.of("n_a", "n_1", "n₁");
  static final Quantity N_B = Quantity.of("n_b", "n_2", "n₂");
  static final Quantity MEAN_A = Quantity.of("mean_a", "\\bar{x}_1", "x̄₁");
  static final Quantity MEAN_B = Quantity.of("mean_b", "\\bar{x}_2", "x̄₂");
  static final Quantity VARIANCE_A = Quantity.of("variance_a", "s_1^2", "s₁²");
  static final Quantity VARIANCE_B = Quantity.of("variance_b", "s_2^2", "s₂²");

  private static final Quantity TOTAL_A = Quantity.of("total_a", "\\sum x_1", "Σx₁");
  private static final Quantity TOTAL_B = Quantity.of("total_b", "\\sum x_2", "Σx₂");
  private static final Quantity SQUARES_A =
      Quantity.of("squares_a", "\\sum (x_1-\\bar{x}_1)^2", "Σ(x₁ − x̄₁)²");
  private static final Quantity SQUARES_B =
      Quantity.of("squares_b", "\\sum (x_2-\\bar{x}_2)^2", "Σ(x₂ − x̄₂)²");

  private TwoParts() {}

  /** {@return a measure of two groups; absent of more} */
  static FormulaMeasure ofTwo(
      String key, Quantity quantity, Function<MeasureContext, Definition> by) {
    return measure(
            key,
            quantity,
            context ->
                groups(context).samples().size() == 2
                    ? by.apply(context)
                    : Definition.undefined("not-two-groups"))
        .ofTwo();
  }

  static FormulaMeasure ofTwo(String key, Quantity quantity, Formula right, Condition... needs) {
    return ofTwo(key, quantity, context -> Definition.of(right, needs));
  }

  /** {@return x̄₁ − x̄₂} */
  static Formula apart() {
    return MEAN_A.formula().minus(MEAN_B.formula());
  }

  /** {@return what formulas name and no question asks for} */
  static List<Measure> named() {
    return List.of(
        given("n_a", N_A, 0, Moments::n),
        given("n_b", N_B, 1, Moments::n),
        given("total_a", TOTAL_A, 0, Moments::sum),
        given("total_b", TOTAL_B, 1, Moments::sum),
        given("squares_a", SQUARES_A, 0, moments -> moments.m2().times(moments.n())),
        given("squares_b", SQUARES_B, 1, moments -> moments.m2().times(moments.n())),
        measure("mean_a", MEAN_A, TOTAL_A.formula().over(N_A.formula())),
        measure("mean_b", MEAN_B, TOTAL_B.formula().over(N_B.formula())),
        variance("variance_a", VARIANCE_A, SQUARES_A, N_A, 0),
        variance("variance_b", VARIANCE_B, SQUARES_B, N_B, 1));
  }

  private static Moments moments(MeasureContext context, int group) {
    return Moments.of(groups(context).samples().get(group).sample().tally());
  }

  private static Measure given(
      String key, Quantity quantity, int group, Function<Moments, Exact> number) {
    return measure(key, quantity, s -> Definition.of(new Numeral(number.apply(moments(s, group)))));
  }

  private static Measure variance(
      String key, Quantity quantity, Quantity squares, Quantity size, int group) {
    return measure(
        key,
        quantity,
        s ->
            moments(s, group).n().equals(Exact.ONE)
                ? Definition.undefined("one-value-no-variance")
                : Definition.of(squares.formula().over(size.formula().minus(number(1)))));
  }
}
