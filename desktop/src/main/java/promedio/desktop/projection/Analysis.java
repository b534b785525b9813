package promedio.desktop.projection;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Work;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.computation.Dependencies;
import promedio.core.entry.Typed;
import promedio.core.marking.Agreement;
import promedio.core.marking.Mark;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.DataSubset;
import promedio.files.report.ShownNumbers;

/**
 * All that is computed of one item of an assignment, or of a portion of its data.
 *
 * @param assignment the assignment
 * @param item the item
 * @param typed its entries and data as they are understood
 * @param subset which portion of the data of the item it is about
 * @param computation everything that is known of its data by the course rules
 * @param marks what answers to questions about it are worth
 * @param subsets what is known of the portions of the data of the item
 */
public record Analysis(
    Assignment assignment,
    Item item,
    Typed typed,
    DataSubset subset,
    Computation computation,
    MarkCache marks,
    Portions subsets) {

  /** The measures that several samples are first compared by. */
  public static final List<Measure> USUAL =
      List.of(Measures.MEAN, Measures.MEDIAN, Measures.SD, Measures.MIN, Measures.MAX);

  /** {@return what comes of the item in the assignment} */
  public static Analysis of(Assignment assignment, Item item) {
    return of(assignment, item, item.source().read(assignment.sign()));
  }

  /** {@return what would come of the item if these were its entries and data} */
  static Analysis of(Assignment assignment, Item item, Typed typed) {
    return of(assignment, item, typed, Computation.of(typed.data(), assignment.rules(item)));
  }

  private static Analysis of(
      Assignment assignment, Item item, Typed typed, Computation computation) {
    return new Analysis(
        assignment,
        item,
        typed,
        DataSubset.WHOLE,
        computation,
        new MarkCache(computation, item.test().stated(), assignment.sign()),
        new Portions(computation, item.test().stated(), assignment.sign()));
  }

  /** {@return this, brought up to an assignment in which the values of the item are the same} */
  Analysis inside(Assignment now, Item same) {
    if (now.rules(same).equals(rules()) && same.test().stated().equals(item.test().stated())) {
      return new Analysis(now, same, typed, subset, computation, marks, subsets);
    }
    return of(now, same, typed, computation.under(now.rules(same)));
  }

  /** {@return the same of a portion of the data; none where they have no such portion} */
  public Optional<Analysis> in(DataSubset other) {
    return other.equals(subset)
        ? Optional.of(this)
        : subsets
            .of(other)
            .map(
                known ->
                    new Analysis(
                        assignment,
                        item,
                        new Typed(List.of(), known.data(), Optional.empty()),
                        other,
                        known.computation(),
                        known.marks(),
                        subsets));
  }

  /** Computes what sheets of several samples begin with, so that showing it waits for nothing. */
  void prepare() {
    Measures.of(typed.data()).forEach(computation::result);
    List<DataSubset> parts =
        new ArrayList<>(List.of(DataSubset.X, DataSubset.Y, DataSubset.TOGETHER));
    parts.addAll(DataSubset.eachGroup(typed.data()));
    for (DataSubset part : parts) {
      in(part).ifPresent(of -> USUAL.forEach(of.computation()::result));
    }
  }

  /** {@return what questions about it are about} */
  public Selection about() {
    return new Selection(item.id(), subset);
  }

  /**
   * {@return whether the result is covered}: the student wants results covered, has not uncovered
   * this one, and has not found it yet. A result that another one is made of is covered with it.
   */
  public boolean isCovered(Request request) {
    boolean wanted =
        assignment.covers(request, about())
            || assignment.coveredQuestions(about()).stream()
                .anyMatch(asked -> isOpen(asked) && tells(request, asked.request()));
    return wanted && isOpen(question(request));
  }

  /** Whether a result is neither found nor uncovered. */
  private boolean isOpen(Question question) {
    boolean found = question.work().isAnswered() && marks.agrees(question);
    return !question.work().uncovered() && !found;
  }

  /**
   * Whether the one tells the other: it is made of it, or both are made of the same sums, as the
   * variance and the standard deviation are.
   */
  private boolean tells(Request request, Request covered) {
    Dependencies of = computation.dependencies(covered);
    return computation.isMadeOf(request, covered.measure())
        || computation.isMadeOf(covered, request.measure())
        || (!of.sums().isEmpty() && of.equals(computation.dependencies(request)))
        || computation.formula(request).filter(sum -> of.sums().equals(Set.of(sum))).isPresent();
  }

  /** {@return whether anything of these is covered} */
  public boolean coversAny(Measure... measures) {
    return assignment.coversOf(item.id())
        && Arrays.stream(measures).anyMatch(measure -> isCovered(Request.of(measure)));
  }

  /** {@return whether anything at all of the data is still covered} */
  public boolean coversAnything() {
    return assignment.coversOf(item.id())
        && Stream.concat(Measures.of(typed.data()).stream().map(Request::of), asked().stream())
            .anyMatch(this::isCovered);
  }

  /** {@return the same by what the question that asks this says itself} */
  public Analysis asked(Request request) {
    return by(question(request));
  }

  /** {@return the same by what the question says itself} */
  public Analysis by(Question question) {
    return question.rules(rules()).equals(rules())
        ? this
        : new Analysis(
            assignment, item, typed, subset, marks.problem(question).computation(), marks, subsets);
  }

  /** {@return the result of what is asked, as the question, the course and the student want it} */
  public String shown(Request request) {
    Analysis asked = asked(request);
    return isCovered(request)
        ? Texts.of("cover.result")
        : Results.shown(asked.computation.result(request), request, asked);
  }

  /** {@return how numbers are shown, those of the item with its unit} */
  public ShownNumbers numbers() {
    return new ShownNumbers(rules(), sign()).in(item.unit());
  }

  /** {@return the rules it is computed by} */
  public CourseRules rules() {
    return computation.context().rules();
  }

  /** {@return the decimal sign numbers are shown with} */
  public DecimalSign sign() {
    return assignment.sign();
  }

  /** {@return the question that asks this of the item} */
  public Question question(Request request) {
    return assignment.question(request, about());
  }

  /** {@return what the student did about the question that asks this} */
  public Work work(Request request) {
    return question(request).work();
  }

  /** {@return what is asked of the item besides the measures that all data have} */
  public List<Request> asked() {
    return assignment.askedBesides(about());
  }

  /** {@return what the student's answer to what was asked is worth} */
  public Mark mark(Request request) {
    return marks.of(question(request));
  }

  /** {@return whether a decision is the one that the student's own p-value leads to} */
  public boolean followsFromOwn(Request decision) {
    String p = work(decision.number()).answer();
    return !p.isEmpty()
        && new Agreement(rules(), sign()).follows(decision, work(decision).answer(), p);
  }

  /** {@return how many questions about the item are answered, and how many answers agree} */
  public Progress progress() {
    List<Question> answered =
        assignment.questions().stream()
            .filter(question -> question.about().item() == item.id())
            .filter(question -> question.work().isAnswered())
            .toList();
    return new Progress(answered.size(), (int) answered.stream().filter(this::agrees).count());
  }

  private boolean agrees(Question question) {
    return in(question.about().subset()).filter(of -> of.marks.agrees(question)).isPresent();
  }

  /**
   * How far a student has come.
   *
   * @param answered how many questions are answered
   * @param agreed how many of the answers agree
   */
  public record Progress(int answered, int agreed) {}
}
