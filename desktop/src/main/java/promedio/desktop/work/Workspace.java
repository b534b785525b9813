package promedio.desktop.work;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.entry.Entry;
import promedio.core.measure.Task;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.desktop.Texts;
import promedio.files.pile.Pile;
import promedio.files.table.DataSource;

/**
 * The state of one window: the assignment with its history, which item and measure are chosen, and
 * what is computed of them. Every edit passes through {@link #edit}.
 */
public final class Workspace {

  /** Texts longer than this are read apart from the window: about 20,000 values. */
  private static final int LONG_TEXT = 120_000;

  /** So are short texts that say a thousand copies, or numbers of very many digits. */
  private static final Pattern HEAVY =
      Pattern.compile("[×xX]\\d{4}|\\d{40}|/\\s?\\d{12}|[eE][-+−]?\\d{3}");

  private final Background background;
  private final History<Document> history;
  private final ReadOnlyObjectWrapper<Assignment> assignment;
  private final ReadOnlyObjectWrapper<Document> document;
  private final ReadOnlyObjectWrapper<@Nullable Item> chosen =
      new ReadOnlyObjectWrapper<>(this, "chosen");
  private final ReadOnlyObjectWrapper<@Nullable Analysis> analysis =
      new ReadOnlyObjectWrapper<>(this, "reckoning");
  private final ReadOnlyObjectWrapper<Map<Task, String>> moved =
      new ReadOnlyObjectWrapper<>(this, "moved", Map.of());
  private final ReadOnlyObjectWrapper<@Nullable WhatIf> whatIf =
      new ReadOnlyObjectWrapper<>(this, "whatIf");
  private final ReadOnlyObjectWrapper<@Nullable ImportedTable> table =
      new ReadOnlyObjectWrapper<>(this, "table");
  private final ReadOnlyObjectWrapper<@Nullable ImportSession> importing =
      new ReadOnlyObjectWrapper<>(this, "bringing");
  private final ReadOnlyBooleanWrapper stopped = new ReadOnlyBooleanWrapper(this, "stopped", false);

  /** How often an item was shown, so that only the newest reading tells. */
  private int readings;

  private final BooleanProperty onParts = new SimpleBooleanProperty(this, "onParts");
  private final ObjectProperty<@Nullable Pile> pile = new SimpleObjectProperty<>(this, "pile");
  private final IntegerProperty entry = new SimpleIntegerProperty(this, "entry", -1);
  private final ObjectProperty<ClassTable.@Nullable Interval> lit =
      new SimpleObjectProperty<>(this, "lit");
  private final ItemEdits items = new ItemEdits(this);
  private final ShelfEdits shelf = new ShelfEdits(this);
  private final Explanations explanations;
  private final TableEdits tables = new TableEdits(this);
  private final ObjectProperty<Task> task =
      new SimpleObjectProperty<>(this, "measure", Task.of(Measures.MEAN));

  /** Makes the state of a window on an assignment. */
  public Workspace(Assignment first, Background background) {
    this.background = background;
    this.explanations = new Explanations(background);
    this.history = new History<>(new Document(new DocumentKey(), first));
    this.document = new ReadOnlyObjectWrapper<>(this, "document", history.present());
    this.assignment = new ReadOnlyObjectWrapper<>(this, "assignment", first);
    first.items().stream().findFirst().ifPresent(item -> choose(item.id()));
  }

  /** {@return what changes the chosen item} */
  public ItemEdits items() {
    return items;
  }

  /** {@return what finds why answers do not agree} */
  public Explanations explanations() {
    return explanations;
  }

  /** {@return what changes the shelf} */
  public ShelfEdits shelf() {
    return shelf;
  }

  /** {@return what changes the tables of several columns} */
  public TableEdits tables() {
    return tables;
  }

  /** {@return the assignment as it is now} */
  public ReadOnlyObjectProperty<Assignment> assignmentProperty() {
    return assignment.getReadOnlyProperty();
  }

  /** {@return the assignment as it is now} */
  public Assignment assignment() {
    return assignment.get();
  }

  /** {@return the assignment with the document that it is; it changes after the assignment does} */
  public ReadOnlyObjectProperty<Document> documentProperty() {
    return document.getReadOnlyProperty();
  }

  /** {@return the chosen sample or table, {@code null} when there is none} */
  public ReadOnlyObjectProperty<@Nullable Item> chosenProperty() {
    return chosen.getReadOnlyProperty();
  }

  /** {@return what is computed of the chosen item, {@code null} when there is none} */
  public ReadOnlyObjectProperty<@Nullable Analysis> analysisProperty() {
    return analysis.getReadOnlyProperty();
  }

  /** {@return the chosen measure} */
  public ObjectProperty<Task> taskProperty() {
    return task;
  }

  /** {@return where long work of this window runs} */
  public Background background() {
    return background;
  }

  /** {@return the chosen table of several columns, {@code null} when there is none} */
  public ReadOnlyObjectProperty<@Nullable ImportedTable> tableProperty() {
    return table.getReadOnlyProperty();
  }

