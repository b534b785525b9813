package promedio.core.catalogue.several;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Area;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.FastPath;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Moments;
import promedio.core.measure.Result;
import promedio.core.measure.SeveralQuantities;
import promedio.core.number.Exact;
import promedio.core.rules.Rule;
import promedio.core.rules.Variances;
import promedio.core.sample.Groups;
import promedio.core.sample.Subject;
import promedio.core.sample.Tally;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The measures of k groups with n_j, x̄_j and s_j², N = Σn_j: all values together found from the
 * groups, the pooled variance, one-factor analysis of variance (Fisher 1925), and t of two groups
 * (Student 1908, Welch 1947).
 */
final class OfGroups {

  private static final Formula X = Quantity.X.formula();
  private static final Formula N_J = SeveralQuantities.SIZE_OF_GROUP.formula();
  private static final Formula MEAN_J = SeveralQuantities.MEAN_OF_GROUP.formula();
  private static final Formula N = Several.N_OF_GROUPS.formula();

  private static final Quantity K = Quantity.of("k", "k", "k");
  private static final Quantity GRAND_MEAN = Quantity.of("combined_mean", "\\bar{x}", "x̄");
  private static final Quantity COMBINED = Quantity.of("combined_variance", "s^2", "s²");
  private static final Quantity POOLED = Quantity.of("pooled_variance", "s_p^2", "sₚ²");
  private static final Quantity POOLED_SD = Quantity.of("pooled_sd", "s_p", "sₚ");
  private static final Quantity BETWEEN = Quantity.of("ss_between", "SS_b", "SSb");
  private static final Quantity WITHIN = Quantity.of("ss_within", "SS_w", "SSw");
  private static final Quantity TOTAL = Quantity.of("ss_total", "SS_t", "SSt");
  private static final Quantity DF_BETWEEN = Quantity.of("df_between", "\\mathit{df}_b", "dfb");
  private static final Quantity DF_WITHIN = Quantity.of("df_within", "\\mathit{df}_w", "dfw");
  private static final Quantity MS_BETWEEN = Quantity.of("ms_between", "MS_b", "MSb");
  private static final Quantity MS_WITHIN = Quantity.of("ms_within", "MS_w", "MSw");
  private static final Quantity F = Quantity.of("f_ratio", "F", "F");
  private static final Quantity N_A = Quantity.of("n_a", "n_1", "n₁");
  private static final Quantity N_B = Quantity.of("n_b", "n_2", "n₂");
  private static final Quantity TOTAL_A = Quantity.of("total_a", "\\sum x_1", "Σx₁");
  private static final Quantity TOTAL_B = Quantity.of("total_b", "\\sum x_2", "Σx₂");
  private static final Quantity SQUARES_A =
      Quantity.of("squares_a", "\\sum (x_1-\\bar{x}_1)^2", "Σ(x₁ − x̄₁)²");
  private static final Quantity SQUARES_B =
      Quantity.of("squares_b", "\\sum (x_2-\\bar{x}_2)^2", "Σ(x₂ − x̄₂)²");
  private static final Quantity MEAN_A = Quantity.of("mean_a", "\\bar{x}_1", "x̄₁");
  private static final Quantity MEAN_B = Quantity.of("mean_b", "\\bar{x}_2", "x̄₂");
  private static final Quantity VARIANCE_A = Quantity.of("variance_a", "s_1^2", "s₁²");
  private static final Quantity VARIANCE_B = Quantity.of("variance_b", "s_2^2", "s₂²");
  private static final Quantity DIFFERENCE =
      Quantity.of("difference_of_means", "\\bar{x}_1-\\bar{x}_2", "x̄₁ − x̄₂");
  private static final Quantity T_TWO = Quantity.of("t_two", "t", "t");
  private static final Quantity P_TWO = Quantity.of("t_two_p", "p", "p");
  private static final Quantity T_TWO_DF = Quantity.of("t_two_df", "\\mathit{df}", "df");

  /** More than any answer has. */
  private static final int DIGITS = 40;

  private OfGroups() {}

  private static FormulaMeasure measure(
      String key, Quantity quantity, Function<MeasureContext, Definition> by) {
    return FormulaMeasure.of(key, Subject.GROUPS, quantity, by);
  }

  private static FormulaMeasure formula(
      String key, Quantity quantity, Formula right, Condition... needs) {
    return measure(key, quantity, context -> Definition.of(right, needs));
  }

