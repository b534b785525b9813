package promedio.core.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.limit.Limit;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Tally;

/**
 * The values that are left when ⌊n·p⌋ are left out at each end, and their mean.
 *
 * @param proportion p, from 0
 */
public record Trimming(Exact proportion) implements Inspection {

  private static final Formula MEAN_OF_REST =
      new Formula.Sum(Quantity.X.formula()).over(Quantity.N.formula());

  /** {@return how many values are left out at each end} */
  public Exact leftOut(Tally tally) {
    return Exact.of(tally.total().times(proportion).floor());
  }

  /** {@return why the values cannot be trimmed; nothing where they can} */
  public Optional<Message> refusal(MeasureContext context) {
    Tally tally = context.tally();
    if (context.classes().isPresent()) {
      return Optional.of(Message.of("absent.classes-not-trimmed"));
    }
    if (!tally.hasPositions()) {
      return Optional.of(Message.of("absent.no-positions"));
    }
    return leftOut(tally).times(2).compareTo(tally.total()) >= 0
        ? Optional.of(Message.of("absent.nothing-left"))
        : Optional.empty();
  }

  @Override
  public Set<Method> methods() {
    return Set.of(Method.ASSUMED_MEAN, Method.STEP);
  }

  @Override
  public Seen look(MeasureContext context) {
    Optional<Message> refusal = refusal(context);
    if (refusal.isPresent()) {
      return new Nothing(refusal.get());
    }
    Exact leftOut = leftOut(context.tally());
    if (!context.isListed()) {
      return new Nothing(Limit.LISTED_VALUES.beyond(context.tally().total().toString()));
    }
    int out = leftOut.numerator().intValueExact();
    int n = context.tally().total().numerator().intValueExact();
    Sample rest = new Sample(context.tally().inOrder(out, n - out));
    return new Numbers(
        List.of(
            new InspectionResult(
                -1, Map.of(Quantity.LEFT_OUT, leftOut), MEAN_OF_REST, Optional.of(rest))));
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.trimming(this);
  }
}
