package promedio.desktop.work;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.desktop.Texts;

/**
 * The state of one window: the assignment with its history, which item and measure are chosen, and
 * what is computed of them. Every edit passes through {@link #edit}.
 */
public final class Workspace {

  /** Texts longer than this are read apart from the window: about 20,000 values. */
  private static final int LONG_TEXT = 120_000;

  private final Background background;
  private final History<Assignment> history;
  private final ReadOnlyObjectWrapper<Assignment> assignment;
  private final ReadOnlyObjectWrapper<@Nullable Item> chosen =
      new ReadOnlyObjectWrapper<>(this, "chosen");
  private final ReadOnlyObjectWrapper<@Nullable Reckoning> reckoning =
      new ReadOnlyObjectWrapper<>(this, "reckoning");
  private final ReadOnlyObjectWrapper<Map<Measure, String>> moved =
      new ReadOnlyObjectWrapper<>(this, "moved", Map.of());
  private final ReadOnlyObjectWrapper<@Nullable WhatIf> whatIf =
      new ReadOnlyObjectWrapper<>(this, "whatIf");
  private final IntegerProperty entry = new SimpleIntegerProperty(this, "entry", -1);
  private final ObjectProperty<Measure> measure =
      new SimpleObjectProperty<>(this, "measure", Measure.MEAN);

  /** Makes the state of a window on an assignment. */
  public Workspace(Assignment first, Background background) {
    this.background = background;
    this.history = new History<>(first);
    this.assignment = new ReadOnlyObjectWrapper<>(this, "assignment", first);
    first.items().stream().findFirst().ifPresent(item -> choose(item.id()));
  }

  /** {@return the assignment as it is now} */
  public ReadOnlyObjectProperty<Assignment> assignmentProperty() {
    return assignment.getReadOnlyProperty();
  }

  /** {@return the assignment as it is now} */
  public Assignment assignment() {
    return assignment.get();
  }

  /** {@return the chosen sample or table, {@code null} when there is none} */
  public ReadOnlyObjectProperty<@Nullable Item> chosenProperty() {
    return chosen.getReadOnlyProperty();
  }

  /** {@return what is computed of the chosen item, {@code null} when there is none} */
  public ReadOnlyObjectProperty<@Nullable Reckoning> reckoningProperty() {
    return reckoning.getReadOnlyProperty();
  }

  /** {@return the chosen measure} */
  public ObjectProperty<Measure> measureProperty() {
    return measure;
  }

  /** {@return where long work of this window runs} */
  public Background background() {
    return background;
  }

  /** Chooses the item of the id. */
  public void choose(int id) {
    moved.set(Map.of());
    whatIf.set(null);
    entry.set(-1);
    show(assignment().item(id));
  }

  /** Changes a course rule, and tells which results that moved. */
  public <T> void setRule(Rule<T> rule, T value) {
    changeRules(now -> now.withRules(now.rules().with(rule, value)));
  }

  /** Takes a named set of course rules, and tells which results that moved. */
  public void takeCourse(String name, CourseRules rules) {
    changeRules(now -> now.withRules(rules, name));
  }

  private void changeRules(UnaryOperator<Assignment> change) {
    Reckoning before = reckoning.get();
    edit("edit.rule", "", change);
    Reckoning after = reckoning.get();
    moved.set(before == null || after == null ? Map.of() : Moved.between(before, after));
  }

  /** {@return what the results were before the rule that was just changed, where it moved them} */
  public ReadOnlyObjectProperty<Map<Measure, String>> movedProperty() {
    return moved.getReadOnlyProperty();
  }

  /** {@return the change that is tried out, {@code null} when there is none} */
  public ReadOnlyObjectProperty<@Nullable WhatIf> whatIfProperty() {
    return whatIf.getReadOnlyProperty();
  }

  /** Tries out a change of the chosen sample without making it; {@code null} ends the trial. */
  public void tryOut(@Nullable WhatIf trial) {
    whatIf.set(trial);
  }

  /** Makes the change that is tried out. */
  public void keepWhatIf() {
    WhatIf trial = whatIf.get();
    if (trial != null) {
      Source kept = new Source.ValuesText(trial.text());
      editChosen("edit.what-if", "", item -> item.withSource(kept));
    }
  }

  /** {@return the entry that is chosen in the field and the line-up, −1 for none} */
  public IntegerProperty entryProperty() {
    return entry;
  }

  /** Changes the decimal sign of the student. */
  public void setSign(DecimalSign sign) {
    edit("edit.sign", "", now -> now.withSign(sign));
  }

  /** Changes the title of the assignment. */
  public void setTitle(String title) {
    edit("edit.title", "title", now -> now.withTitle(title));
  }

  /** Takes what is typed as the values of the chosen item; makes a sample where there is none. */
  public void type(String text) {
    Item item = chosen.get();
    if (item == null) {
      if (!text.isBlank()) {
        addFirst(text);
      }
      return;
    }
    Source source =
        item.source() instanceof Source.TableText
            ? new Source.TableText(text)
            : new Source.ValuesText(text);
    edit("edit.values", "values " + item.id(), now -> now.with(item.withSource(source)));
  }

  /** The first letters make the sample, and are undone together with those that follow. */
  private void addFirst(String text) {
    int id = assignment().freeId();
    Item first = Item.of(id, Texts.of("item.sample", id), "", new Source.ValuesText(text));
    edit("edit.values", "values " + id, now -> now.with(first));
  }

