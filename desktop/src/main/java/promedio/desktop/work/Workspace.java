package promedio.desktop.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Brought;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.entry.Entry;
import promedio.core.entry.TypedCategories;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphText;
import promedio.core.grouping.ClassChoice;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.tidy.Listed;
import promedio.core.tidy.Step;
import promedio.desktop.Texts;
import promedio.files.pile.Pile;
import promedio.files.table.DataSource;

/**
 * The state of one window: the assignment with its history, which item and measure are chosen, and
 * what is computed of them. Every edit passes through {@link #edit}.
 */
public final class Workspace {

  /** Tables longer than this are tidied apart from the window. */
  private static final int LONG_TABLE = 20_000;

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
  private final ReadOnlyObjectWrapper<@Nullable Brought> table =
      new ReadOnlyObjectWrapper<>(this, "table");
  private final ReadOnlyObjectWrapper<@Nullable Bringing> bringing =
      new ReadOnlyObjectWrapper<>(this, "bringing");
  private final BooleanProperty onParts = new SimpleBooleanProperty(this, "onParts");
  private final ObjectProperty<@Nullable Pile> pile = new SimpleObjectProperty<>(this, "pile");
  private final IntegerProperty entry = new SimpleIntegerProperty(this, "entry", -1);
  private final ObjectProperty<ClassTable.@Nullable Interval> lit =
      new SimpleObjectProperty<>(this, "lit");
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

  /** {@return the chosen table of several columns, {@code null} when there is none} */
  public ReadOnlyObjectProperty<@Nullable Brought> tableProperty() {
    return table.getReadOnlyProperty();
  }

  /** {@return what is being brought in and looked at first, {@code null} when nothing is} */
  public ReadOnlyObjectProperty<@Nullable Bringing> bringingProperty() {
    return bringing.getReadOnlyProperty();
  }

  /** Begins to bring a table in: it is read and shown, and nothing is changed yet. */
  public Bringing bring(DataSource source) {
    Bringing begun = new Bringing(source, background);
    bringing.set(begun);
    return begun;
  }

  /** Brings nothing in after all. */
  public void bringNothing() {
    bringing.set(null);
  }

  /** Adds a table that was brought in, and chooses it. */
  public void addTable(Brought added) {
    bringing.set(null);
    edit("edit.bring-in", "", now -> now.with(added));
    chooseTable(added.id());
  }

  /** Chooses the table of the id. */
  public void chooseTable(int id) {
    onParts.set(false);
    pile.set(null);
    moved.set(Map.of());
    whatIf.set(null);
    bringing.set(null);
    table.set(assignment().table(id).orElse(null));
    show(Optional.empty());
  }

  /** Takes the chosen table away; samples that were made of it keep their values. */
  public void removeTable() {
    Brought old = table.get();
    if (old != null) {
      edit("edit.remove-table", "", now -> now.withoutTable(old.id()));
    }
  }

  /** Renames the chosen table. */
  public void renameTable(String name) {
    Brought old = table.get();
    if (old != null) {
      edit("edit.name", "table-name " + old.id(), now -> now.with(old.withName(name)));
    }
  }

  /** Tidies the chosen table by other steps; a long table apart from the window. */
  public void setSteps(String nameKey, List<Listed> steps) {
    Brought old = table.get();
    if (old == null) {
      return;
    }
    if (old.table().rows() <= LONG_TABLE) {
      edit(nameKey, "", now -> now.with(old.withSteps(steps)));
      return;
    }
    Assignment before = assignment();
    background.run(
        Texts.of("work.tidying", old.name()),
        () -> before.with(old.withSteps(steps)),
        done -> {
          // What was edited meanwhile must not be lost, nor must the step.
          if (before.equals(assignment())) {
            edit(nameKey, "", now -> done);
          } else if (assignment().table(old.id()).filter(old::equals).isPresent()) {
            edit(nameKey, "", now -> now.with(done.table(old.id()).orElseThrow()));
          }
        },
        failure -> {
          throw new IllegalStateException(failure);
        });
  }

  /** Adds a step at the end of those of the chosen table. */
  public void addStep(Step step) {
    Brought old = table.get();
    if (old != null) {
      List<Listed> steps = new ArrayList<>(old.replay().steps());
      steps.add(Listed.of(step));
      setSteps("edit.step", steps);
    }
  }

  /** Puts parts of the chosen table on the shelf as samples that follow it. */
  public void addLinked(Map<String, Link> links) {
    Brought from = table.get();
    if (from == null) {
      return;
    }
    edit(
        "edit.add",
        "",
        now -> {
          Assignment changed = now;
          for (Map.Entry<String, Link> named : links.entrySet()) {
            Source linked = Source.Linked.to(named.getValue(), from.table());
            Item item = Item.of(changed.freeId(), named.getKey(), "", linked);
            changed = changed.with(item);
          }
          return changed;
        });
  }

