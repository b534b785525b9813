package promedio.core.marking;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.formula.Scope;
import promedio.core.measure.MeasureContext;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.number.Reading.Form;
import promedio.core.number.Reading.Numeral;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;
import promedio.core.working.Columns;
import promedio.core.working.OwnWorking;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;

/**
 * Judges a student's own working against the steps. What is not right is judged once more from the
 * student's own earlier numbers, so that one early mistake counts once.
 */
public final class FollowThrough {

  private static final Formula F = Quantity.F.formula();

  private final Working working;
  private final OwnWorking own;
  private final CourseRules rules;
  private final DecimalSign sign;
  private final Scope scope;

  /** What parts of formulas come to with the student's own numbers, by where they are used. */
  private final Map<Use, Optional<Exact>> known = new HashMap<>();

  /**
   * A part of a formula at the step that uses it. What stands there several times, as the position
   * of each quartile does, is another number each time.
   *
   * @param part the part
   * @param step the step that uses it, from 0; the number of steps for what is used by none
   */
  private record Use(Formula part, int step) {}

  /**
   * Makes one.
   *
   * @param data what the working is about
   * @param working how it should go
   * @param own what the student wrote
   * @param rules how numbers are rounded
   * @param sign the student's decimal sign
   */
  public FollowThrough(
      Data data, Working working, OwnWorking own, CourseRules rules, DecimalSign sign) {
    this.working = working;
    this.own = own;
    this.rules = rules;
    this.sign = sign;
    this.scope = MeasureContext.of(data, rules).scope();
  }

  /** {@return the judgement of what was written beside a step, from 0; none where nothing was} */
  public Optional<OwnMark> step(int index) {
    return working.steps().get(index).calculation().flatMap(step -> step(index, step));
  }

  private Optional<OwnMark> step(int index, WorkingStep.Computed computed) {
    List<Real> due = new ArrayList<>(List.of(computed.carried(), computed.value()));
    // The last result may also be what it is without any rounding on the way.
    if (index == working.lastCalculation()) {
      due.addAll(working.exact());
    }
    boolean mayBeBelow = computed.symbols().isProbability();
    return judge(own.entry(working.key(index)), due, mayBeBelow, () -> derivedBy(index));
  }

  /** {@return the judgement of a cell of the table, both from 0; none where nothing was written} */
  public Optional<OwnMark> cell(int column, int row) {
    return working
        .table()
        .flatMap(
            table ->
                judge(
                    own.entry(OwnWorking.cell(table, column, row)),
                    List.of(table.rows().get(row).get(column)),
                    false,
                    () -> derivedCell(table, column, row)));
  }

  /** {@return how many mistakes were made; what follows from one is none} */
  public int mistakes() {
    int mistakes = 0;
    for (int i = 0; i < working.steps().size(); i++) {
      mistakes += isMistake(step(i)) ? 1 : 0;
    }
    for (int row = 0; row < working.table().map(t -> t.rows().size()).orElse(0); row++) {
      for (int column = 0; column < working.table().orElseThrow().columns().size(); column++) {
        mistakes += isMistake(cell(column, row)) ? 1 : 0;
      }
    }
    return mistakes;
  }

  private static boolean isMistake(Optional<OwnMark> mark) {
    return mark.filter(m -> m.worth() == OwnMark.Worth.WRONG).isPresent();
  }

  /** Finds what follows from the student's own numbers. */
  private interface Derivation {
    Optional<Exact> value();
  }

  /**
   * Judges what was written.
   *
   * @param due what is right, the likeliest first
   * @param mayBeBelow whether it may be a bound, as in “< 0.0001” of a p-value
   * @param derivation what follows from the student's own numbers
   */
  private Optional<OwnMark> judge(
      String text, List<Real> due, boolean mayBeBelow, Derivation derivation) {
    if (text.isBlank()) {
      return Optional.empty();
    }
    Optional<Real> first = Optional.of(due.get(0));
    boolean below = mayBeBelow && text.strip().startsWith("<");
    Reading reading = NumberText.read(below ? text.strip().substring(1) : text, sign);
    if (reading instanceof Reading.Unreadable unreadable) {
      return Optional.of(
          new OwnMark(
              OwnMark.Worth.UNREADABLE, first, Optional.empty(), Optional.of(unreadable.why())));
    }
    Numeral numeral = (Numeral) reading;
    Predicate<Real> agrees =
        below
            ? value -> value instanceof Exact p && p.compareTo(numeral.value()) < 0
            : value -> agrees(numeral, value);
    if (due.stream().anyMatch(agrees)) {
      return Optional.of(
          new OwnMark(OwnMark.Worth.RIGHT, first, Optional.empty(), Optional.empty()));
    }
    Optional<Exact> derived = derivation.value().filter(value -> !value.equals(due.get(0)));
    boolean follows = derived.filter(agrees).isPresent();
    return Optional.of(
        new OwnMark(
            follows ? OwnMark.Worth.FOLLOWS : OwnMark.Worth.WRONG,
            first,
            derived,
            Optional.empty()));
  }

  private boolean agrees(Numeral numeral, Real value) {
    return numeral.form() == Form.FRACTION
        ? numeral.value().equals(value)
        : numeral
            .value()
            .equals(Exact.of(value.rounded(numeral.places(), rules.get(Rule.ROUNDING))));
  }

