package promedio.core.catalogue.groups;

import static promedio.core.catalogue.groups.TwoParts.MEAN_A;
import static promedio.core.catalogue.groups.TwoParts.MEAN_B;
import static promedio.core.catalogue.groups.TwoParts.N_A;
import static promedio.core.catalogue.groups.TwoParts.N_B;
import static promedio.core.catalogue.groups.TwoParts.VARIANCE_A;
import static promedio.core.catalogue.groups.TwoParts.VARIANCE_B;
import static promedio.core.catalogue.groups.TwoParts.apart;
import static promedio.core.catalogue.groups.TwoParts.ofTwo;
import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Absolute;
import promedio.core.formula.Quantity;
import promedio.core.measure.Condition;
import promedio.core.measure.Definition;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.rules.Rule;
import promedio.core.rules.Variances;
import promedio.core.slip.Cause;
import promedio.core.slip.Slip;

/**
 * The comparison of two means: their difference, in the unit of the values; t by the pooled
 * variance (Student 1908) or with the variances apart (Welch 1947), as the rule says, its degrees
 * of freedom, p, p corrected for all comparisons; and the size of the effect d = |x̄₁−x̄₂|/sₚ
 * (Cohen 1969). Absent where there is nothing to pool, of Welch where a group has one value; and
 * where no value differs from the mean of its group.
 */
public final class TwoMeans {

  private static final Quantity DIFFERENCE =
      Quantity.of("difference_of_means", "\\bar{x}_1-\\bar{x}_2", "x̄₁ − x̄₂");
  private static final Quantity T = Quantity.of("t_two", "t", "t");
  private static final Quantity DF = Quantity.of("t_two_df", "\\mathit{df}", "df");
  private static final Quantity P = Quantity.of("t_two_p", "p", "p");
  private static final Quantity CORRECTED =
      Quantity.of("t_two_p_corrected", "p_{\\mathrm{corr}}", "p corr.");
  private static final Quantity COHEN_D = Quantity.of("cohen_d", "d", "d");

  private TwoMeans() {}

  /** {@return what formulas name and no question asks for} */
  public static List<Measure> named() {
    return TwoParts.named();
  }

  /** {@return the difference, t, its degrees of freedom, p, p corrected, and d} */
  public static List<Measure> all() {
    Formula size = new Absolute(apart());
    return List.of(
        ofTwo("difference_of_means", DIFFERENCE, apart())
            .in(Dimension.VALUE)
            .slipping(new Slip(Cause.SIGN_REVERSED, MEAN_B.formula().minus(MEAN_A.formula()))),
        ofTwo("t_two", T, s -> Definition.of(apart().over(standardError(s)), needs(s)))
            .slipping(new Slip(Cause.SIGN_REVERSED, number(0).minus(T.formula()))),
        ofTwo(
                "t_two_df",
                DF,
                s ->
                    isByNormal(s)
                        ? Definition.undefined("no-degrees-by-normal")
                        : Definition.of(degrees(s), needs(s)))
            .in(Dimension.DEGREES),
        ofTwo("t_two_p", P, s -> Definition.of(area(s), needs(s))).in(Dimension.PROBABILITY),
        ofTwo("t_two_p_corrected", CORRECTED, s -> new Definition.Corrected(P))
            .in(Dimension.PROBABILITY),
        ofTwo("cohen_d", COHEN_D, size.over(PooledVariance.SD.formula()), pooledNeeds())
            .slipping(
                new Slip(Cause.ROOT_NOT_TAKEN, size.over(PooledVariance.VARIANCE.formula()))));
  }

  private static boolean isWelch(MeasureContext context) {
    return context.rules().get(Rule.VARIANCES) == Variances.UNEQUAL;
  }

  /** With the variances apart and two large samples, where the rule says so. */
  private static boolean isByNormal(MeasureContext context) {
    return isWelch(context)
        && GroupParts.groups(context).samples().stream()
            .allMatch(group -> context.isByNormal(group.sample().total()));
  }

  private static Formula area(MeasureContext context) {
    return isByNormal(context) ? context.areaOfNormal(T) : context.areaOfT(DF, T);
  }

  private static Condition[] pooledNeeds() {
    return new Condition[] {
      GroupParts.degreesWithin(),
      Condition.notZero(PooledVariance.VARIANCE.formula(), "no-spread-within")
    };
  }

  private static Condition[] needs(MeasureContext context) {
    return isWelch(context)
        ? new Condition[] {
          Condition.atLeast(N_A.formula(), 2, "too-few-in-each"),
          Condition.atLeast(N_B.formula(), 2, "too-few-in-each"),
          Condition.notZero(shareOfA().plus(shareOfB()), "no-spread-within")
        }
        : pooledNeeds();
  }

  /** s²/n of a group. */
  private static Formula shareOfA() {
    return VARIANCE_A.formula().over(N_A.formula());
  }

  private static Formula shareOfB() {
    return VARIANCE_B.formula().over(N_B.formula());
  }

  private static Formula standardError(MeasureContext context) {
    return isWelch(context)
        ? shareOfA().plus(shareOfB()).root()
        : PooledVariance.VARIANCE
            .formula()
            .times(number(1).over(N_A.formula()).plus(number(1).over(N_B.formula())))
            .root();
  }

  private static Formula degrees(MeasureContext context) {
    if (!isWelch(context)) {
      return N_A.formula().plus(N_B.formula()).minus(number(2));
    }
    Formula below =
        shareOfA()
            .power(2)
            .over(N_A.formula().minus(number(1)))
            .plus(shareOfB().power(2).over(N_B.formula().minus(number(1))));
    return shareOfA().plus(shareOfB()).power(2).over(below);
  }
}
