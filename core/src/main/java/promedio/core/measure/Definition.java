package promedio.core.measure;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Equation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.message.Message;

/** How a measure is found. */
public sealed interface Definition {

  /** {@return what the visitor makes of this definition} */
  <R> R accept(Visitor<R> visitor);

  /** {@return the table that it stands for; none where it is no table} */
  default Optional<Layout> layout() {
    return Optional.empty();
  }

  /**
   * By a formula of other quantities, of sums over the rows, and of areas and values of curves.
   *
   * @param first what is worked before under names of its own, each of which those behind it and
   *     the formula may use
   * @param last the formula
   * @param needs what must hold for it to mean something, in the order in which that is looked at
   */
  record ByFormula(List<Equation> first, Formula last, List<Condition> needs)
      implements Definition {

    public ByFormula {
      first = List.copyOf(first);
      needs = List.copyOf(needs);
    }

    /** {@return the formula with nothing worked before} */
    public Formula right() {
      Formula whole = last;
      for (int i = first.size() - 1; i >= 0; i--) {
        whole = whole.replacing(first.get(i).left().formula(), first.get(i).right());
      }
      return whole;
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
  static ByFormula of(Formula right, Condition... needs) {
    return new ByFormula(List.of(), right, List.of(needs));
  }

  /** {@return a definition by a formula, after what is worked before it} */
  static ByFormula of(List<Equation> first, Formula last, Condition... needs) {
    return new ByFormula(first, last, List.of(needs));
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

    R corrected(Corrected definition);

    R undefined(Undefined definition);
  }
}
