package promedio.core.tidy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.message.Cancellation;
import promedio.core.message.Message;
import promedio.core.table.Table;

/** A table with the steps that tidy it, and what each of them came to. Immutable. */
public final class StepPipeline {

  private final Table original;
  private final List<Stage> stages;

  private StepPipeline(Table original, List<Stage> stages) {
    this.original = original;
    this.stages = List.copyOf(stages);
  }

  /**
   * A step with what it came to.
   *
   * @param listed the step
   * @param outcome what it did; where it is passed over, the table before it
   */
  public record Stage(StepEntry listed, Outcome outcome) {}

  /** {@return the table, not tidied yet} */
  public static StepPipeline of(Table original) {
    return new StepPipeline(original, List.of());
  }

  /** {@return the table as it was imported} */
  public Table original() {
    return original;
  }

  /** {@return the table after all steps} */
  public Table result() {
    return before(stages.size());
  }

  /** {@return the table before the step at this place, counted from 0} */
  public Table before(int place) {
    return place == 0 ? original : stages.get(place - 1).outcome().table();
  }

  /** {@return the steps with what they came to} */
  public List<Stage> stages() {
    return stages;
  }

  /** {@return the steps} */
  public List<StepEntry> steps() {
    return stages.stream().map(Stage::listed).toList();
  }

  /**
   * {@return the same table tidied by these steps; what did not change is not done again}
   *
   * @throws CancellationException if the thread was interrupted
   */
  public StepPipeline with(List<StepEntry> steps) {
    int same = 0;
    while (same < Math.min(steps.size(), stages.size())
        && steps.get(same).equals(stages.get(same).listed())) {
      same++;
    }
    List<Stage> done = new ArrayList<>(stages.subList(0, same));
    Table table = before(same);
    for (StepEntry listed : steps.subList(same, steps.size())) {
      Cancellation.check();
      Outcome outcome =
          listed.on() ? held(listed.step(), table) : Outcome.of(table, listed.step().intention());
      done.add(new Stage(listed, outcome));
      table = outcome.table();
    }
    return new StepPipeline(original, done);
  }

  /** Steps that make a table larger and larger end where it is many times the original. */
  private Outcome held(Step step, Table before) {
    Outcome outcome = step.apply(before);
    long most = TableSizeLimit.of(original);
    return TableSizeLimit.cells(outcome.table()) <= Math.max(most, TableSizeLimit.cells(before))
        ? outcome
        : new Outcome(
            before,
            step.intention(),
            Optional.of(
                Message.of(
                    "misfit.too-large",
                    String.valueOf(outcome.table().rows()),
                    String.valueOf(outcome.table().columns().size()))));
  }

  /** {@return another table tidied by the same steps} */
  public StepPipeline on(Table other) {
    return of(other).with(steps());
  }

  /** {@return why each step that does not fit does not} */
  public List<Message> problems() {
    return stages.stream().flatMap(stage -> stage.outcome().problem().stream()).toList();
  }
}