  /** Chooses the item of the id. */
  public void choose(int id) {
    onParts.set(false);
    pile.set(null);
    table.set(null);
    bringing.set(null);
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

  /** Chooses the first entry that is a value, if there is one. */
  public void chooseValue(Exact value) {
    Reckoning now = reckoning.get();
    List<Entry> entries = now == null ? List.of() : now.typed().entries();
    for (int i = 0; i < entries.size(); i++) {
      if (entries.get(i).content() instanceof Entry.Figure figure && figure.value().equals(value)) {
        entry.set(i);
        return;
      }
    }
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
    Source source = item.source().withText(text);
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

  /** Takes what is typed as the answer to a measure of any item. */
  public void answer(int itemId, Measure asked, String text) {
    assignment()
        .item(itemId)
        .filter(item -> !item.answer(asked).equals(text))
        .ifPresent(
            item ->
                edit(
                    "edit.answer",
                    "answer " + asked + " " + itemId,
                    now -> now.with(item.withAnswer(asked, text))));
  }

  /** Changes what the sheet of the assignment asks; edits of the same key are one. */
  public void editParts(String key, UnaryOperator<Assignment> change) {
    edit("edit.parts", key, change);
  }

  /** {@return whether the parts of the assignment are shown as one sheet} */
  public BooleanProperty onPartsProperty() {
    return onParts;
  }

  /** {@return the pile of answers that is shown, {@code null} for none} */
  public ObjectProperty<@Nullable Pile> pileProperty() {
    return pile;
  }

  /** Keeps the answer to a measure as a try, so that it stands beside the next one. */
  public void keepTry(Measure asked) {
    Item item = chosen.get();
    if (item != null && !item.answer(asked).isBlank()) {
      editChosen(
          "edit.answer",
          "answer " + asked,
          now -> now.withHandWork(now.handWork().withTry(asked, now.answer(asked).strip())));
    }
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

  /** Puts the values of the chosen item into other classes. */
  public void setClasses(ClassChoice classes) {
    editChosen("edit.classes", "", item -> item.withClasses(classes));
  }

  /** Takes what is typed as the numbers by which the values are put into classes. */
  public void typeClasses(String numbers) {
    editChosen(
        "edit.classes",
        "classes",
        item -> item.withClasses(new ClassChoice(item.classes().by(), numbers)));
  }

  /** Draws the chosen item otherwise. */
  public void setGraph(UnaryOperator<GraphChoice> change) {
    editChosen("edit.graph", "", item -> item.withGraph(change.apply(item.graph())));
  }

  /** Takes what is typed about the graph of the chosen item. */
  public void typeGraph(GraphText which, String text) {
    editChosen(
        "edit.graph",
        "graph " + which.code(),
        item -> item.withGraph(item.graph().with(which, text)));
  }

  /** {@return the class whose values stand out, {@code null} for none} */
  public ObjectProperty<ClassTable.@Nullable Interval> litProperty() {
    return lit;
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

  /** Changes the chosen item; edits of the same key that follow each other are one. */
  void editChosen(String nameKey, String key, UnaryOperator<Item> change) {
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

  /** Adds an empty class table, and chooses it. */
  public void addClasses() {
    addNamed(Texts.of("item.classes", assignment().freeId()), new Source.ClassesText(""));
  }

  /** Adds empty categories, and chooses them. */
  public void addCategories() {
    addNamed(Texts.of("item.categories", assignment().freeId()), new Source.CategoriesText(""));
  }

  /** Counts the words that were typed as the values of the chosen item. */
  public void countWords() {
    editChosen(
        "edit.count-words",
        "",
        item ->
            item.source() instanceof Source.ValuesText words
                ? item.withSource(new Source.CategoriesText(TypedCategories.ofWords(words.text())))
                : item);
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

  void edit(String nameKey, String key, UnaryOperator<Assignment> change) {
    Assignment changed = change.apply(history.present());
    if (changed.equals(history.present())) {
      // A field that is shown another item tells so as if it were typed in.
      return;
    }
    moved.set(Map.of());
    whatIf.set(null);
    history.edit(Texts.of(nameKey), key, changed);
    showPresent();
  }

  private void showPresent() {
    assignment.set(history.present());
    Brought oldTable = table.get();
    if (oldTable != null) {
      table.set(assignment().table(oldTable.id()).orElse(null));
      if (table.get() != null) {
        return;
      }
    }
    Item old = chosen.get();
    Optional<Item> same = old == null ? Optional.empty() : assignment().item(old.id());
    show(same.or(() -> assignment().items().stream().findFirst()));
  }

  private void show(Optional<Item> item) {
    if (item.filter(now -> now.source().shape() == Source.Shape.CATEGORIES).isPresent()) {
      // Names have no other measure.
      measure.set(Measure.MODES);
    }
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
    return source.typedText().filter(text -> text.length() > LONG_TEXT).isPresent();
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
