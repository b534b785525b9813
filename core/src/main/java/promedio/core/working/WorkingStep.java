package promedio.core.working;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.number.Exact;
import promedio.core.number.Real;

/** One step of a working. */
public sealed interface WorkingStep {

  /** {@return why the step is taken, where there is something to say} */
  default Optional<Why> why() {
    return Optional.empty();
  }

  /**
   * {@return what is made of this step: of each kind something else}
   *
   * @param <R> what is made
   */
  <R> R fold(
      Function<Computed, R> computed,
      Function<Given, R> agreed,
      Function<InOrder, R> inOrder,
      Function<Seen, R> seen);

  /** {@return this step, where it is a calculation} */
  default Optional<Computed> calculation() {
    return fold(
        Optional::of, agreed -> Optional.empty(), l -> Optional.empty(), s -> Optional.empty());
  }

  /**
   * A calculation: {@code left = symbols = numbers = value}.
   *
   * @param left what is found: a quantity, or a total of the table
   * @param symbols how it is found, in symbols
   * @param numbers the same with the numbers put in
   * @param value what it comes to, exactly, of the numbers that are put in
   * @param carried what the following steps go on with: the value, or as it is rounded
   */
  record Computed(Formula left, Formula symbols, Formula numbers, Real value, Real carried)
      implements WorkingStep {

    @Override
    public <R> R fold(
        Function<Computed, R> computed,
        Function<Given, R> agreed,
        Function<InOrder, R> inOrder,
        Function<Seen, R> seen) {
      return computed.apply(this);
    }

    @Override
    public Optional<Why> why() {
      return Why.of(left, symbols);
    }
  }

  /**
   * Something that is chosen or agreed on: {@code left = symbols}, or with numbers put in.
   *
   * @param left what it is called from here on
   * @param symbols what it stands for
   * @param numbers the same with the numbers put in
   */
  record Given(Formula left, Formula symbols, Formula numbers) implements WorkingStep {

    @Override
    public <R> R fold(
        Function<Computed, R> computed,
        Function<Given, R> agreed,
        Function<InOrder, R> inOrder,
        Function<Seen, R> seen) {
      return agreed.apply(this);
    }

    @Override
    public Optional<Why> why() {
      return Why.of(left, symbols);
    }
  }

  /**
   * The values in order, those crossed off that the result does not hang on.
   *
   * @param values all values, ascending
   * @param first the first position of the part that is looked at, from 1
   * @param last its last position
   * @param keptFrom the first position that is not crossed off
   * @param keptTo the last one; before the first where none is left
   * @param reason why this part
   */
  record InOrder(
      List<Exact> values, int first, int last, int keptFrom, int keptTo, Optional<Why> reason)
      implements WorkingStep {

    @Override
    public <R> R fold(
        Function<Computed, R> computed,
        Function<Given, R> agreed,
        Function<InOrder, R> inOrder,
        Function<Seen, R> seen) {
      return inOrder.apply(this);
    }

    public InOrder {
      values = List.copyOf(values);
    }

    @Override
    public Optional<Why> why() {
      return reason;
    }

    /** {@return whether it is but the values in order, of which none is set apart} */
    public boolean isWhole() {
      return first == 1 && keptFrom == 1 && last == values.size() && keptTo == values.size();
    }

    /** {@return whether the value at a position, from 1, is in the part that is looked at} */
    public boolean isLookedAt(int position) {
      return position >= first && position <= last;
    }

    /** {@return whether the value at a position, from 1, is not crossed off} */
    public boolean isKept(int position) {
      return position >= keptFrom && position <= keptTo;
    }
  }

  /**
   * What the hand sees without calculating.
   *
   * @param about what it says
   * @param numbers the numbers in the sentence
   */
  record Seen(Sight about, List<Exact> numbers) implements WorkingStep {

    @Override
    public <R> R fold(
        Function<Computed, R> computed,
        Function<Given, R> agreed,
        Function<InOrder, R> inOrder,
        Function<Seen, R> seen) {
      return seen.apply(this);
    }

    public Seen {
      numbers = List.copyOf(numbers);
    }
  }
}
