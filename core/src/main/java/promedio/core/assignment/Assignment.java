package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;

/**
 * All that a student works on: samples and tables, what is asked of them and was done about it, and
 * the conventions it is judged by. Immutable; every edit makes the next one.
 *
 * @param title what it is called
 * @param course the course rules and methods in force
 * @param sign the decimal sign numbers are typed and shown with
 * @param items the samples and tables of values, in the order of the shelf
 * @param tables the tables of several columns that were imported
 * @param questions what is asked, the first one first; a measure that all data have is asked when
 *     something is done about it or a part asks it
 * @param parts what the sheet of the assignment asks, in its order
 * @param ids the ids that come next; beyond all that stand in the assignment or are spoken of
 * @param covered whether results stay covered until they are answered rightly, or uncovered
 * @param handIn what of it is handed in; none as long as nobody chose
 */
public record Assignment(
    String title,
    Course course,
    DecimalSign sign,
    List<Item> items,
    List<ImportedTable> tables,
    List<Question> questions,
    List<Part> parts,
    Ids ids,
    boolean covered,
    Optional<HandInChoice> handIn) {

  public Assignment {
    items = among(items);
    tables = List.copyOf(tables);
    parts = List.copyOf(parts);
    questions = kept(questions, items, parts);
    ids = ids.beyond(items, tables, questions, parts);
  }

  /** What an item takes up of others is taken up as it is now. */
  private static List<Item> among(List<Item> items) {
    return items.stream()
        .map(
            item -> {
              Source now = item.source().among(items);
              return now.equals(item.source()) ? item : item.withSource(now);
            })
        .toList();
  }

  /**
   * Those that somebody asks: a part, the student of an item, or who has begun to answer. Only
   * parts state how they are answered.
   */
  private static List<Question> kept(List<Question> questions, List<Item> items, List<Part> parts) {
    Set<Integer> ofParts =
        parts.stream().flatMap(part -> part.questions().stream()).collect(Collectors.toSet());
    Set<Integer> there = items.stream().map(Item::id).collect(Collectors.toSet());
    return questions.stream()
        .filter(
            question ->
                ofParts.contains(question.id())
                    || (there.contains(question.about().item())
                        && (isOnDemand(question) || !question.work().equals(Work.NONE))))
        .map(
            question ->
                ofParts.contains(question.id()) ? question : question.with(StatedRules.NONE))
        .toList();
  }

  private static boolean isOnDemand(Question question) {
    // Decisions are made where the test is shown.
    return Measures.isOnDemand(question.request().measure()) && !question.request().decides();
  }

  /** {@return whether both hold the same}; which ids come next is no part of what they hold */
  @Override
  public boolean equals(Object other) {
    return other instanceof Assignment that
        && title.equals(that.title)
        && course.equals(that.course)
        && sign == that.sign
        && covered == that.covered
        && handIn.equals(that.handIn)
        && items.equals(that.items)
        && tables.equals(that.tables)
        && questions.equals(that.questions)
        && parts.equals(that.parts);
  }

  @Override
  public int hashCode() {
    return Objects.hash(title, course, sign, covered, handIn, items, tables, questions, parts);
  }

  /** {@return an assignment without any sample} */
  public static Assignment empty(String title) {
    return new Assignment(
        title,
        Course.USUAL,
        DecimalSign.POINT,
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        Ids.FIRST,
        false,
        Optional.empty());
  }

  /** {@return the course rules in force} */
  public CourseRules rules() {
    return course.rules();
  }

  /** {@return the rules that hold for an item: what is set in its test, then the course} */
  public CourseRules rules(Item item) {
    return item.test().stated().over(rules());
  }

  /** {@return this assignment under other rules, which are no named set} */
  public Assignment withRules(CourseRules changed) {
    return with(course.with(changed));
  }

  /** {@return this assignment under the named set of rules} */
  public Assignment withRules(CourseRules changed, String name) {
    return with(new Course(name, changed, course.methods()));
  }

  /** {@return this assignment with another method for the measure} */
  public Assignment withMethod(Measure measure, Method method) {
    return with(course.with(measure, method));
  }

  private Assignment with(Course changed) {
    return new Assignment(
        title, changed, sign, items, tables, questions, parts, ids, covered, handIn);
  }

  /** {@return this assignment with another decimal sign} */
  public Assignment withSign(DecimalSign changed) {
    return new Assignment(
        title, course, changed, items, tables, questions, parts, ids, covered, handIn);
  }

  /** {@return this assignment with another title} */
  public Assignment withTitle(String changed) {
    return new Assignment(
        changed, course, sign, items, tables, questions, parts, ids, covered, handIn);
  }

  /**
   * {@return this assignment with the item put in the place of the one of its id, or at the end}
   */
  public Assignment with(Item item) {
    List<Item> changed = placed(items, item, Item::id);
    return withItems(changed);
  }

  /** {@return this assignment without the item of the id, and what was asked of it alone} */
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

  /** The list with something in the place of what has the same id, or at the end. */
  private static <T> List<T> placed(List<T> all, T one, ToIntFunction<T> id) {
    List<T> changed = new ArrayList<>(all);
    changed.replaceAll(old -> id.applyAsInt(old) == id.applyAsInt(one) ? one : old);
    if (!changed.contains(one)) {
      changed.add(one);
    }
    return changed;
  }

  private Assignment withItems(List<Item> changed) {
    return new Assignment(
        title, course, sign, changed, tables, questions, parts, ids, covered, handIn);
  }

  /** {@return the item of the id} */
  public Optional<Item> item(int id) {
    return items.stream().filter(item -> item.id() == id).findFirst();
  }

  /** {@return the table of the id} */
  public Optional<ImportedTable> table(int id) {
    return tables.stream().filter(table -> table.id() == id).findFirst();
  }

  /**
   * {@return this assignment with the table put in the place of the one of its id, or at the end};
   * the samples linked to it follow
   */
  public Assignment with(ImportedTable table) {
    return with(table, new LinkedValues(table.table()));
  }

  /**
   * {@return this assignment with the table put in the place of the one of its id, or at the end}
   *
   * @param values what the samples linked to it take from it
   */
  public Assignment with(ImportedTable table, LinkedValues values) {
    List<ImportedTable> changed = placed(tables, table, ImportedTable::id);
    List<Item> followed = items.stream().map(item -> follow(item, table.id(), values)).toList();
    return new Assignment(
        title, course, sign, followed, changed, questions, parts, ids, covered, handIn);
  }

  private static Item follow(Item item, int table, LinkedValues values) {
    return item.source() instanceof Source.Linked linked && linked.link().table() == table
        ? item.withSource(values.follow(linked))
        : item;
  }

  /** {@return this assignment without the table; the samples linked to it keep their values} */
  public Assignment withoutTable(int id) {
    List<Item> parted =
        items.stream()
            .map(
                item ->
                    item.source() instanceof Source.Linked linked && linked.link().table() == id
                        ? item.withSource(linked.parted())
                        : item)
            .toList();
    List<ImportedTable> left = tables.stream().filter(table -> table.id() != id).toList();
    return new Assignment(
        title, course, sign, parted, left, questions, parts, ids, covered, handIn);
  }

  /** {@return this assignment with other tables; the samples linked to them stay as they are} */
  public Assignment withTables(List<ImportedTable> changed) {
    return new Assignment(
        title, course, sign, items, changed, questions, parts, ids, covered, handIn);
  }

  /** {@return the question of the id} */
  public Optional<Question> question(int id) {
    return questions.stream().filter(question -> question.id() == id).findFirst();
  }

  /** {@return the questions about this and nothing else, the first one first} */
  public List<Question> questions(Selection about) {
    return questions.stream().filter(question -> question.about().equals(about)).toList();
  }

  /** {@return the questions that say themselves how they are answered, without what was done} */
  public List<Question> stating() {
    return questions.stream()
        .filter(question -> !question.stated().equals(StatedRules.NONE))
        .map(question -> question.with(Work.NONE))
        .toList();
  }

  /** {@return what is asked of this besides the measures that all data have} */
  public List<Request> askedBesides(Selection about) {
    return questions(about).stream()
        .filter(Assignment::isOnDemand)
        .map(Question::request)
        .distinct()
        .toList();
  }

  /** {@return the questions of a part, in the order of the sheet} */
  public List<Question> questions(Part part) {
    return part.questions().stream().flatMap(id -> question(id).stream()).toList();
  }

  /**
   * {@return the first question that asks this of that; where none does, a new one, which becomes
   * part of the assignment when something is done about it}
   */
  public Question question(Request request, Selection about) {
    return questions.stream()
        .filter(question -> question.asks(request, about))
        .findFirst()
        .orElseGet(() -> Question.of(ids.question(), request, about));
  }

  /**
   * {@return this assignment with the question in the place of the one of its id, or at the end}
   */
  public Assignment with(Question question) {
    List<Question> changed = placed(questions, question, Question::id);
    return withSheet(changed, parts);
  }

  /** {@return this assignment with the answer to what is asked of this} */
  public Assignment answering(Request request, Selection about, String answer) {
    Question question = question(request, about);
    return with(question.with(question.work().withAnswer(answer)));
  }

  /** {@return this assignment with its results covered, or not} */
  public Assignment withCovered(boolean changed) {
    return new Assignment(
        title, course, sign, items, tables, questions, parts, ids, changed, handIn);
  }

  /** {@return whether a result of this stays covered until it is found: all do, or a part's} */
  public boolean covers(Request request, Selection about) {
    return covered
        || coveredQuestions(about).stream().anyMatch(asked -> asked.request().equals(request));
  }

  /** {@return what covered parts ask of this} */
  public List<Question> coveredQuestions(Selection about) {
    return coveredParts()
        .flatMap(part -> questions(part).stream())
        .filter(asked -> asked.about().equals(about))
        .toList();
  }

  /** {@return whether any result about an item stays covered until it is found} */
  public boolean coversOf(int item) {
    return covered || coveredParts().anyMatch(part -> part.about().item() == item);
  }

  /** {@return whether any result stays covered until it is found} */
  public boolean coversAny() {
    return covered || coveredParts().findAny().isPresent();
  }

  private Stream<Part> coveredParts() {
    return parts.stream().filter(Part::covered);
  }

  /** {@return this assignment with one result uncovered, which is remembered} */
  public Assignment uncovering(Request request, Selection about) {
    Question asked = question(request, about);
    return with(asked.with(asked.work().uncover()));
  }

  /** {@return the questions whose results were uncovered} */
  public List<Question> uncovered() {
    return questions.stream().filter(each -> each.work().uncovered()).toList();
  }

  /** {@return the same asked again}: no answer, try or own working is left */
  public Assignment withoutWork() {
    return withSheet(questions.stream().map(each -> each.with(Work.NONE)).toList(), parts);
  }

  /** {@return this assignment asking this of that nowhere}; what was done about it goes too */
  public Assignment withoutQuestions(Request request, Selection about) {
    List<Question> left =
        questions.stream().filter(question -> !question.asks(request, about)).toList();
    Set<Integer> asked = left.stream().map(Question::id).collect(Collectors.toSet());
    List<Part> asking =
        parts.stream()
            .map(part -> part.with(part.questions().stream().filter(asked::contains).toList()))
            .toList();
    return withSheet(left, asking);
  }

  /**
   * {@return this assignment with the part put in the place of the one of its id, or at the end};
   * it asks these tasks of what it is about
   */
  public Assignment asking(Part part, List<Request> requests) {
    return Asking.in(this, part, requests);
  }

  /** {@return this assignment with the part changed}; it asks the same as before */
  public Assignment with(Part part) {
    return asking(part, questions(part).stream().map(Question::request).toList());
  }

  /**
   * {@return this assignment with something else said of how a question is answered}: by the parts
   * that ask it and say it so far, otherwise where its item is tested
   */
  public <T> Assignment stating(Question question, Rule<T> rule, Optional<T> value) {
    List<Part> saying =
        parts.stream()
            .filter(part -> part.questions().contains(question.id()))
            .filter(part -> part.stated().get(rule).isPresent())
            .toList();
    if (saying.isEmpty()) {
      return item(question.about().item())
          .map(item -> with(item.withTest(item.test().stating(rule, value))))
          .orElse(this);
    }
    Assignment said = this;
    for (Part part : saying) {
      said = said.with(part.with(part.stated().with(rule, value)));
    }
    return said;
  }

  /** {@return this assignment with other parts, of the questions that there are} */
  public Assignment withParts(List<Part> changed) {
    return withSheet(questions, changed);
  }

  /** {@return this assignment with the part, and these questions} */
  Assignment with(Part part, List<Question> asked) {
    List<Part> changed = placed(parts, part, Part::id);
    return withSheet(asked, changed);
  }

  private Assignment withSheet(List<Question> asked, List<Part> changed) {
    return new Assignment(title, course, sign, items, tables, asked, changed, ids, covered, handIn);
  }

  /** {@return this assignment, giving none of the ids that come before these} */
  public Assignment withIds(Ids others) {
    return new Assignment(
        title, course, sign, items, tables, questions, parts, ids.highest(others), covered, handIn);
  }

  /** {@return this assignment with something else of it handed in} */
  public Assignment with(HandInChoice changed) {
    return new Assignment(
        title, course, sign, items, tables, questions, parts, ids, covered, Optional.of(changed));
  }

  /** {@return what of it is handed in, as far as it is there} */
  public HandInChoice toHandIn() {
    return handIn.map(choice -> choice.within(this)).orElseGet(() -> HandInChoice.usual(this));
  }
}