  /** Takes what is typed as the student's answer to a measure of the chosen item. */
  public void answer(Measure asked, String text) {
    editChosen("edit.answer", "answer " + asked, item -> item.withAnswer(asked, text));
  }

  /** Renames the chosen item. */
  public void rename(String name) {
    editChosen("edit.name", "name", item -> item.withName(name));
  }

  /** Changes the unit of the chosen item. */
  public void setUnit(String unit) {
    editChosen("edit.unit", "unit", item -> item.withUnit(unit));
  }

  /** Changes the note of the chosen item. */
  public void setNote(String note) {
    editChosen("edit.note", "note", item -> item.withNote(note));
  }

  /** Adds a copy of the chosen item to the shelf, and chooses it. */
  public void duplicateChosen() {
    Item item = chosen.get();
    if (item != null) {
      int id = assignment().freeId();
      Item copy = item.copy(id, Texts.of("item.copy", item.name()));
      edit("edit.duplicate", "", now -> now.with(copy));
      choose(id);
    }
  }

  /** Appends the values of another item to the chosen one; both must be typed the same way. */
  public void append(Item other) {
    editChosen(
        "edit.append",
        "",
        item -> item.source().append(other.source()).map(item::withSource).orElse(item));
  }

  /** Moves the chosen item on the shelf, up where negative. */
  public void moveChosen(int by) {
    Item item = chosen.get();
    if (item != null) {
      edit("edit.move", "", now -> now.moved(item.id(), by));
    }
  }

  private void editChosen(String nameKey, String key, UnaryOperator<Item> change) {
    Item item = chosen.get();
    if (item != null) {
      String runningKey = key.isEmpty() ? "" : key + " " + item.id();
      edit(nameKey, runningKey, now -> now.with(change.apply(item)));
    }
  }

  /** Adds a sample of these values at the end of the shelf, and chooses it. */
  public void addSample(Source.ValuesText values) {
    addNamed(Texts.of("item.sample", assignment().freeId()), values);
  }

  /** Adds an empty table of values and frequencies, and chooses it. */
  public void addTable() {
    addNamed(Texts.of("item.table", assignment().freeId()), new Source.TableText(""));
  }

  /** Adds an item under a name, and chooses it. */
  public void addNamed(String name, Source source) {
    int id = assignment().freeId();
    edit("edit.add", "", now -> now.with(Item.of(id, name, "", source)));
    choose(id);
  }

  /** Takes the chosen item off the shelf and chooses its neighbour. */
  public void removeChosen() {
    Item item = chosen.get();
    if (item == null) {
      return;
    }
    int place = assignment().items().indexOf(item);
    edit("edit.remove", "", now -> now.without(item.id()));
    List<Item> left = assignment().items();
    show(
        left.isEmpty()
            ? Optional.empty()
            : Optional.of(left.get(Math.min(place, left.size() - 1))));
  }

  /** Puts another assignment in the place of this one; that can be undone too. */
  public void replace(Assignment other) {
    edit("edit.replace", "", now -> other);
  }

  /** {@return what undoing would take back} */
  public Optional<String> nameOfUndo() {
    return history.nameOfUndo();
  }

  /** {@return what redoing would bring back} */
  public Optional<String> nameOfRedo() {
    return history.nameOfRedo();
  }

  /** Takes the last edit back. */
  public void undo() {
    moved.set(Map.of());
    whatIf.set(null);
    history.undo();
    showPresent();
  }

  /** Brings back the edit that was taken back last. */
  public void redo() {
    moved.set(Map.of());
    whatIf.set(null);
    history.redo();
    showPresent();
  }

  private void edit(String nameKey, String key, UnaryOperator<Assignment> change) {
    moved.set(Map.of());
    whatIf.set(null);
    history.edit(Texts.of(nameKey), key, change.apply(history.present()));
    showPresent();
  }

  private void showPresent() {
    assignment.set(history.present());
    Item old = chosen.get();
    Optional<Item> same = old == null ? Optional.empty() : assignment().item(old.id());
    show(same.or(() -> assignment().items().stream().findFirst()));
  }

  private void show(Optional<Item> item) {
    Reckoning old = reckoning.get();
    chosen.set(item.orElse(null));
    if (item.isEmpty()) {
      reckoning.set(null);
    } else if (old != null
        && old.item().id() == item.get().id()
        && old.item().source().equals(item.get().source())
        && (old.sign() == assignment().sign())) {
      reckoning.set(old.inside(assignment(), item.get()));
    } else if (isLong(item.get().source())) {
      reckonApart(item.get());
    } else {
      reckoning.set(Reckoning.of(assignment(), item.get()));
    }
  }

  private static boolean isLong(Source source) {
    return source instanceof Source.ValuesText values && values.text().length() > LONG_TEXT;
  }

  private void reckonApart(Item item) {
    Assignment now = assignment();
    reckoning.set(null);
    background.run(
        Texts.of("work.reading", item.name()),
        () -> Reckoning.of(now, item),
        done -> {
          // The student may have gone on meanwhile; what is on the screen then is newer.
          if (item.equals(chosen.get()) && now.equals(assignment())) {
            reckoning.set(done);
          }
        },
        failure -> {
          throw new IllegalStateException(failure);
        });
  }
}
