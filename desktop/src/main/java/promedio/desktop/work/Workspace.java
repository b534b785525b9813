package promedio.desktop.work;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
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
    show(assignment().item(id));
  }

  /** Changes a course rule. */
  public <T> void setRule(Rule<T> rule, T value) {
    edit("edit.rule", "", now -> now.withRules(now.rules().with(rule, value)));
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
        addSample(new Source.ValuesText(text));
      }
      return;
    }
    Source source =
        item.source() instanceof Source.TableText
            ? new Source.TableText(text)
            : new Source.ValuesText(text);
    edit("edit.values", "values " + item.id(), now -> now.with(item.withSource(source)));
  }

  /** Takes what is typed as the student's answer to a measure of the chosen item. */
  public void answer(Measure asked, String text) {
    Item item = chosen.get();
    if (item != null) {
      String key = "answer " + item.id() + asked;
      edit("edit.answer", key, now -> now.with(item.withAnswer(asked, text)));
    }
  }

  /** Renames the chosen item. */
  public void rename(String name) {
    Item item = chosen.get();
    if (item != null) {
      edit("edit.name", "name " + item.id(), now -> now.with(item.withName(name)));
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
    history.undo();
    showPresent();
  }

  /** Brings back the edit that was taken back last. */
  public void redo() {
    history.redo();
    showPresent();
  }

  private void edit(String nameKey, String key, UnaryOperator<Assignment> change) {
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