  private static Groups groups(MeasureContext context) {
    return context.data().groups().orElseThrow();
  }

  /** {@return what formulas name that nobody asks for itself} */
  static List<Measure> helpers() {
    return Stream.<Measure>of(
            measure("k", K, s -> Definition.of(number(groups(s).samples().size()))),
            measure("n", Several.N_OF_GROUPS, s -> Definition.of(new Numeral(s.data().total()))),
            ofOne("n_a", N_A, 0, Moments::n),
            ofOne("n_b", N_B, 1, Moments::n),
            ofOne("total_a", TOTAL_A, 0, Moments::sum),
            ofOne("total_b", TOTAL_B, 1, Moments::sum),
            ofOne("squares_a", SQUARES_A, 0, moments -> moments.m2().times(moments.n())),
            ofOne("squares_b", SQUARES_B, 1, moments -> moments.m2().times(moments.n())),
            formula("mean_a", MEAN_A, TOTAL_A.formula().over(N_A.formula())),
            formula("mean_b", MEAN_B, TOTAL_B.formula().over(N_B.formula())),
            varianceOf("variance_a", VARIANCE_A, SQUARES_A, N_A, 0),
            varianceOf("variance_b", VARIANCE_B, SQUARES_B, N_B, 1))
        .toList();
  }

  private static Moments moments(MeasureContext context, int group) {
    return Moments.of(groups(context).samples().get(group).sample().tally());
  }

  private static Measure ofOne(
      String key, Quantity quantity, int group, Function<Moments, Exact> number) {
    return measure(key, quantity, s -> Definition.of(new Numeral(number.apply(moments(s, group)))));
  }

  private static Measure varianceOf(
      String key, Quantity quantity, Quantity squares, Quantity size, int group) {
    return measure(
        key,
        quantity,
        s ->
            moments(s, group).n().equals(Exact.ONE)
                ? Definition.undefined("one-value-no-variance")
                : Definition.of(squares.formula().over(size.formula().minus(number(1)))));
  }

  /** {@return those that any groups have, in the order in which they are told} */
  static List<Measure> all() {
    return Stream.of(combined(), sums(), ratios()).flatMap(List::stream).toList();
  }

  private static List<Measure> combined() {
    Condition degrees = Needs.positive(N.minus(K.formula()), "no-degrees-within");
    Formula pooled =
        new Sum(N_J.minus(number(1)).times(SeveralQuantities.VARIANCE_OF_GROUP.formula()))
            .over(N.minus(K.formula()));
    return List.of(
        formula("combined_mean", GRAND_MEAN, new Sum(N_J.times(MEAN_J)).over(N))
            .in(Dimension.VALUE)
            .slipping(new Slip(Cause.MEANS_AVERAGED, new Sum(MEAN_J).over(K.formula()))),
        measure("combined_variance", COMBINED, OfGroups::combinedVariance)
            .in(Dimension.SQUARE)
            .slipping(OfGroups::varianceSlips),
        formula("combined_sd", Quantity.of("combined_sd", "s", "s"), COMBINED.formula().root())
            .in(Dimension.VALUE)
            .slipping(OfGroups::deviationsAveraged),
        formula("pooled_variance", POOLED, pooled, degrees)
            .in(Dimension.SQUARE)
            .slipping(new Slip(Cause.VARIANCES_AVERAGED, averaged(false))),
        formula("pooled_sd", POOLED_SD, POOLED.formula().root(), degrees)
            .in(Dimension.VALUE)
            .slipping(OfGroups::deviationsAveraged));
  }

  /** The mean of the standard deviations; as a decimal, since their sum is no root of anything. */
  private static List<Slip> deviationsAveraged(MeasureContext context) {
    Exact sum = Exact.ZERO;
    for (Groups.Group group : groups(context).samples()) {
      Moments moments = Moments.of(group.sample().tally());
      if (moments.n().equals(Exact.ONE)) {
        return List.of();
      }
      sum = sum.plus(Exact.of(moments.sampleVariance().sqrt().significant(DIGITS)));
    }
    return List.of(new Slip(Cause.SDS_AVERAGED, new Numeral(sum).over(K.formula())));
  }

