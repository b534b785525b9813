package promedio.core.catalogue.association;

import static promedio.core.catalogue.association.PairParts.MEAN_X;
import static promedio.core.catalogue.association.PairParts.MEAN_Y;
import static promedio.core.catalogue.association.PairParts.N;
import static promedio.core.catalogue.association.PairParts.SXX;
import static promedio.core.catalogue.association.PairParts.SXY;
import static promedio.core.catalogue.association.PairParts.SYY;
import static promedio.core.catalogue.association.PairParts.X;
import static promedio.core.catalogue.association.PairParts.Y;
import static promedio.core.catalogue.association.PairParts.measure;
import static promedio.core.catalogue.association.PairParts.quick;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Numeral;
import promedio.core.formula.Formula.Sum;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.sample.PairSums;

/**
 * What the measures of pairs are made of: n, x̄, ȳ, Sxx = Σ(x−x̄)², Syy = Σ(y−ȳ)² and Sxy =
 * Σ(x−x̄)(y−ȳ); by the shortcut Σx² − (Σx)²/n and Σxy − Σx·Σy/n. Sxx and Syy are at least 0.
 */
public final class PairSquares {

  private PairSquares() {}

  /** {@return these, which formulas name and no question asks for} */
  public static List<Measure> named() {
    return List.of(
        measure("n", Quantity.N, s -> Definition.of(new Numeral(s.data().total()))),
        measure("mean_x", MEAN_X, new Sum(X).over(N)).quickly(quick(1, PairSums::meanX)),
        measure("mean_y", MEAN_Y, new Sum(Y).over(N)).quickly(quick(1, PairSums::meanY)),
        measure("sxx", SXX, squares(X, MEAN_X))
            .quickly(quick(1, PairSums::sxx))
            .by(Method.SHORTCUT, rawSquares(X)),
        measure("syy", SYY, squares(Y, MEAN_Y))
            .quickly(quick(1, PairSums::syy))
            .by(Method.SHORTCUT, rawSquares(Y)),
        measure("sxy", SXY, new Sum(X.minus(MEAN_X.formula()).times(Y.minus(MEAN_Y.formula()))))
            .quickly(quick(1, PairSums::sxy))
            .by(Method.SHORTCUT, new Sum(X.times(Y)).minus(new Sum(X).times(new Sum(Y)).over(N))));
  }

  private static Formula squares(Formula variable, Quantity mean) {
    return new Sum(variable.minus(mean.formula()).power(2));
  }

  private static Formula rawSquares(Formula variable) {
    return new Sum(variable.power(2)).minus(new Sum(variable).power(2).over(N));
  }
}
