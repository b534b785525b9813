package promedio.desktop.work;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.LinkedValues;
import promedio.core.assignment.Source;
import promedio.core.message.Texts;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.tidy.Step;
import promedio.core.tidy.StepEntry;
import promedio.core.tidy.StepPipeline;
import promedio.desktop.session.Background;
import promedio.desktop.session.DocumentJob;
import promedio.desktop.session.DocumentKey;

/** What is changed about the tables of several columns; each change can be undone. */
public final class TableEdits {

  /** Tables longer than this are tidied apart from the window. */
  static final int LONG_TABLE = 20_000;

  private final Workspace workspace;
  private final int longTable;

  TableEdits(Workspace workspace, int longTable) {
    this.workspace = workspace;
    this.longTable = longTable;
  }

  /**
   * Imports a table: its original is kept apart from the window, then it is put on the shelf, and
   * chosen unless the person has gone on to something else.
   *
   * @param kept whether the original is kept within the assignment, or referred to where it is
   */
  public void importTable(ImportSession importing, boolean kept) {
    if (workspace.session().isBusy(importing)) {
      // Who presses twice means one table.
      return;
    }
    ChosenImport chosen = importing.chosen(kept);
    BooleanSupplier still = workspace.stillLookedAt();
    workspace
        .session()
        .submit(
            new DocumentJob<>(
                Background.Lane.IMPORT,
                Texts.of("work.importing", chosen.name()),
                importing,
                now -> Optional.of(chosen),
                (what, progress) -> what.table(),
                table -> add(table, still.getAsBoolean()),
                workspace::tell,
                failure ->
                    workspace.tell(
                        Texts.of("open.refused", String.valueOf(failure.getMessage())))));
  }

  /** Adds a table that was imported under an id of its own, and chooses it. */
  public void addTable(ImportedTable table) {
    add(table, true);
  }

  private void add(ImportedTable table, boolean look) {
    ImportedTable added = table.withId(workspace.assignment().ids().table());
    if (look) {
      workspace.editAndLook(
          "edit.import", now -> now.with(added), choice -> choice.ofTable(added.id()));
    } else {
      workspace.edit("edit.import", "", now -> now.with(added));
    }
  }

  /** Takes the chosen table away; samples that were made of it keep their values. */
  public void removeTable() {
    ImportedTable old = workspace.table();
    if (old != null) {
      workspace.edit("edit.remove-table", "", now -> now.withoutTable(old.id()));
    }
  }

  /** Renames the chosen table. */
  public void renameTable(String name) {
    ImportedTable old = workspace.table();
    if (old != null) {
      workspace.edit("edit.name", "table-name " + old.id(), now -> now.with(old.withName(name)));
    }
  }

  /**
   * Changes the steps of the chosen table; a long table is tidied apart from the window, one change
   * after the other.
   *
   * @param nameKey the key of what the change does, for the one who undoes it
   */
  public void changeSteps(String nameKey, StepChange change) {
    changeSteps(nameKey, change, table -> {});
  }

  /** Tidies the chosen table by these steps, and tells where one of them does not fit. */
  public void loadSteps(List<StepEntry> steps) {
    changeSteps(
        "edit.steps-load",
        StepChange.to(steps),
        table ->
            table.pipeline().problems().stream()
                .findFirst()
                .ifPresent(why -> workspace.tell(Texts.of("steps.loaded-misfits", why.text()))));
  }

  private void changeSteps(String nameKey, StepChange change, Consumer<ImportedTable> done) {
    ImportedTable seen = workspace.table();
    if (seen == null) {
      return;
    }
    int id = seen.id();
    Object queue = new TableQueue(workspace.session().document().key(), id);
    if (seen.table().rows() <= longTable && !workspace.session().isBusy(queue)) {
      change
          .of(seen.pipeline().steps())
          .ifPresentOrElse(steps -> land(nameKey, Tidied.of(seen, steps), done), this::tellGone);
      return;
    }
    workspace
        .session()
        .submit(
            new DocumentJob<>(
                Background.Lane.TIDYING,
                Texts.of("work.tidying", seen.name()),
                queue,
                now -> Basis.of(now, id),
                (basis, progress) ->
                    change.of(basis.pipeline().steps()).map(steps -> basis.tidied(seen, steps)),
                tidied -> tidied.ifPresentOrElse(made -> land(nameKey, made, done), this::tellGone),
                workspace::tell,
                failure -> {
                  throw new IllegalStateException(failure);
                }));
  }