  /** The mean of the variances, as if all groups were of one size. */
  private static Formula averaged(boolean population) {
    Quantity variance =
        population
            ? SeveralQuantities.POPULATION_VARIANCE_OF_GROUP
            : SeveralQuantities.VARIANCE_OF_GROUP;
    return new Sum(variance.formula()).over(K.formula());
  }

  /** What lies inside of the groups alone. */
  private static Formula inside(MeasureContext context) {
    return context.isPopulation()
        ? new Sum(N_J.times(SeveralQuantities.POPULATION_VARIANCE_OF_GROUP.formula())).over(N)
        : new Sum(N_J.minus(number(1)).times(SeveralQuantities.VARIANCE_OF_GROUP.formula()))
            .over(N.minus(number(1)));
  }

  private static List<Slip> varianceSlips(MeasureContext context) {
    return List.of(
        new Slip(Cause.VARIANCES_AVERAGED, averaged(context.isPopulation())),
        new Slip(Cause.BETWEEN_LEFT_OUT, inside(context)));
  }

  private static Definition combinedVariance(MeasureContext context) {
    Formula apart = new Sum(N_J.times(MEAN_J.minus(GRAND_MEAN.formula()).power(2)));
    if (context.isPopulation()) {
      Formula inside = new Sum(N_J.times(SeveralQuantities.POPULATION_VARIANCE_OF_GROUP.formula()));
      return Definition.of(inside.plus(apart).over(N));
    }
    Formula inside =
        new Sum(N_J.minus(number(1)).times(SeveralQuantities.VARIANCE_OF_GROUP.formula()));
    return Definition.of(inside.plus(apart).over(N.minus(number(1))));
  }

  private static FastPath squares(boolean within) {
    return known -> {
      Groups groups = known.context().data().groups().orElseThrow();
      Exact sum = Exact.ZERO;
      if (!within) {
        Moments all = Moments.of(groups.all().tally());
        return new Result.Found(all.m2().times(all.n()));
      }
      for (Groups.Group group : groups.samples()) {
        Tally tally = group.sample().tally();
        Moments moments = Moments.of(tally);
        sum = sum.plus(moments.m2().times(moments.n()));
      }
      return new Result.Found(sum);
    };
  }

  private static List<Measure> sums() {
    return List.of(
        formula(
                "ss_between",
                BETWEEN,
                new Sum(N_J.times(MEAN_J.minus(GRAND_MEAN.formula()).power(2))))
            .in(Dimension.SQUARE),
        formula("ss_within", WITHIN, new Sum(new Sum(X.minus(MEAN_J).power(2))))
            .in(Dimension.SQUARE)
            .quickly(squares(true)),
        formula("ss_total", TOTAL, new Sum(new Sum(X.minus(GRAND_MEAN.formula()).power(2))))
            .in(Dimension.SQUARE)
            .quickly(squares(false)),
        formula("df_between", DF_BETWEEN, K.formula().minus(number(1))).in(Dimension.DEGREES),
        formula("df_within", DF_WITHIN, N.minus(K.formula())).in(Dimension.DEGREES),
        formula("df_total", Quantity.of("df_total", "\\mathit{df}_t", "dft"), N.minus(number(1)))
            .in(Dimension.DEGREES));
  }

  private static List<Measure> ratios() {
    Condition degrees = Needs.positive(DF_WITHIN.formula(), "no-degrees-within");
    Condition[] ratio = {degrees, Condition.notZero(WITHIN.formula(), "no-spread-within")};
    return List.of(
        formula("ms_between", MS_BETWEEN, BETWEEN.formula().over(DF_BETWEEN.formula()))
            .in(Dimension.SQUARE),
        formula("ms_within", MS_WITHIN, WITHIN.formula().over(DF_WITHIN.formula()), degrees)
            .in(Dimension.SQUARE),
        formula("f", F, MS_BETWEEN.formula().over(MS_WITHIN.formula()), ratio)
            .slipping(
                new Slip(Cause.SUMS_NOT_DIVIDED, BETWEEN.formula().over(WITHIN.formula())),
                new Slip(Cause.F_TURNED, MS_WITHIN.formula().over(MS_BETWEEN.formula()))),
        measure(
                "f_p",
                Quantity.of("f_p", "p", "p"),
                s ->
                    Definition.of(
                        new Area(
                            Distribution.F,
                            List.of(DF_BETWEEN.formula(), DF_WITHIN.formula()),
                            Tail.UPPER,
                            F.formula()),
                        ratio))
            .in(Dimension.PROBABILITY),
        formula(
            "eta_squared",
            Quantity.of("eta_squared", "\\eta^2", "η²"),
            BETWEEN.formula().over(TOTAL.formula()),
            Condition.notZero(TOTAL.formula(), "no-spread")));
  }

