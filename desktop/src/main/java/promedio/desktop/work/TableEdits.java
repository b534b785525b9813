package promedio.desktop.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.message.Texts;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.tidy.Listed;
import promedio.core.tidy.Step;

/** What is changed about the tables of several columns; each change can be undone. */
public final class TableEdits {

  /** Tables longer than this are tidied apart from the window. */
  private static final int LONG_TABLE = 20_000;

  private final Workspace workspace;

  TableEdits(Workspace workspace) {
    this.workspace = workspace;
  }

  /** Adds a table that was imported, and chooses it. */
  public void addTable(ImportedTable added) {
    workspace.editAndLook(
        "edit.import", now -> now.with(added), choice -> choice.ofTable(added.id()));
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

  /** Tidies the chosen table by other steps; a long table apart from the window. */
  public void setSteps(String nameKey, List<Listed> steps) {
    ImportedTable old = workspace.table();
    if (old == null) {
      return;
    }
    if (old.table().rows() <= LONG_TABLE) {
      workspace.edit(nameKey, "", now -> now.with(old.withSteps(steps)));
      return;
    }
    Assignment before = workspace.assignment();
    workspace
        .background()
        .run(
            Background.Lane.TIDYING,
            Texts.of("work.tidying", old.name()),
            () -> before.with(old.withSteps(steps)),
            done -> {
              // What was edited meanwhile must not be lost, nor must the step.
              if (before.equals(workspace.assignment())) {
                workspace.edit(nameKey, "", now -> done);
              } else if (workspace.assignment().table(old.id()).filter(old::equals).isPresent()) {
                workspace.edit(nameKey, "", now -> now.with(done.table(old.id()).orElseThrow()));
              }
            },
            failure -> {
              throw new IllegalStateException(failure);
            });
  }

  /** Adds a step at the end of those of the chosen table. */
  public void addStep(Step step) {
    ImportedTable old = workspace.table();
    if (old != null) {
      List<Listed> steps = new ArrayList<>(old.replay().steps());
      steps.add(Listed.of(step));
      setSteps("edit.step", steps);
    }
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

  /** Puts what columns of the chosen table make together on the shelf, and chooses it. */
  public void addTogether(String name, Source.Linked made) {
    ImportedTable from = workspace.table();
    if (from != null) {
      String unit = made.link() instanceof Link.OfGroups ? unit(made.link(), from.table()) : "";
      workspace.shelf().addNamed(name, unit, made);
    }
  }
}
