package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphKind;
import promedio.core.grouping.ClassChoice;

/**
 * A sample or table on the shelf.
 *
 * @param id tells it from the others of its assignment
 * @param name what it is called
 * @param unit the unit of its values, empty for none
 * @param note anything worth remembering of it
 * @param source where its values come from
 * @param scratch the calculations on its scratch paper, the last one last
 * @param classes how its values are put into classes
 * @param graph how it is drawn
 * @param test the test of significance that is worked through for it
 */
public record Item(
    int id,
    String name,
    String unit,
    String note,
    Source source,
    List<String> scratch,
    ClassChoice classes,
    GraphChoice graph,
    TestChoice test) {

  public Item {
    scratch = List.copyOf(scratch);
  }

  /** {@return a new item} */
  public static Item of(int id, String name, String unit, Source source) {
    GraphChoice graph =
        source.shape() == Source.Shape.GROUPS
            ? GraphChoice.USUAL.with(GraphKind.BOX)
            : GraphChoice.USUAL;
    return new Item(
        id, name, unit, "", source, List.of(), ClassChoice.USUAL, graph, TestChoice.NONE);
  }

  /** {@return this item with other values} */
  public Item withSource(Source changed) {
    return new Item(id, name, unit, note, changed, scratch, classes, graph, test);
  }

  /** {@return this item under another name} */
  public Item withName(String changed) {
    return new Item(id, changed, unit, note, source, scratch, classes, graph, test);
  }

  /** {@return this item with another unit} */
  public Item withUnit(String changed) {
    return new Item(id, name, changed, note, source, scratch, classes, graph, test);
  }

  /** {@return this item with another note} */
  public Item withNote(String changed) {
    return new Item(id, name, unit, changed, source, scratch, classes, graph, test);
  }

  /** {@return this item with one more calculation on its scratch paper} */
  public Item withScratch(String line) {
    List<String> changed = new ArrayList<>(scratch);
    changed.add(line);
    return new Item(id, name, unit, note, source, changed, classes, graph, test);
  }

  /** {@return this item with a clean sheet of scratch paper} */
  public Item withoutScratch() {
    return new Item(id, name, unit, note, source, List.of(), classes, graph, test);
  }

  /** {@return this item in other classes} */
  public Item withClasses(ClassChoice changed) {
    return new Item(id, name, unit, note, source, scratch, changed, graph, test);
  }

  /** {@return this item drawn otherwise} */
  public Item withGraph(GraphChoice changed) {
    return new Item(id, name, unit, note, source, scratch, classes, changed, test);
  }

  /** {@return a copy under another id and name, with clean scratch paper} */
  public Item copy(int otherId, String otherName) {
    return new Item(otherId, otherName, unit, note, source, List.of(), classes, graph, test);
  }

  /** {@return this item with another test worked through} */
  public Item withTest(TestChoice changed) {
    return new Item(id, name, unit, note, source, scratch, classes, graph, changed);
  }
}
