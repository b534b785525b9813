package promedio.core.assignment;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphChoice;
import promedio.core.grouping.ClassChoice;
import promedio.core.measure.Task;

/**
 * A sample or table on the shelf.
 *
 * @param id tells it from the others of its assignment
 * @param name what it is called
 * @param unit the unit of its values, empty for none
 * @param note anything worth remembering of it
 * @param source where its values come from
 * @param asked what is asked besides the measures that all have: those with arguments
 * @param answers what the student found, as typed, by what was asked
 * @param handWork what the student worked by hand
 * @param classes how its values are put into classes
 * @param graph how it is drawn
 */
public record Item(
    int id,
    String name,
    String unit,
    String note,
    Source source,
    List<Task> asked,
    Map<Task, String> answers,
    HandWork handWork,
    ClassChoice classes,
    GraphChoice graph) {

  public Item {
    asked = List.copyOf(asked);
    Map<Task, String> copy = new TreeMap<>(Measures.IN_ORDER);
    copy.putAll(answers);
    answers = Collections.unmodifiableMap(copy);
  }

  /** {@return a new item without answers} */
  public static Item of(int id, String name, String unit, Source source) {
    return new Item(
        id,
        name,
        unit,
        "",
        source,
        List.of(),
        Map.of(),
        HandWork.NONE,
        ClassChoice.USUAL,
        GraphChoice.USUAL);
  }

  /** {@return this item with other values} */
  public Item withSource(Source changed) {
    return new Item(id, name, unit, note, changed, asked, answers, handWork, classes, graph);
  }

  /** {@return this item under another name} */
  public Item withName(String changed) {
    return new Item(id, changed, unit, note, source, asked, answers, handWork, classes, graph);
  }

  /** {@return this item with another unit} */
  public Item withUnit(String changed) {
    return new Item(id, name, changed, note, source, asked, answers, handWork, classes, graph);
  }

  /** {@return this item with another note} */
  public Item withNote(String changed) {
    return new Item(id, name, unit, changed, source, asked, answers, handWork, classes, graph);
  }

  /** {@return this item with other hand work} */
  public Item withHandWork(HandWork changed) {
    return new Item(id, name, unit, note, source, asked, answers, changed, classes, graph);
  }

  /** {@return this item in other classes} */
  public Item withClasses(ClassChoice changed) {
    return new Item(id, name, unit, note, source, asked, answers, handWork, changed, graph);
  }

  /** {@return this item drawn otherwise} */
  public Item withGraph(GraphChoice changed) {
    return new Item(id, name, unit, note, source, asked, answers, handWork, classes, changed);
  }

  /** {@return a copy under another id and name, without the answers} */
  public Item copy(int otherId, String otherName) {
    return new Item(
        otherId, otherName, unit, note, source, asked, Map.of(), HandWork.NONE, classes, graph);
  }

  /** {@return this item with more or less asked of it} */
  public Item asking(List<Task> changed) {
    return new Item(id, name, unit, note, source, changed, answers, handWork, classes, graph);
  }

  /** {@return this item with the answer to what was asked; a blank one takes it away} */
  public Item withAnswer(Task task, String answer) {
    Map<Task, String> changed = new TreeMap<>(Measures.IN_ORDER);
    changed.putAll(answers);
    if (answer.isBlank()) {
      changed.remove(task);
    } else {
      changed.put(task, answer);
    }
    return new Item(id, name, unit, note, source, asked, changed, handWork, classes, graph);
  }

  /** {@return what was answered, empty where nothing was} */
  public String answer(Task task) {
    return answers.getOrDefault(task, "");
  }
}
