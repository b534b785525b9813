package promedio.core.question;

import java.util.List;
import java.util.function.Function;
import promedio.core.question.PrintedQuestion.Asked;

/**
 * Words of a printed question, and what was understood by them.
 *
 * @param start where they begin in the text
 * @param end where they end
 * @param meaning what was understood
 */
public record Mark(int start, int end, Meaning meaning) {

  /** What some words mean. */
  public sealed interface Meaning {

    /** {@return which of the kinds it is} */
    Kind kind();

    /**
     * {@return what is made of this meaning: of each kind something else}
     *
     * @param <R> what is made
     */
    <R> R fold(
        Function<OfData, R> data,
        Function<OfAsked, R> asked,
        Function<OfPlaces, R> places,
        Function<OfRule, R> rule);
  }

  /** The kinds of what is understood. */
  public enum Kind {
    /** Numbers or counts that the question gives. */
    DATA,
    /** Measures that are asked. */
    ASKED,
    /** How exact an answer should be. */
    PLACES,
    /** A course rule. */
    RULE
  }

  /**
   * Data.
   *
   * @param index which of the question’s data
   */
  public record OfData(int index) implements Meaning {
    @Override
    public Kind kind() {
      return Kind.DATA;
    }

    @Override
    public <R> R fold(
        Function<OfData, R> data,
        Function<OfAsked, R> asked,
        Function<OfPlaces, R> places,
        Function<OfRule, R> rule) {
      return data.apply(this);
    }
  }

  /**
   * Measures that are asked.
   *
   * @param parts the indices of the parts that ask them by these words
   * @param asked the measures
   */
  public record OfAsked(List<Integer> parts, List<Asked> asked) implements Meaning {

    public OfAsked {
      parts = List.copyOf(parts);
      asked = List.copyOf(asked);
    }

    @Override
    public Kind kind() {
      return Kind.ASKED;
    }

    @Override
    public <R> R fold(
        Function<OfData, R> data,
        Function<OfAsked, R> asked,
        Function<OfPlaces, R> places,
        Function<OfRule, R> rule) {
      return asked.apply(this);
    }
  }

  /**
   * Decimal places or significant digits.
   *
   * @param parts the indices of the parts whose answers they hold for
   */
  public record OfPlaces(List<Integer> parts) implements Meaning {

    public OfPlaces {
      parts = List.copyOf(parts);
    }

    @Override
    public Kind kind() {
      return Kind.PLACES;
    }

    @Override
    public <R> R fold(
        Function<OfData, R> data,
        Function<OfAsked, R> asked,
        Function<OfPlaces, R> places,
        Function<OfRule, R> rule) {
      return places.apply(this);
    }
  }

  /**
   * A course rule.
   *
   * @param part the index of the part that it holds for, {@link #ALL} for all
   * @param code its code
   */
  public record OfRule(int part, String code) implements Meaning {

    /** No part alone. */
    public static final int ALL = -1;

    @Override
    public Kind kind() {
      return Kind.RULE;
    }

    @Override
    public <R> R fold(
        Function<OfData, R> data,
        Function<OfAsked, R> asked,
        Function<OfPlaces, R> places,
        Function<OfRule, R> rule) {
      return rule.apply(this);
    }
  }
}
