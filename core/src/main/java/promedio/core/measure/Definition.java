package promedio.core.measure;

import java.util.List;
import java.util.Optional;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.message.Message;
import promedio.core.number.Exact;

/** How a measure is found. */
public sealed interface Definition {

  /** {@return what the visitor makes of this definition} */
  <R> R accept(Visitor<R> visitor);

  /** {@return the table that it stands for; none where it is no table} */
  default Optional<Layout> layout() {
    return Optional.empty();
  }

  /**
   * By a formula of other quantities and of sums over the rows.
   *
   * @param right the formula
   * @param needs what must hold for it to mean something, in the order in which that is looked at
   */
  record ByFormula(Formula right, List<Condition> needs) implements Definition {

    public ByFormula {
      needs = List.copyOf(needs);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.byFormula(this);
    }
  }

  /**
   * By looking first: where a position lies, which class is modal. What is seen gives the numbers
   * of a formula their names.
   *
   * @param how what is looked at
   */
  record ByInspection(Inspection how) implements Definition {

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.byInspection(this);
    }
  }

  /**
   * As a table of other measures.
   *
   * @param cells which, and how they stand together
   */
  record Together(Layout cells) implements Definition {

    @Override
    public Optional<Layout> layout() {
      return Optional.of(cells);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.together(this);
    }
  }

  /**
   * Off a curve of probability, which gives a number of which only the first digits are known.
   *
   * @param reading what is read off it
   * @param curve the curve
   * @param degrees its degrees of freedom
   * @param needs what must hold for it to mean something, in the order in which that is looked at
   */
  record ByCurve(
      CurveReading reading, Distribution curve, List<Formula> degrees, List<Condition> needs)
      implements Definition {

    public ByCurve {
      degrees = List.copyOf(degrees);
      needs = List.copyOf(needs);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.byCurve(this);
    }
  }

  /**
   * As the p-value of a comparison of two groups, corrected for the number of all comparisons as
   * the course rules say.
   *
   * @param p the p-value of these two by themselves
   */
  record Corrected(Quantity p) implements Definition {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.corrected(this);
    }
  }

  /** What is read off a curve of probability. */
  sealed interface CurveReading {

    /** {@return the formulas whose values it is read by} */
    List<Formula> formulas();

    /**
     * The area that a statistic cuts off.
     *
     * @param statistic the statistic
     * @param tail which area
     */
    record Area(Formula statistic, Tail tail) implements CurveReading {
      @Override
      public List<Formula> formulas() {
        return List.of(statistic);
      }
    }

    /**
     * An end of an interval of confidence.
     *
     * @param middle the middle of the interval
     * @param error what the value of the curve is multiplied by
     * @param confidence the area of the interval, between 0 and 1
     * @param upper whether it is the upper end
     */
    record Bound(Formula middle, Formula error, Exact confidence, boolean upper)
        implements CurveReading {
      @Override
      public List<Formula> formulas() {
        return List.of(middle, error);
      }
    }
  }

  /**
   * Not at all.
   *
   * @param why the reason
   */
  record Undefined(Message why) implements Definition {

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.undefined(this);
    }
  }

  /** {@return a definition by a formula} */
  static Definition of(Formula right, Condition... needs) {
    return new ByFormula(right, List.of(needs));
  }

  /** {@return a definition by looking} */
  static Definition of(Inspection how) {
    return new ByInspection(how);
  }

  /** {@return none, for the reason of this key of the messages} */
  static Definition undefined(String key) {
    return new Undefined(Message.of("absent." + key));
  }

  /**
   * Something that can be made of every kind of definition.
   *
   * @param <R> what is made
   */
  interface Visitor<R> {
    R byFormula(ByFormula definition);

    R byInspection(ByInspection definition);

    R together(Together definition);

    R byCurve(ByCurve definition);

    R corrected(Corrected definition);

    R undefined(Undefined definition);
  }
}
