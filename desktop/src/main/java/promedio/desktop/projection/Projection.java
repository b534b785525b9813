package promedio.desktop.projection;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Question;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.sample.Subject;
import promedio.desktop.session.Document;

/**
 * All that a window shows at one moment. An edit, or a choice of what is looked at, makes the next
 * one as a whole, so that no view sees a new document beside old results.
 *
 * @param document the document
 * @param choice what of it is looked at; all of it is there
 * @param item the chosen sample, {@code null} where there is none
 * @param table the chosen table of several columns, {@code null} where there is none
 * @param analysis what is computed of the chosen sample; {@code null} where there is none, and
 *     while it is being read
 * @param stopped whether reading it was stopped
 * @param trial the change that is tried out, {@code null} where there is none
 * @param moved what results were before the rule that was just changed, where it moved them
 * @param computations what is computed of the other items
 */
public record Projection(
    Document document,
    ViewState choice,
    @Nullable Item item,
    @Nullable ImportedTable table,
    @Nullable Analysis analysis,
    boolean stopped,
    @Nullable WhatIf trial,
    Map<Request, String> moved,
    Computations computations) {

  /** {@return what is shown of the document; nothing is tried out and nothing was moved} */
  public static Projection of(Document document, ViewState wanted, Computations computations) {
    Assignment assignment = document.assignment();
    ViewState choice = wanted.within(assignment);
    Item item = find(choice.item()).flatMap(assignment::item).orElse(null);
    ImportedTable table = find(choice.table()).flatMap(assignment::table).orElse(null);
    Analysis analysis = item == null ? null : computations.atOnce(assignment, item).orElse(null);
    return new Projection(
        document, choice, item, table, analysis, false, null, Map.of(), computations);
  }

  private static Optional<Integer> find(@Nullable Integer id) {
    return Optional.ofNullable(id);
  }

  /** Has what is computed of the chosen item shown; nothing, as long as there is none. */
  public void ifComputed(BiConsumer<Analysis, Projection> show) {
    if (analysis != null) {
      show.accept(analysis, this);
    }
  }

  /**
   * {@return what is computed of what the chosen measure is asked of}; none where that is not there
   */
  public Optional<Analysis> focus() {
    return Optional.ofNullable(analysis)
        .flatMap(all -> all.in(choice.subset()))
        .filter(of -> of.typed().data().subject() == choice.request().measure().subject());
  }

  /** {@return what is computed of the chosen item where it is one sample or table of values} */
  public Optional<Analysis> ofOne() {
    return Optional.ofNullable(analysis)
        .filter(now -> now.item().source().shape().subject() == Subject.ONE);
  }

  /** {@return whether the measure is what is chosen, asked of this} */
  public boolean isChosen(Request request, Analysis of) {
    return choice.request().equals(request) && choice.subset().equals(of.subset());
  }

  /** {@return the items whose numbers are looked at} */
  public Set<Item> computed() {
    Set<Item> computed = new LinkedHashSet<>();
    if (item != null) {
      computed.add(item);
      assignment().item(item.graph().beside()).ifPresent(computed::add);
    }
    if (choice.page() == ViewState.Page.PARTS) {
      assignment().parts().forEach(part -> of(part.about().item()).ifPresent(computed::add));
    }
    return computed;
  }

  private Optional<Item> of(int id) {
    return assignment().item(id);
  }

  /** {@return this with another trial, none where that is {@code null}} */
  public Projection trying(@Nullable WhatIf tried) {
    return new Projection(
        document, choice, item, table, analysis, stopped, tried, moved, computations);
  }

  /** {@return this with something else looked at of the same sample or table} */
  public Projection with(ViewState next) {
    return new Projection(
        document, next, item, table, analysis, stopped, trial, moved, computations);
  }

  /** {@return this with what has become known meanwhile} */
  public Projection again() {
    Analysis found = item == null ? null : known(item).orElse(null);
    return new Projection(document, choice, item, table, found, false, trial, moved, computations);
  }

  /** {@return this without the numbers of the chosen sample, since reading them was stopped} */
  public Projection stoppedReading() {
    return new Projection(document, choice, item, table, null, true, trial, moved, computations);
  }

  /** {@return this telling what results were before} */
  public Projection moving(Map<Request, String> before) {
    return new Projection(
        document, choice, item, table, analysis, stopped, trial, before, computations);
  }

  /** {@return the assignment} */
  public Assignment assignment() {
    return document.assignment();
  }

  /** {@return what is computed of an item, chosen or not; none while it is being read} */
  public Optional<Analysis> known(Item other) {
    return computations.atOnce(assignment(), other);
  }

  /** {@return the items that are looked at and not read yet} */
  public List<Item> missing() {
    return computed().stream().filter(each -> known(each).isEmpty()).toList();
  }

  /** {@return what marks answers to the question; none where its item is gone or being read} */
  public Optional<MarkCache> marks(Question question) {
    return of(question.about().item())
        .flatMap(this::known)
        .flatMap(all -> all.in(question.about().subset()))
        .map(Analysis::marks);
  }

  /** {@return the method that the task is worked by: of a measure, the course's} */
  public Method method(Request request) {
    return request.arguments().isEmpty()
        ? assignment().course().method(request.measure())
        : choice.methods().getOrDefault(request.measure(), Method.DEFINITION);
  }

  /** {@return whether the chosen sample is single values, which stand in order in a line-up} */
  public boolean hasValuesInOrder() {
    return analysis != null
        && ofOne().isPresent()
        && analysis.typed().data().categories().isEmpty()
        && analysis.typed().data().classes().isEmpty();
  }

  /**
   * {@return whether the numbers of both are the same}: an answer, a name or a note changes none
   */
  @SuppressWarnings("ReferenceEquality") // what is computed of equal values is the same
  public boolean hasSameNumbers(@Nullable Projection other) {
    return other != null
        && analysis != null
        && other.analysis != null
        && analysis.marks() == other.analysis.marks()
        && assignment().stating().equals(other.assignment().stating())
        && hasSameCovered(other);
  }

  /** An answer that is right uncovers a result. */
  private boolean hasSameCovered(Projection other) {
    boolean covers = assignment().coversAny() || other.assignment().coversAny();
    return !covers
        || (assignment().covered() == other.assignment().covered()
            && assignment().questions().equals(other.assignment().questions())
            && assignment().parts().equals(other.assignment().parts()));
  }

  /** {@return whether both show the same results, and tell the same of them} */
  public boolean hasSameResults(@Nullable Projection other) {
    return other != null
        && item != null
        && other.item != null
        && hasSameNumbers(other)
        && item.unit().equals(other.item.unit())
        && Objects.equals(trial, other.trial)
        && moved.equals(other.moved);
  }
}