  /** {@return those of two groups A and B, in the order in which they are told} */
  static List<Measure> ofTwo() {
    return List.of(
        measure(
                "difference_of_means",
                DIFFERENCE,
                s -> two(s, MEAN_A.formula().minus(MEAN_B.formula())))
            .in(Dimension.VALUE)
            .slipping(new Slip(Cause.SIGN_REVERSED, MEAN_B.formula().minus(MEAN_A.formula()))),
        measure("t_two", T_TWO, s -> two(s, statistic(s), testNeeds(s)))
            .slipping(new Slip(Cause.SIGN_REVERSED, number(0).minus(T_TWO.formula()))),
        measure("t_two_df", T_TWO_DF, s -> two(s, degrees(s), testNeeds(s))).in(Dimension.DEGREES),
        measure(
                "t_two_p",
                P_TWO,
                s ->
                    groups(s).samples().size() == 2
                        ? Definition.of(
                            new Area(
                                Distribution.T,
                                List.of(T_TWO_DF.formula()),
                                Several.tail(s),
                                T_TWO.formula()),
                            testNeeds(s))
                        : Definition.undefined("not-two-groups"))
            .in(Dimension.PROBABILITY),
        measure(
                "t_two_p_corrected",
                Quantity.of("t_two_p_corrected", "p_{\\mathrm{corr}}", "p corr."),
                s ->
                    groups(s).samples().size() == 2
                        ? new Definition.Corrected(P_TWO)
                        : Definition.undefined("not-two-groups"))
            .in(Dimension.PROBABILITY),
        measure(
                "cohen_d",
                Quantity.of("cohen_d", "d", "d"),
                s -> two(s, apart().over(POOLED_SD.formula()), pooledNeeds()))
            .slipping(new Slip(Cause.ROOT_NOT_TAKEN, apart().over(POOLED.formula()))));
  }

  private static Formula apart() {
    return new Formula.Absolute(MEAN_A.formula().minus(MEAN_B.formula()));
  }

  private static Definition two(MeasureContext context, Formula right, Condition... needs) {
    return groups(context).samples().size() == 2
        ? Definition.of(right, needs)
        : Definition.undefined("not-two-groups");
  }

  private static boolean isWelch(MeasureContext context) {
    return context.rules().get(Rule.VARIANCES) == Variances.UNEQUAL;
  }

  private static Condition[] pooledNeeds() {
    return new Condition[] {
      Needs.positive(N.minus(K.formula()), "no-degrees-within"),
      Condition.notZero(POOLED.formula(), "no-spread-within")
    };
  }

  private static Condition[] testNeeds(MeasureContext context) {
    return isWelch(context)
        ? new Condition[] {
          Needs.atLeast(N_A.formula(), 2, "too-few-in-each"),
          Needs.atLeast(N_B.formula(), 2, "too-few-in-each"),
          Condition.notZero(share(VARIANCE_A, N_A).plus(share(VARIANCE_B, N_B)), "no-spread-within")
        }
        : pooledNeeds();
  }

  /** s²/n of a group. */
  private static Formula share(Quantity variance, Quantity size) {
    return variance.formula().over(size.formula());
  }

  private static Formula statistic(MeasureContext context) {
    Formula error =
        isWelch(context)
            ? share(VARIANCE_A, N_A).plus(share(VARIANCE_B, N_B)).root()
            : POOLED
                .formula()
                .times(number(1).over(N_A.formula()).plus(number(1).over(N_B.formula())))
                .root();
    return MEAN_A.formula().minus(MEAN_B.formula()).over(error);
  }

  private static Formula degrees(MeasureContext context) {
    if (!isWelch(context)) {
      return N_A.formula().plus(N_B.formula()).minus(number(2));
    }
    Formula a = share(VARIANCE_A, N_A);
    Formula b = share(VARIANCE_B, N_B);
    Formula below =
        a.power(2)
            .over(N_A.formula().minus(number(1)))
            .plus(b.power(2).over(N_B.formula().minus(number(1))));
    return a.plus(b).power(2).over(below);
  }
}