  private Optional<Exact> written(String key) {
    String text = own.entry(key);
    return !text.isBlank() && NumberText.read(text, sign) instanceof Numeral numeral
        ? Optional.of(numeral.value())
        : Optional.empty();
  }

  /** {@return what the part comes to where the step uses it, the student's own number first} */
  private Optional<Exact> ofPart(Formula part, int user) {
    Use use = new Use(part, user);
    Optional<Exact> before = known.get(use);
    if (before == null) {
      Optional<Integer> found = stepOf(part, user);
      before =
          found
              .flatMap(step -> written(working.key(step)).or(() -> derivedBy(step)))
              .or(() -> found.isPresent() ? Optional.empty() : derived(part, user));
      known.put(use, before);
    }
    return before;
  }

  /** {@return the step, from 0, that finds the part for its user: the last one before it} */
  private Optional<Integer> stepOf(Formula part, int user) {
    for (int i = Math.min(user, working.steps().size()) - 1; i >= 0; i--) {
      if (finds(i, part)) {
        return Optional.of(i);
      }
    }
    return Optional.empty();
  }

  private boolean finds(int index, Formula part) {
    WorkingStep step = working.steps().get(index);
    return step.fold(
        computed -> computed.left().equals(part),
        agreed -> agreed.left().equals(part),
        list -> false,
        seen -> false);
  }

  /** {@return what the step comes to, all that was written before it taken as it is} */
  private Optional<Exact> derivedBy(int index) {
    return working
        .steps()
        .get(index)
        .fold(
            computed -> derived(computed, index),
            agreed -> evaluation(index).of(agreed.numbers()),
            list -> Optional.empty(),
            seen -> Optional.empty());
  }

  private Optional<Exact> derived(WorkingStep.Computed computed, int index) {
    return computed.left() instanceof Formula.Sum sum
        ? derivedTotal(sum.body(), index)
        : evaluation(index).of(computed.symbols().withNumbers(part -> number(part, index)));
  }

  /** {@return what a part comes to that no step finds} */
  private Optional<Exact> derived(Formula part, int user) {
    if (part instanceof Formula.Sum sum) {
      return derivedTotal(sum.body(), user);
    }
    return part.equals(Quantity.TABLE_COUNT.formula())
        ? ofPart(new Formula.Sum(F), user)
        : Optional.empty();
  }

  private Evaluation evaluation(int user) {
    return new Evaluation(scope, quantity -> ofPart(quantity.formula(), user));
  }

  private Optional<Exact> number(Formula part, int user) {
    return part instanceof Formula.Ordered ? evaluation(user).of(part) : ofPart(part, user);
  }

  private Optional<Exact> derivedTotal(Formula body, int user) {
    Optional<WorkTable> table = working.table();
    int column = table.map(t -> t.columns().indexOf(body)).orElse(-1);
    if (column < 0) {
      return evaluation(user).of(new Formula.Sum(body));
    }
    Optional<Exact> total = Optional.of(Exact.ZERO);
    for (int row = 0; row < table.orElseThrow().rows().size(); row++) {
      Optional<Exact> entry = ofCell(table.orElseThrow(), column, row);
      total = total.flatMap(sum -> entry.filter(Exact::isRational).map(sum::plus));
    }
    return total;
  }

  private Optional<Exact> ofCell(WorkTable table, int column, int row) {
    return written(OwnWorking.cell(table, column, row)).or(() -> derivedCell(table, column, row));
  }

  private Optional<Exact> derivedCell(WorkTable table, int column, int row) {
    Formula body = table.columns().get(column);
    List<Exact> cells = table.rows().get(row);
    if (isGiven(body)) {
      return Optional.of(cells.get(column));
    }
    List<Formula> entries = new ArrayList<>();
    for (Formula parent : Columns.parents(body)) {
      int own = table.columns().indexOf(parent);
      Optional<Exact> entry = own < 0 ? Optional.empty() : ofCell(table, own, row);
      if (entry.isEmpty()) {
        return entry;
      }
      entries.add(new Formula.Numeral(entry.get()));
    }
    Formula formula =
        entries.isEmpty()
            ? Columns.inRow(body, table.columns().get(0))
            : Columns.made(body, entries);
    Map<Quantity, Exact> values = new HashMap<>();
    for (int i = 0; i < cells.size(); i++) {
      if (table.columns().get(i) instanceof Formula.Named named && named.quantity().isOfRow()) {
        values.put(named.quantity(), cells.get(i));
      }
    }
    int anyStep = working.steps().size();
    // The quantities first: finding them goes over the rows itself.
    Formula numbers =
        formula.withNumbers(part -> isOfRow(part) ? Optional.empty() : number(part, anyStep));
    return evaluation(anyStep).inRow(numbers, Scope.ofRow(values), 0);
  }

  private static boolean isGiven(Formula column) {
    return Columns.isRead(column) || column.equals(Quantity.CUMULATIVE.formula());
  }

  private static boolean isOfRow(Formula part) {
    return part instanceof Formula.Named named && named.quantity().isOfRow();
  }
}
