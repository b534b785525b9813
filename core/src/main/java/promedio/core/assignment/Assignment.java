package promedio.core.assignment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import promedio.core.measure.Measure;
import promedio.core.measure.Task;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.working.Method;

/**
 * All that a student works on: samples and tables with the answers found, and the conventions they
 * are judged by. Immutable; every edit makes the next one.
 *
 * @param title what it is called
 * @param rules the course rules in force
 * @param course the name of this set of rules, empty for none
 * @param methods the methods that the course works measures by, where they are not the usual ones
 * @param sign the decimal sign numbers are typed and shown with
 * @param items the samples and tables of values, in the order of the shelf
 * @param tables the tables of several columns that were brought in
 * @param parts what the sheet of the assignment asks, in its order
 * @param ids the ids that come next; beyond all that stand in the assignment or are spoken of
 */
public record Assignment(
    String title,
    CourseRules rules,
    String course,
    Map<Measure, Method> methods,
    DecimalSign sign,
    List<Item> items,
    List<Brought> tables,
    List<Part> parts,
    Ids ids) {

  public Assignment {
    methods = Map.copyOf(methods);
    items = List.copyOf(items);
    tables = List.copyOf(tables);
    parts = List.copyOf(parts);
    ids = ids.beyond(items, tables, parts);
  }

  /** {@return whether both hold the same}; which ids come next is no part of what they hold */
  @Override
  public boolean equals(Object other) {
    return other instanceof Assignment that
        && title.equals(that.title)
        && rules.equals(that.rules)
        && course.equals(that.course)
        && methods.equals(that.methods)
        && sign == that.sign
        && items.equals(that.items)
        && tables.equals(that.tables)
        && parts.equals(that.parts);
  }

  @Override
  public int hashCode() {
    return Objects.hash(title, rules, course, methods, sign, items, tables, parts);
  }

  /** {@return an assignment without any sample} */
  public static Assignment empty(String title) {
    return new Assignment(
        title,
        CourseRules.DEFAULTS,
        "",
        Map.of(),
        DecimalSign.POINT,
        List.of(),
        List.of(),
        List.of(),
        Ids.FIRST);
  }

  /** {@return this assignment under other rules, which are no named set} */
  public Assignment withRules(CourseRules changed) {
    return changed.equals(rules) ? this : withRules(changed, "");
  }

  /** {@return this assignment under the named set of rules} */
  public Assignment withRules(CourseRules changed, String name) {
    return new Assignment(title, changed, name, methods, sign, items, tables, parts, ids);
  }

  /** {@return this assignment with another method for the measure} */
  public Assignment withMethod(Measure measure, Method method) {
    Map<Measure, Method> changed = new HashMap<>();
    changed.putAll(methods);
    changed.put(measure, method);
    return new Assignment(title, rules, course, changed, sign, items, tables, parts, ids);
  }

  /** {@return the method that the measure is worked by, if the rules allow for it} */
  public Method method(Measure measure) {
    Method chosen = methods.getOrDefault(measure, Method.DEFINITION);
    return Method.of(Task.of(measure), rules).contains(chosen) ? chosen : Method.DEFINITION;
  }

  /** {@return this assignment with another decimal sign} */
  public Assignment withSign(DecimalSign changed) {
    return new Assignment(title, rules, course, methods, changed, items, tables, parts, ids);
  }

  /** {@return this assignment with another title} */
  public Assignment withTitle(String changed) {
    return new Assignment(changed, rules, course, methods, sign, items, tables, parts, ids);
  }

  /**
   * {@return this assignment with the item put in the place of the one of its id, or at the end}
   */
  public Assignment with(Item item) {
    List<Item> changed = new ArrayList<>(items);
    changed.replaceAll(old -> old.id() == item.id() ? item : old);
    if (!changed.contains(item)) {
      changed.add(item);
    }
    return withItems(changed);
  }

  /** {@return this assignment without the item of the id} */
  public Assignment without(int id) {
    return withItems(items.stream().filter(item -> item.id() != id).toList());
  }

  /** {@return this assignment with the item moved by so many places, held within the shelf} */
  public Assignment moved(int id, int by) {
    List<Item> changed = new ArrayList<>(items);
    Item item = item(id).orElseThrow();
    int place = Math.max(0, Math.min(items.size() - 1, items.indexOf(item) + by));
    changed.remove(item);
    changed.add(place, item);
    return withItems(changed);
  }

  private Assignment withItems(List<Item> changed) {
    return new Assignment(title, rules, course, methods, sign, changed, tables, parts, ids);
  }

  /** {@return the table of the id} */
  public Optional<Brought> table(int id) {
    return tables.stream().filter(table -> table.id() == id).findFirst();
  }

  /**
   * {@return this assignment with the table put in the place of the one of its id, or at the end};
   * the samples linked to it follow
   */
  public Assignment with(Brought table) {
    List<Brought> changed = new ArrayList<>(tables);
    changed.replaceAll(old -> old.id() == table.id() ? table : old);
    if (!changed.contains(table)) {
      changed.add(table);
    }
    List<Item> followed = items.stream().map(item -> follow(item, table)).toList();
    return new Assignment(title, rules, course, methods, sign, followed, changed, parts, ids);
  }

  private static Item follow(Item item, Brought table) {
    return item.source() instanceof Source.Linked linked && linked.link().table() == table.id()
        ? item.withSource(linked.follow(table.table()))
        : item;
  }

  /** {@return this assignment without the table; the samples linked to it keep their values} */
  public Assignment withoutTable(int id) {
    List<Brought> left = tables.stream().filter(table -> table.id() != id).toList();
    return new Assignment(title, rules, course, methods, sign, items, left, parts, ids);
  }

  /** {@return the item of the id} */
  public Optional<Item> item(int id) {
    return items.stream().filter(item -> item.id() == id).findFirst();
  }

  /** {@return this assignment asking other parts} */
  public Assignment withParts(List<Part> changed) {
    return new Assignment(title, rules, course, methods, sign, items, tables, changed, ids);
  }

  /**
   * {@return this assignment with the part put in the place of the one of its id, or at the end}
   */
  public Assignment with(Part part) {
    List<Part> changed = new ArrayList<>(parts);
    changed.replaceAll(old -> old.id() == part.id() ? part : old);
    if (!changed.contains(part)) {
      changed.add(part);
    }
    return withParts(changed);
  }

  /** {@return this assignment, giving none of the ids that come before these} */
  public Assignment withIds(Ids others) {
    return new Assignment(
        title, rules, course, methods, sign, items, tables, parts, ids.highest(others));
  }
}
