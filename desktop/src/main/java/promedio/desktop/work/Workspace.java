package promedio.desktop.work;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.util.Subscription;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.entry.Entry;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.ClassTable;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Computations;
import promedio.desktop.projection.Moved;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.ViewState;
import promedio.desktop.projection.ViewState.Page;
import promedio.desktop.projection.WhatIf;
import promedio.desktop.session.Background;
import promedio.desktop.session.Document;
import promedio.desktop.session.DocumentKey;
import promedio.desktop.session.Session;
import promedio.files.answers.ClassAnswers;

/**
 * What one window shows of the document of its session. Every edit passes through {@link #edit};
 * after every edit and every choice the views are shown one new {@link Projection}.
 */
public final class Workspace {

  private final Session session;
  private final Computations computations = new Computations();
  private final Imports imports;
  private final ItemEdits items = new ItemEdits(this);
  private final ShelfEdits shelf = new ShelfEdits(this);
  private final TableEdits tables;
  private final Explanations explanations;
  private final LongReading reading;
  private final Views views;
  private final Map<String, Memory<?>> memories = new HashMap<>();
  private Projection projection;

  /** What else an edit does to what is shown, so that it is shown once. */
  private UnaryOperator<Projection> withEdit = UnaryOperator.identity();

  /** Makes the state of a window on an assignment, with a session of its own. */
  public Workspace(Assignment first, Background background) {
    this(new Session(first, background));
  }

  /** Makes the state of a window on a session. */
  public Workspace(Session session) {
    this(session, TableEdits.LONG_TABLE);
  }

  /**
   * Makes the state of a window on a session.
   *
   * @param longTable tables of more rows are tidied apart from the window
   */
  public Workspace(Session session, int longTable) {
    this.session = session;
    this.imports = new Imports(session.background());
    this.tables = new TableEdits(this, longTable);
    this.explanations = new Explanations(session.background());
    this.projection = Projection.of(session.document(), ViewState.NOTHING, computations);
    this.reading = new LongReading(session.background(), computations);
    this.views = new Views(projection);
    session.subscribe((before, now) -> show(now));
    readWhatTakesLong();
  }

  /** {@return the owner of the document} */
  public Session session() {
    return session;
  }

  /** {@return what the window shows now} */
  public Projection projection() {
    return projection;
  }

  /**
   * Shows what the window shows, now and after every edit and choice, until the subscription ends.
   *
   * @param view takes what it was shown before, {@code null} the first time, and what to show
   */
  public Subscription show(BiConsumer<@Nullable Projection, Projection> view) {
    return views.add(view, projection);
  }

  /** Keeps what else a view follows, as long as the views live. */
  public void whileViewed(Subscription subscription) {
    views.keep(subscription);
  }

  /** Ends all views, so that others can be made that say the same in another language. */
  public void endViews() {
    views.end();
    computations.forget();
    look(projection.choice());
  }

  /** Tells the person something, wherever the window tells such things. */
  public void tell(String text) {
    views.tell(text);
  }

  /** Has the person told what is said, as long as the views live. */
  public void whenTold(Consumer<String> telling) {
    views.whenTold(telling);
  }

  /**
   * {@return what is remembered of views under a name, for each item}; the same whenever it is
   * asked
   *
   * @param initial how it is as long as nobody changed it; always of the same type for the name
   */
  @SuppressWarnings("unchecked") // one name is used by one kind of view alone
  public <T> Memory<T> memory(String name, T initial) {
    return (Memory<T>)
        memories.computeIfAbsent(
            name, made -> new Memory<>(() -> session.document().key(), initial));
  }

  /** {@return what changes the chosen item} */
  public ItemEdits items() {
    return items;
  }

  /** {@return what changes the shelf} */
  public ShelfEdits shelf() {
    return shelf;
  }

  /** {@return what changes the tables of several columns} */
  public TableEdits tables() {
    return tables;
  }

  /** {@return what finds why answers do not agree} */
  public Explanations explanations() {
    return explanations;
  }

  /** {@return where long work of this window runs} */
  public Background background() {
    return session.background();
  }

  /** {@return the assignment as it is now} */
  public Assignment assignment() {
    return session.assignment();
  }

  /** {@return the chosen sample or table, {@code null} when there is none} */
  public @Nullable Item item() {
    return projection.item();
  }

  /** {@return what is computed of the chosen item, {@code null} when nothing is known} */
  public @Nullable Analysis analysis() {
    return projection.analysis();
  }

  /** {@return the chosen table of several columns, {@code null} when there is none} */
  public @Nullable ImportedTable table() {
    return projection.table();
  }

  /** {@return the chosen measure} */
  public Request request() {
    return projection.choice().request();
  }

  /** {@return what is imported, and looked at before that} */
  public Imports imports() {
    return imports;
  }

  /** {@return tells later on whether the same is still looked at as is now} */
  BooleanSupplier stillLookedAt() {
    ViewState asked = projection.choice();
    ImportSession imported = imports.property().get();
    return () ->
        projection.choice().hasSameSubject(asked)
            && Objects.equals(imports.property().get(), imported);
  }

  /** Chooses the table of the id. */
  public void chooseTable(int id) {
    imports.end();
    session.endAct();
    look(projection.choice().ofTable(id));
  }

  /** Chooses the item of the id. */
  public void choose(int id) {
    imports.end();
    session.endAct();
    look(projection.choice().ofItem(id));
  }

