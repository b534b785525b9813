package promedio.desktop.work;

import java.util.List;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.measure.Request;
import promedio.core.message.Texts;

/** What is put on the shelf, taken off it and moved; each change can be undone. */
public final class ShelfEdits {

  private final Workspace workspace;

  ShelfEdits(Workspace workspace) {
    this.workspace = workspace;
  }

  /** Adds a copy of the chosen item to the shelf, and chooses it. */
  public void duplicateChosen() {
    Item item = workspace.item();
    if (item != null) {
      int id = workspace.assignment().ids().item();
      Item copy = item.copy(id, Texts.of("item.copy", item.name()));
      workspace.editAndLook(
          "edit.duplicate", now -> asking(now.with(copy), item, copy), choice -> choice.ofItem(id));
    }
  }

  /** A copy is asked the same as the item. */
  private static Assignment asking(Assignment now, Item item, Item copy) {
    Assignment asked = now;
    for (Request request : now.askedBesides(Selection.of(item))) {
      asked = asked.with(asked.question(request, Selection.of(copy)));
    }
    return asked;
  }

  /** Moves the chosen item on the shelf, up where negative. */
  public void moveChosen(int by) {
    Item item = workspace.item();
    if (item != null) {
      workspace.edit("edit.move", "", now -> now.moved(item.id(), by));
    }
  }

  /** Adds a sample of these values at the end of the shelf, and chooses it. */
  public void addSample(Source.ValuesText values) {
    addNamed(Texts.of("item.sample", workspace.assignment().ids().item()), values);
  }

  /** Adds an empty table of values and frequencies, and chooses it. */
  public void addFrequencies() {
    addNamed(Texts.of("item.table", workspace.assignment().ids().item()), new Source.TableText(""));
  }

  /** Adds an empty class table, and chooses it. */
  public void addClasses() {
    addNamed(
        Texts.of("item.classes", workspace.assignment().ids().item()), new Source.ClassesText(""));
  }

  /** Adds empty categories, and chooses them. */
  public void addCategories() {
    addNamed(
        Texts.of("item.categories", workspace.assignment().ids().item()),
        new Source.CategoriesText(""));
  }

  /** Adds empty pairs, and chooses them. */
  public void addPairs() {
    addNamed(Texts.of("item.pairs", workspace.assignment().ids().item()), new Source.PairsText(""));
  }

  /** Adds an empty two-way table, and chooses it. */
  public void addCounts() {
    addNamed(
        Texts.of("item.counts", workspace.assignment().ids().item()), new Source.CountsText(""));
  }

  /** Adds a comparison of all samples of single values on the shelf, and chooses it. */
  public void addComparison() {
    List<Integer> samples =
        workspace.assignment().items().stream()
            .filter(item -> item.source().shape() == Source.Shape.VALUES)
            .map(Item::id)
            .toList();
    addNamed(
        Texts.of("item.comparison", workspace.assignment().ids().item()),
        Source.Picked.of(samples));
  }

  /** Adds an item under a name, and chooses it. */
  public void addNamed(String name, Source source) {
    addNamed(name, "", source);
  }

  /** Adds an item under a name and with a unit, and chooses it. */
  public void addNamed(String name, String unit, Source source) {
    int id = workspace.assignment().ids().item();
    workspace.editAndLook(
        "edit.add", now -> now.with(Item.of(id, name, unit, source)), choice -> choice.ofItem(id));
  }

  /** Takes the chosen item off the shelf and chooses its neighbour. */
  public void removeChosen() {
    Item item = workspace.item();
    if (item == null) {
      return;
    }
    List<Item> items = workspace.assignment().items();
    int place = items.indexOf(item);
    int neighbour = place + 1 < items.size() ? place + 1 : place - 1;
    workspace.editAndLook(
        "edit.remove",
        now -> now.without(item.id()),
        choice -> neighbour < 0 ? choice : choice.ofItem(items.get(neighbour).id()));
  }
}
