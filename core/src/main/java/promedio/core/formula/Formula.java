package promedio.core.formula;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.number.Exact;

/** A formula as a tree. What is made of it, such as its typesetting, is a {@link Visitor}. */
public sealed interface Formula {

  /** {@return what the visitor makes of this formula} */
  <R> R accept(Visitor<R> visitor);

  /** A number. */
  record Numeral(Exact value) implements Formula {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.numeral(this);
    }
  }

  /** A named quantity of the data. */
  record Named(Quantity quantity) implements Formula {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.named(this);
    }

    // As a record has them, but made beforehand: see Symbol.

    @Override
    public boolean equals(@Nullable Object other) {
      return other instanceof Named named && quantity.equals(named.quantity);
    }

    @Override
    public int hashCode() {
      return quantity.hashCode();
    }
  }

  /** The value that stands at a position when all are in order. */
  record Ordered(Formula position) implements Formula {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.ordered(this);
    }
  }

  /** The sum of the body over all values, or over all rows of a table. */
  record Sum(Formula body) implements Formula {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.sum(this);
    }
  }

  /** The product of the body over all values, or over all rows of a table. */
  record Product(Formula body) implements Formula {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.product(this);
    }
  }

  /** Two formulas joined by one of the four operations. */
  record Operation(Operator operator, Formula left, Formula right) implements Formula {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.operation(this);
    }
  }

  /** A base to an exponent. */
  record Power(Formula base, Formula exponent) implements Formula {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.power(this);
    }
  }

  /** The root of a degree; 2 is the square root. */
  record Root(Formula degree, Formula body) implements Formula {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.root(this);
    }
  }

  /** The absolute value. */
  record Absolute(Formula body) implements Formula {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.absolute(this);
    }
  }

  /** What is read off a curve of probability: a number of which only the first digits are known. */
  sealed interface CurveReading extends Formula {

    /** {@return the curve} */
    Distribution curve();

    /** {@return its degrees of freedom, as many as it has} */
    List<Formula> degrees();
  }

  /**
   * The area that a statistic cuts off under a curve of probability.
   *
   * @param curve the curve
   * @param degrees its degrees of freedom, as many as it has
   * @param tail which area
   * @param statistic the statistic
   */
  record Area(Distribution curve, List<Formula> degrees, Tail tail, Formula statistic)
      implements CurveReading {
    public Area {
      degrees = List.copyOf(degrees);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.area(this);
    }
  }

  /**
   * The value of a curve of probability that has an area below it.
   *
   * @param curve the curve
   * @param degrees its degrees of freedom, as many as it has
   * @param below the area
   */
  record Quantile(Distribution curve, List<Formula> degrees, Formula below)
      implements CurveReading {
    public Quantile {
      degrees = List.copyOf(degrees);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.quantile(this);
    }
  }

  /** The four operations. */
  enum Operator {
    PLUS,
    MINUS,
    TIMES,
    OVER
  }

  /** {@return whether it names the quantity anywhere} */
  default boolean mentions(Quantity quantity) {
    return accept(new Mentions(quantity::equals));
  }

  /** {@return whether it is another number in each row that a sum runs over} */
  default boolean isOfRow() {
    return accept(new Mentions(Quantity::isOfRow));
  }

  /** {@return whether it is an area under a curve, or a multiple of one: a corrected p-value} */
  default boolean isProbability() {
    return this instanceof Area
        || (this instanceof Operation product && product.right() instanceof Area);
  }

  /** {@return what is read off curves of probability in it} */
  default List<CurveReading> readings() {
    List<CurveReading> found = new ArrayList<>();
    replacing(
        part -> {
          if (part instanceof CurveReading reading) {
            found.add(reading);
          }
          return Optional.empty();
        });
    return found;
  }

  /** {@return what it names in their order: quantities but x and f, and sums over the rows} */
  default Set<Formula> parts() {
    return accept(new Parts());
  }

  /**
   * {@return this with numbers in the place of quantities, sums and values by their position}
   *
   * @param values knows what such a part comes to; what has no value stays as it is
   */
  default Formula withNumbers(Function<Formula, Optional<Exact>> values) {
    return accept(new NumbersPutIn(values::apply));
  }

  /**
   * {@return this with other formulas in the place of parts}
   *
   * @param replacement what stands in the place of a part; none where the part stays
   */
  default Formula replacing(Function<Formula, Optional<Formula>> replacement) {
    return new Replacing(replacement).of(this);
  }

  /** {@return this with another formula in the place of a part, wherever it stands} */
  default Formula replacing(Formula part, Formula other) {
    return replacing(each -> each.equals(part) ? Optional.of(other) : Optional.empty());
  }

  /** {@return whether the part stands in this anywhere, or is this} */
  default boolean contains(Formula part) {
    return !replacing(part, number(0)).equals(this);
  }

  /**
   * {@return this in LaTeX}
   *
   * @param numbers writes the numbers in it
   */
  default String latex(Function<Exact, String> numbers) {
    return accept(new LatexWriter(numbers));
  }

  /**
   * {@return this in one line of plain characters}
   *
   * @param numbers writes the numbers in it
   */
  default String plain(Function<Exact, String> numbers) {
    return accept(new PlainWriter(numbers, Quantity::plain));
  }

  /** {@return this with the ids of its quantities, by which files know it however it is typeset} */
  default String key() {
    return accept(new PlainWriter(Exact::toString, Quantity::id));
  }

  /**
   * {@return this in MathML, as what stands inside of {@code <math>}}
   *
   * @param numbers writes the numbers in it
   */
  default String mathml(Function<Exact, String> numbers) {
    return accept(new MathmlWriter(numbers));
  }

  /** {@return the number as a formula} */
  static Formula number(long value) {
    return new Numeral(Exact.of(value));
  }

  /** {@return this + other} */
  default Formula plus(Formula other) {
    return new Operation(Operator.PLUS, this, other);
  }

  /** {@return this − other} */
  default Formula minus(Formula other) {
    return new Operation(Operator.MINUS, this, other);
  }

  /** {@return this · other} */
  default Formula times(Formula other) {
    return new Operation(Operator.TIMES, this, other);
  }

  /** {@return this as the numerator over the other} */
  default Formula over(Formula other) {
    return new Operation(Operator.OVER, this, other);
  }

  /** {@return this to a whole power} */
  default Formula power(long exponent) {
    return new Power(this, number(exponent));
  }

  /** {@return the square root of this} */
  default Formula root() {
    return new Root(number(2), this);
  }

  /**
   * Something that can be made of every kind of formula.
   *
   * @param <R> what is made
   */
  interface Visitor<R> {
    R numeral(Numeral numeral);

    R named(Named named);

    R ordered(Ordered ordered);

    R sum(Sum sum);

    R product(Product product);

    R operation(Operation operation);

    R power(Power power);

    R root(Root root);

    R absolute(Absolute absolute);

    R area(Area area);

    R quantile(Quantile quantile);
  }
}