  private void land(String nameKey, Tidied tidied, Consumer<ImportedTable> done) {
    workspace.edit(nameKey, "", tidied::into);
    workspace.assignment().table(tidied.id()).ifPresent(done);
  }

  private void tellGone() {
    workspace.tell(Texts.of("steps.gone"));
  }

  /** The steps of one table are changed one after the other. */
  private record TableQueue(DocumentKey document, int table) {}

  /**
   * What tidying a table starts from; its name may change meanwhile.
   *
   * @param pipeline the table with its steps
   * @param linked what follows it
   */
  private record Basis(StepPipeline pipeline, List<Source> linked) {

    static Optional<Basis> of(Assignment now, int table) {
      List<Source> linked =
          now.items().stream()
              .map(Item::source)
              .filter(source -> source instanceof Source.Linked to && to.link().table() == table)
              .toList();
      return now.table(table)
          .filter(ImportedTable::isRead)
          .map(found -> new Basis(found.pipeline(), linked));
    }

    Tidied tidied(ImportedTable table, List<StepEntry> steps) {
      Tidied tidied = Tidied.of(table.with(pipeline), steps);
      linked.forEach(source -> tidied.values().follow((Source.Linked) source));
      return tidied;
    }
  }

  /** What comes of tidying a table, for it and for what follows it. */
  private record Tidied(int id, StepPipeline pipeline, LinkedValues values) {

    static Tidied of(ImportedTable table, List<StepEntry> steps) {
      StepPipeline pipeline = table.pipeline().with(steps);
      return new Tidied(table.id(), pipeline, new LinkedValues(pipeline.result()));
    }

    Assignment into(Assignment now) {
      return now.table(id).map(table -> now.with(table.with(pipeline), values)).orElse(now);
    }
  }

  /** Adds a step at the end of those of the chosen table. */
  public void addStep(Step step) {
    changeSteps("edit.step", StepChange.adding(step));
  }

  /** Puts parts of the chosen table on the shelf as samples that follow it. */
  public void addLinked(Map<String, Link> links) {
    ImportedTable from = workspace.table();
    if (from == null) {
      return;
    }
    workspace.edit(
        "edit.add",
        "",
        now -> {
          Assignment changed = now;
          for (Map.Entry<String, Link> named : links.entrySet()) {
            Source linked = Source.Linked.to(named.getValue(), from.table());
            String unit = unit(named.getValue(), from.table());
            Item item = Item.of(changed.ids().item(), named.getKey(), unit, linked);
            changed = changed.with(item);
          }
          return changed;
        });
  }

  /** The unit of the first of its columns that has one. */
  private static String unit(Link link, Table table) {
    return link.columns().stream()
        .flatMap(name -> table.column(name).stream())
        .filter(NumberColumn.class::isInstance)
        .map(column -> ((NumberColumn) column).unit())
        .findFirst()
        .orElse("");
  }

  /**
   * Puts what columns of the chosen table make together on the shelf, and chooses it.
   *
   * @param link which columns, and what they make
   * @param check says why what they make is not wanted, if it is not
   */
  public void addTogether(String name, Link link, Function<Source.Linked, Optional<String>> check) {
    BooleanSupplier still = workspace.stillLookedAt();
    workspace
        .session()
        .submit(
            new DocumentJob<>(
                Background.Lane.TOGETHER,
                Texts.of("work.together", name),
                new Object(),
                now ->
                    now.table(link.table())
                        .filter(ImportedTable::isRead)
                        .map(ImportedTable::pipeline),
                (pipeline, progress) -> Source.Linked.read(link, pipeline.result()),
                made ->
                    check
                        .apply(made)
                        .ifPresentOrElse(
                            workspace::tell, () -> addMade(name, made, still.getAsBoolean())),
                workspace::tell,
                failure -> workspace.tell(Texts.of("together.refused", failure.getMessage()))));
  }

  private void addMade(String name, Source.Linked made, boolean look) {
    Link link = made.link();
    Optional<ImportedTable> from = workspace.assignment().table(link.table());
    String unit =
        link instanceof Link.OfGroups ? from.map(now -> unit(link, now.table())).orElse("") : "";
    Item item = Item.of(workspace.assignment().ids().item(), name, unit, made);
    if (look) {
      workspace.editAndLook("edit.add", now -> now.with(item), choice -> choice.ofItem(item.id()));
    } else {
      workspace.edit("edit.add", "", now -> now.with(item));
    }
  }
}
