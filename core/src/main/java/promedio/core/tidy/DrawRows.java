package promedio.core.tidy;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.table.Table;

/**
 * Keeps some rows that chance chooses, each as likely as any other, in the order in which they
 * stand. The same seed chooses the same rows on every machine.
 *
 * @param size how many rows are kept
 * @param seed what the chance begins with
 */
public record DrawRows(int size, int seed) implements Step {

  static final StepKind KIND =
      new StepKind(
          "draw-rows",
          DrawRows.class,
          List.of(StepField.SIZE, StepField.SEED),
          answers -> new DrawRows(answers.number(StepField.SIZE), answers.number(StepField.SEED)));

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of("step.draw-rows", String.valueOf(size), String.valueOf(seed));
  }

  @Override
  public String answer(StepField ask) {
    return String.valueOf(ask == StepField.SIZE ? size : seed);
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    if (size < 1 || size > table.rows()) {
      throw BadInputException.of("misfit.draw-rows", String.valueOf(table.rows()));
    }
    Random random = new Random(seed);
    int[] order = IntStream.range(0, table.rows()).toArray();
    // The first steps of a shuffle (Fisher and Yates 1938).
    for (int i = 0; i < size; i++) {
      int other = i + random.nextInt(order.length - i);
      int drawn = order[other];
      order[other] = order[i];
      order[i] = drawn;
    }
    BitSet out = new BitSet();
    out.set(0, table.rows());
    Arrays.stream(order, 0, size).forEach(out::clear);
    return Outcome.without(out, table, this);
  }
}
