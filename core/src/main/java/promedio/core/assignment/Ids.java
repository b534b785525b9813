package promedio.core.assignment;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The ids that the next item, table, part and question of an assignment get. An id is given once:
 * what a link, a part or a graph says about an item that is gone never becomes true of another one.
 *
 * @param item the id of the next item, above every one that was ever given
 * @param table the id of the next table
 * @param part the id of the next part
 * @param question the id of the next question
 */
public record Ids(int item, int table, int part, int question) {

  /** The ids of an assignment in which nothing was given an id yet. */
  public static final Ids FIRST = new Ids(1, 1, 1, 1);

  /** {@return these, with this id or a later one for the next table} */
  public Ids withTablesFrom(int next) {
    return highest(new Ids(item, next, part, question));
  }

  /** {@return the ids after both these and the others} */
  public Ids highest(Ids others) {
    return new Ids(
        Math.max(item, others.item),
        Math.max(table, others.table),
        Math.max(part, others.part),
        Math.max(question, others.question));
  }

  /** {@return these, moved beyond every id that stands in or is spoken of in what is given} */
  Ids beyond(
      List<Item> items, List<ImportedTable> tables, List<Question> questions, List<Part> parts) {
    IntStream askedAbout =
        Stream.concat(parts.stream().map(Part::about), questions.stream().map(Question::about))
            .mapToInt(Selection::item);
    IntStream besides = items.stream().mapToInt(each -> each.graph().beside());
    IntStream picked =
        items.stream().flatMapToInt(each -> each.source().items().stream().mapToInt(id -> id));
    IntStream itemIds =
        IntStream.concat(
            IntStream.concat(items.stream().mapToInt(Item::id), picked),
            IntStream.concat(askedAbout, besides));
    IntStream linkedTo =
        items.stream()
            .map(Item::source)
            .flatMap(each -> each instanceof Source.Linked linked ? Stream.of(linked) : Stream.of())
            .mapToInt(linked -> linked.link().table());
    IntStream tableIds = IntStream.concat(tables.stream().mapToInt(ImportedTable::id), linkedTo);
    IntStream questionIds =
        IntStream.concat(
            questions.stream().mapToInt(Question::id),
            parts.stream().flatMap(part -> part.questions().stream()).mapToInt(id -> id));
    return highest(
        new Ids(
            after(itemIds),
            after(tableIds),
            after(parts.stream().mapToInt(Part::id)),
            after(questionIds)));
  }

  private static int after(IntStream ids) {
    return ids.max().orElse(0) + 1;
  }
}
