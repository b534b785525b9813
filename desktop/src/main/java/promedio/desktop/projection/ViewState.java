package promedio.desktop.projection;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.sample.ClassTable.Interval;
import promedio.core.sample.DataSubset;
import promedio.files.answers.ClassAnswers;

/**
 * What of a document is looked at. It is no part of the document: choosing is not undone or saved.
 *
 * @param page what stands before the sheet or the table
 * @param item the id of the chosen sample, {@code null} where there is none
 * @param table the id of the chosen table of several columns, {@code null} where there is none
 * @param answers the answers that are shown while that is what stands before all
 * @param subset which part of its data the chosen measure is asked of
 * @param request the chosen measure
 * @param working what is worked on the sheet, {@code null} when it shows the measures
 * @param entry the index of the chosen entry, −1 for none
 * @param highlighted the class whose values stand out, {@code null} for none
 * @param methods how what has arguments is worked, which no course tells
 */
public record ViewState(
    Page page,
    @Nullable Integer item,
    @Nullable Integer table,
    @Nullable ClassAnswers answers,
    DataSubset subset,
    Request request,
    @Nullable Request working,
    int entry,
    @Nullable Interval highlighted,
    Map<Measure, Method> methods) {

  /** What stands before the sheet or the table, which are there again once it goes. */
  public enum Page {
    NOTHING,
    PARTS,
    CLASS_ANSWERS,
    /** The tables of distributions. */
    DISTRIBUTIONS,
    /** A printed question that is pasted. */
    QUESTION,
    /** The document to hand in. */
    HAND_IN
  }

  /** Nothing yet: the mean, once there is a sample. */
  public static final ViewState NOTHING =
      new ViewState(
          Page.NOTHING,
          null,
          null,
          null,
          DataSubset.WHOLE,
          Request.of(Measures.MEAN),
          null,
          -1,
          null,
          Map.of());

  public ViewState {
    methods = Map.copyOf(methods);
  }

  /** {@return the sheet of the sample of this id, in the place of whatever was looked at} */
  public ViewState ofItem(int id) {
    return new ViewState(Page.NOTHING, id, null, null, subset, request, working, -1, null, methods);
  }

  /** {@return the table of this id, in the place of whatever was looked at} */
  public ViewState ofTable(int id) {
    return new ViewState(Page.NOTHING, null, id, null, subset, request, working, -1, null, methods);
  }

  /** {@return this with something before the sheet or the table, which stay chosen} */
  public ViewState with(Page before) {
    return new ViewState(
        before, item, table, null, subset, request, working, entry, highlighted, methods);
  }

  /** {@return this with the answers of a class before it} */
  public ViewState of(ClassAnswers answers) {
    return new ViewState(
        Page.CLASS_ANSWERS,
        item,
        table,
        answers,
        subset,
        request,
        working,
        entry,
        highlighted,
        methods);
  }

  /**
   * {@return this with another measure of all data, which is worked next where one is worked on the
   * sheet}
   */
  public ViewState with(Request chosen) {
    return with(DataSubset.WHOLE, chosen);
  }

  /** {@return this with another measure of a portion of the data} */
  public ViewState with(DataSubset of, Request chosen) {
    Request worked = working == null ? null : chosen;
    return new ViewState(
        page, item, table, answers, of, chosen, worked, entry, highlighted, methods);
  }

  /** {@return this with what is worked on the sheet, nothing where that is {@code null}} */
  public ViewState working(@Nullable Request worked) {
    return new ViewState(
        page, item, table, answers, subset, request, worked, entry, highlighted, methods);
  }

  /** {@return this with another entry} */
  public ViewState withEntry(int chosen) {
    return new ViewState(
        page, item, table, answers, subset, request, working, chosen, highlighted, methods);
  }

  /** {@return this with another class that stands out, none where that is {@code null}} */
  public ViewState withLit(@Nullable Interval interval) {
    return new ViewState(
        page, item, table, answers, subset, request, working, entry, interval, methods);
  }

  /** {@return this with what has arguments worked by another method} */
  public ViewState with(Measure measure, Method method) {
    Map<Measure, Method> changed = new HashMap<>(methods);
    changed.put(measure, method);
    return new ViewState(
        page, item, table, answers, subset, request, working, entry, highlighted, changed);
  }

  /** {@return whether both look at the same: what is typed then may be one act} */
  public boolean hasSameSubject(ViewState other) {
    return page == other.page
        && Objects.equals(item, other.item)
        && Objects.equals(table, other.table)
        && subset.equals(other.subset)
        && request.equals(other.request)
        && Objects.equals(working, other.working);
  }

  /** {@return this as far as it is in the assignment; the first sample in the place of one gone} */
  public ViewState within(Assignment assignment) {
    if (table != null && assignment.table(table).isPresent()) {
      return this;
    }
    Optional<Item> same = item == null ? Optional.empty() : assignment.item(item);
    Optional<Item> found = same.or(() -> assignment.items().stream().findFirst());
    ViewState changed = found.map(now -> suiting(now.source().shape())).orElse(this);
    return new ViewState(
        page,
        found.map(Item::id).orElse(null),
        null,
        answers,
        changed.subset,
        changed.request,
        found.isPresent() ? changed.working : null,
        entry,
        highlighted,
        methods);
  }

  /** What is chosen, or what one begins with where such data have no such measure. */
  private ViewState suiting(Source.Shape shape) {
    boolean suits =
        subset.fits(shape.subject())
            && request.measure().subject() == subset.subject(shape.subject());
    return switch (shape) {
      // Names by themselves have no other measure.
      case CATEGORIES ->
          suits && subset.kind() == DataSubset.Kind.FIT ? this : with(Request.of(Measures.MODES));
      case VALUES, FREQUENCIES, CLASSES -> suits ? this : with(Request.of(Measures.MEAN));
      case PAIRS -> suits ? this : with(Request.of(Measures.CORRELATION));
      case GROUPS -> suits ? this : with(DataSubset.TOGETHER, Request.of(Measures.MEAN));
      case COUNTS -> suits ? this : with(Request.of(Measures.CHI_SQUARED));
    };
  }
}