  /** Looks at other parts of the document; what was tried out or told of them is gone. */
  private void look(ViewState choice) {
    publish(Projection.of(session.document(), choice, computations));
    readWhatTakesLong();
  }

  /** Chooses something else of what is looked at; what is tried out stays. */
  void look(UnaryOperator<ViewState> change) {
    ViewState now = projection.choice();
    ViewState next = change.apply(now).within(assignment());
    if (!next.equals(now)) {
      if (!next.hasSameSubject(now)) {
        session.endAct();
      }
      publish(projection.with(next));
      readWhatTakesLong();
    }
  }

  /** Chooses a measure of all data of the item. */
  public void chooseTask(Request request) {
    chooseTask(DataSubset.WHOLE, request);
  }

  /** Chooses a measure of a portion of the data of the item. */
  public void chooseTask(DataSubset subset, Request request) {
    look(choice -> choice.with(subset, request));
  }

  /** {@return what is computed of what the chosen measure is asked of, if anything is} */
  public Optional<Analysis> focus() {
    return projection.focus();
  }

  /** Works something on the sheet; {@code null} goes back to the measures. */
  public void workOnSheet(@Nullable Request request) {
    look(choice -> choice.working(request));
  }

  /** Chooses an entry of the sample by its index; −1 for none. */
  public void chooseEntry(int entry) {
    look(choice -> choice.withEntry(entry));
  }

  /** Has the values of a class stand out; of none where it is {@code null}. */
  public void light(ClassTable.@Nullable Interval interval) {
    look(choice -> choice.withLit(interval));
  }

  /** Chooses the first entry that is a value, if there is one. */
  public void chooseValue(Exact value) {
    Analysis now = analysis();
    List<Entry> entries = now == null ? List.of() : now.typed().entries();
    for (int i = 0; i < entries.size(); i++) {
      if (entries.get(i).content() instanceof Entry.Figure figure && figure.value().equals(value)) {
        chooseEntry(i);
        return;
      }
    }
  }

  /** Shows the parts of the assignment as one sheet, or no longer. */
  public void showParts(boolean wanted) {
    look(choice -> choice.with(wanted ? Page.PARTS : Page.NOTHING));
  }

  /** Shows the tables of distributions. */
  public void showDistributions() {
    look(choice -> choice.with(Page.DISTRIBUTIONS));
  }

  /** Shows where a printed question is pasted. */
  public void showQuestion() {
    look(choice -> choice.with(Page.QUESTION));
  }

  /** Shows the document to hand in, or no longer. */
  public void showHandIn(boolean wanted) {
    look(choice -> choice.with(wanted ? Page.HAND_IN : Page.NOTHING));
  }

  /** Shows the answers of a class; no longer where it is {@code null}. */
  public void showClassAnswers(@Nullable ClassAnswers answers) {
    look(choice -> answers == null ? choice.with(Page.NOTHING) : choice.of(answers));
  }

  /** Tries out a change of the chosen sample without making it; {@code null} ends the trial. */
  public void tryOut(@Nullable WhatIf trial) {
    if (!Objects.equals(trial, projection.trial())) {
      publish(projection.trying(trial));
    }
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
    Analysis before = analysis();
    edit(
        "edit.rule",
        "",
        change,
        next -> {
          Analysis after = next.analysis();
          return before == null || after == null ? next : next.moving(Moved.between(before, after));
        });
  }

  /** Changes the decimal sign of the student. */
  public void setSign(DecimalSign sign) {
    edit("edit.sign", "", now -> now.withSign(sign));
  }

  /** Changes the title of the assignment. */
  public void setTitle(String title) {
    edit("edit.title", "title", now -> now.withTitle(title));
  }

  /** Hands in something else of the assignment. */
  public void setHandIn(HandInChoice choice) {
    edit("edit.hand-in", "", now -> now.with(choice));
  }

  /** Changes what the sheet of the assignment asks; edits of the same key are one. */
  public void editParts(String key, UnaryOperator<Assignment> change) {
    edit("edit.parts", key, change);
  }

  /** Begins another document in the place of this one; that can be undone too. */
  public void replace(Assignment other) {
    session.replace(new DocumentKey(), other);
  }

  void edit(String nameKey, String key, UnaryOperator<Assignment> change) {
    edit(nameKey, key, change, UnaryOperator.identity());
  }

  /** Makes an edit that ends the act of the key, if that was the last one. */
  void completeAct(String nameKey, String key, UnaryOperator<Assignment> change) {
    session.completeAct(nameKey, key, change);
  }

  /** Edits, and looks at what came of it. */
  void editAndLook(
      String nameKey, UnaryOperator<Assignment> change, UnaryOperator<ViewState> look) {
    imports.end();
    edit(
        nameKey,
        "",
        change,
        next -> Projection.of(next.document(), look.apply(next.choice()), computations));
  }

  private void edit(
      String nameKey,
      String key,
      UnaryOperator<Assignment> change,
      UnaryOperator<Projection> more) {
    withEdit = more;
    try {
      session.edit(nameKey, key, change);
    } finally {
      withEdit = UnaryOperator.identity();
    }
  }

  private void show(Document now) {
    publish(withEdit.apply(Projection.of(now, projection.choice(), computations)));
    readWhatTakesLong();
  }

  private void publish(Projection next) {
    projection = next;
    computations.keepOnly(next.assignment(), next.computed());
    views.show(() -> projection);
  }

  private void readWhatTakesLong() {
    reading.begin(() -> projection, this::publish);
  }

  /** Reads the chosen item once more. */
  public void readAgain() {
    look(projection.choice());
  }
}
