package promedio.core.measure;

import java.util.List;
import java.util.Optional;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import promedio.core.distribution.Approximate;
import promedio.core.message.Message;
import promedio.core.number.BracketedReal;
import promedio.core.number.Exact;
import promedio.core.number.Real;

/** What came of computing a measure. */
public sealed interface Result {

  /** One exact number. */
  record Found(Exact value) implements Result {}

  /** One number that has no exact form of sensible size, but whose every digit is known. */
  record Bracketed(BracketedReal value) implements Result {}

  /** One number of which only the first digits are known: a p-value, or the end of an interval. */
  record Estimated(Approximate value) implements Result {}

  /** Several numbers, ascending; only the modes come so. */
  record Several(List<Exact> values) implements Result {
    public Several {
      values = List.copyOf(values);
    }
  }

  /** A fixed number of exact numbers in their own order, such as the five numbers. */
  record Row(List<Exact> values) implements Result {
    public Row {
      values = List.copyOf(values);
    }
  }

  /** Names, in the order of their categories; only the modes of categories come so. */
  record Named(List<String> names) implements Result {
    public Named {
      names = List.copyOf(names);
    }
  }

  /** No result, and why. */
  record Absent(Message why) implements Result {}

  /** {@return the one number, if it is one} */
  default Optional<Real> number() {
    if (this instanceof Found found) {
      return Optional.of(found.value());
    }
    return this instanceof Bracketed narrowed ? Optional.of(narrowed.value()) : Optional.empty();
  }

  /** {@return what the step makes of the exact number; where there is none, this result} */
  default Result then(Function<Exact, Result> step) {
    return this instanceof Found found ? step.apply(found.value()) : this;
  }

  /** {@return both exact numbers combined; where one is absent, that one} */
  static Result both(Result left, Result right, BinaryOperator<Exact> combine) {
    return left.then(a -> right.then(b -> new Found(combine.apply(a, b))));
  }

  /** {@return one number} */
  static Result of(Real value) {
    return value instanceof Exact exact ? new Found(exact) : new Bracketed((BracketedReal) value);
  }

  /** {@return no result, for the reason of this key of the messages} */
  static Result absent(String key, String... arguments) {
    return new Absent(Message.of("absent." + key, arguments));
  }
}