  /** {@return what is being imported and looked at first, {@code null} when nothing is} */
  public ReadOnlyObjectProperty<@Nullable ImportSession> importProperty() {
    return importing.getReadOnlyProperty();
  }

  /** Begins to bring a table in: it is read and shown, and nothing is changed yet. */
  public ImportSession beginImport(DataSource source) {
    ImportSession begun = new ImportSession(source, background);
    importing.set(begun);
    return begun;
  }

  /** Brings nothing in after all. */
  public void endImport() {
    importing.set(null);
  }

  /** Chooses the table of the id. */
  public void chooseTable(int id) {
    onParts.set(false);
    pile.set(null);
    moved.set(Map.of());
    whatIf.set(null);
    importing.set(null);
    table.set(assignment().table(id).orElse(null));
    show(Optional.empty());
  }

  /** Chooses the item of the id. */
  public void choose(int id) {
    onParts.set(false);
    pile.set(null);
    table.set(null);
    importing.set(null);
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
    Analysis before = analysis.get();
    edit("edit.rule", "", change);
    Analysis after = analysis.get();
    moved.set(before == null || after == null ? Map.of() : Moved.between(before, after));
  }

  /** {@return what the results were before the rule that was just changed, where it moved them} */
  public ReadOnlyObjectProperty<Map<Task, String>> movedProperty() {
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

  /** {@return the entry that is chosen in the field and the line-up, −1 for none} */
  public IntegerProperty entryProperty() {
    return entry;
  }

  /** Chooses the first entry that is a value, if there is one. */
  public void chooseValue(Exact value) {
    Analysis now = analysis.get();
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

  /** {@return the class whose values stand out, {@code null} for none} */
  public ObjectProperty<ClassTable.@Nullable Interval> litProperty() {
    return lit;
  }

  /** Begins another document in the place of this one; that can be undone too. */
  public void replace(Assignment other) {
    replace(new DocumentKey(), other);
  }

  /** Begins another document of the key in the place of this one; that can be undone too. */
  public void replace(DocumentKey key, Assignment other) {
    moved.set(Map.of());
    whatIf.set(null);
    history.edit(Texts.of("edit.replace"), "", new Document(key, other));
    showPresent();
  }

  /** Shows the same document as it is with something that was read again; that is no edit. */
  void amend(Assignment read) {
    history.amend(new Document(document.get().key(), read));
    showPresent();
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
    Document now = history.present();
    Assignment changed = change.apply(now.assignment());
    if (changed.equals(now.assignment())) {
      // A field that is shown another item tells so as if it were typed in.
      return;
    }
    moved.set(Map.of());
    whatIf.set(null);
    history.edit(Texts.of(nameKey), key, new Document(now.key(), changed));
    showPresent();
  }

  /** Ids that were given stay given, also where the edit that gave them is undone. */
  private void showPresent() {
    Document now = history.present();
    if (now.key() == document.get().key()) {
      Assignment same = now.assignment().withIds(assignment().ids());
      history.amend(new Document(now.key(), same));
    }
    assignment.set(history.present().assignment());
    document.set(history.present());
    ImportedTable oldTable = table.get();
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

  void show(Optional<Item> item) {
    if (item.filter(now -> now.source().shape() == Source.Shape.CATEGORIES).isPresent()) {
      // Names have no other measure.
      task.set(Task.of(Measures.MODES));
    }
    Analysis old = analysis.get();
    readings++;
    stopped.set(false);
    chosen.set(item.orElse(null));
    if (item.isEmpty()) {
      analysis.set(null);
    } else if (old != null
        && old.item().id() == item.get().id()
        && old.item().source().equals(item.get().source())
        && (old.sign() == assignment().sign())) {
      analysis.set(old.inside(assignment(), item.get()));
    } else if (isLong(item.get().source())) {
      analyseApart(item.get());
    } else {
      analysis.set(Analysis.of(assignment(), item.get()));
    }
  }

  private static boolean isLong(Source source) {
    return source
        .typedText()
        .filter(text -> text.length() > LONG_TEXT || HEAVY.matcher(text).find())
        .isPresent();
  }

  private void analyseApart(Item item) {
    Assignment now = assignment();
    int reading = ++readings;
    analysis.set(null);
    background.watch(
        Background.Lane.READING,
        Texts.of("work.reading", item.name()),
        progress -> Analysis.of(now, item),
        done -> {
          // The student may have gone on meanwhile; what is on the screen then is newer.
          if (item.equals(chosen.get()) && now.equals(assignment())) {
            analysis.set(done);
          }
        },
        failure -> {
          if (!(failure instanceof CancellationException)) {
            throw new IllegalStateException(failure);
          }
          stopped.set(reading == readings && analysis.get() == null);
        });
  }

  /**
   * {@return whether the reading of the chosen item was stopped, so that nothing is known of it}
   */
  public ReadOnlyBooleanProperty stoppedProperty() {
    return stopped.getReadOnlyProperty();
  }

  /** Reads the chosen item once more. */
  public void readAgain() {
    show(Optional.ofNullable(chosen.get()));
  }
}
