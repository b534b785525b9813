package promedio.desktop.work;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.assignment.Item;
import promedio.core.assignment.Selection;
import promedio.core.calculation.CalculationException;
import promedio.core.calculation.Scratch;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.marking.FollowThrough;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.core.rules.Rule;
import promedio.core.working.Assumed;
import promedio.core.working.OwnWorking;
import promedio.core.working.Working;
import promedio.desktop.projection.Analysis;

/** What is worked by hand on the chosen item: methods, own workings, and scratch paper. */
public final class WorkingService {

  private final Workspace workspace;

  /** Makes one for the state of a window. */
  public WorkingService(Workspace workspace) {
    this.workspace = workspace;
  }

  /** {@return the method that the task is worked by: of a measure, the course's} */
  public Method method(Request request) {
    return workspace.projection().method(request);
  }

  /** Works a task by another method from now on; of one with arguments no course tells it. */
  public void choose(Request request, Method method) {
    if (request.arguments().isEmpty()) {
      workspace.edit("edit.method", "", now -> now.withMethod(request.measure(), method));
    } else {
      workspace.look(choice -> choice.with(request.measure(), method));
    }
  }

  /** {@return the working of what is computed; none where there is no such working} */
  public static Optional<Working> working(
      Analysis analysis, Request request, Method method, Optional<Assumed> assumed) {
    return assumed
        .map(own -> Working.of(analysis.typed().data(), analysis.rules(), request, method, own))
        .orElseGet(() -> Working.of(analysis.typed().data(), analysis.rules(), request, method));
  }

  /** {@return what the student wrote beside the working} */
  public OwnWorking own(Request request, Method method) {
    Item item = workspace.item();
    return item == null
        ? OwnWorking.EMPTY
        : workspace
            .assignment()
            .question(request, new Selection(item.id(), workspace.projection().choice().subset()))
            .work()
            .working(method);
  }

  /** Takes what the student writes beside a step or in a cell. */
  public void write(Request request, Method method, String key, String text) {
    workspace
        .items()
        .editWork(
            "edit.own-working",
            "own " + method + key,
            request,
            work -> work.with(method, work.working(method).with(key, text)));
  }

  /** Takes a table that the student pasted, cell by cell. */
  public void write(Request request, Method method, Map<String, String> cells) {
    workspace
        .items()
        .editWork(
            "edit.own-working",
            "",
            request,
            work -> {
              OwnWorking own = work.working(method);
              for (Map.Entry<String, String> cell : cells.entrySet()) {
                own = own.with(cell.getKey(), cell.getValue());
              }
              return work.with(method, own);
            });
  }

  /** {@return the judgement of what the student wrote} */
  public FollowThrough marks(Analysis analysis, Working working) {
    return new FollowThrough(
        analysis.typed().data(),
        working,
        own(working.request(), working.method()),
        analysis.rules(),
        analysis.sign());
  }

  /** {@return the calculations on scratch paper of the chosen item} */
  public List<String> scratch() {
    Item item = workspace.item();
    return item == null ? List.of() : item.scratch();
  }

  /**
   * Calculates on scratch paper and keeps the line.
   *
   * @throws CalculationException if it is no calculation; nothing is kept then
   */
  public void calculate(String text) throws CalculationException {
    Analysis analysis = workspace.focus().orElse(null);
    Map<String, Exact> known = analysis == null ? Map.of() : quantities(analysis);
    Exact value = Scratch.of(text, known);
    boolean rational = value.isRational() && value.toString().length() <= 24;
    String exact = value.isWhole() || !rational ? "" : " = " + value;
    String shown = analysis == null ? value.toString() : analysis.numbers().shown(value);
    String sign = rational && value.isWhole() ? " = " : " ≈ ";
    boolean ends = rational && numbersEnd(value);
    String line = text.strip() + (ends ? " = " + shown : exact.replace('-', '−') + sign + shown);
    workspace.items().editChosen("edit.scratch", "", item -> item.withScratch(line));
  }

  /** Whether the decimals of the number end within those that are shown. */
  private boolean numbersEnd(Exact value) {
    int places = workspace.assignment().rules().get(Rule.PLACES) + 2;
    return value.times(Exact.of(10).pow(places)).isWhole();
  }

  /** Throws the scratch paper of the chosen item away; undo brings it back. */
  public void clearScratch() {
    workspace.items().editChosen("edit.scratch-cleared", "", Item::withoutScratch);
  }

  /**
   * {@return the quantities of the item that scratch paper may name, by their symbols}; none that
   * is covered, or that would tell what is
   */
  public static Map<String, Exact> quantities(Analysis analysis) {
    Computation computation = analysis.computation();
    MeasureContext setting = computation.context();
    if (setting.categories().isPresent()) {
      return Map.of("n", setting.data().total());
    }
    Map<String, Exact> known = new LinkedHashMap<>();
    put(known, setting.n(), Optional.of(setting.data().total()));
    Request sum = Request.of(Measures.SUM);
    boolean spreadCovered = analysis.coversAny(Measures.VARIANCE, Measures.SD);
    if (!analysis.isCovered(sum)) {
      put(known, setting.sum(setting.x()), computation.value(sum));
    }
    if (!spreadCovered && !analysis.coversAny(Measures.MEAN)) {
      put(known, setting.sum(setting.x().power(2)), squares(computation));
    }
    for (Quantity quantity :
        List.of(
            setting.mean(),
            Quantity.VARIANCE,
            Quantity.STANDARD_DEVIATION,
            Quantity.MEDIAN,
            Quantity.LOWER_QUARTILE,
            Quantity.UPPER_QUARTILE)) {
      if (Measures.finding(quantity, setting).filter(analysis::isCovered).isEmpty()) {
        put(known, quantity.formula(), computation.value(quantity));
      }
    }
    computation
        .value(Quantity.SECOND_MOMENT)
        .filter(variance -> !spreadCovered)
        .ifPresent(
            variance -> {
              known.put("σ²", variance);
              known.put("σ", variance.sqrt());
            });
    return known;
  }

  private static void put(Map<String, Exact> known, Formula formula, Optional<Exact> value) {
    String symbol = formula.plain(Exact::toString).replace(" · ", "");
    value.ifPresent(found -> known.put(symbol, found));
  }

  /** Σx² = n·(σ² + x̄²), since both are known already when it is asked for, at each keystroke. */
  private static Optional<Exact> squares(Computation computation) {
    MeasureContext setting = computation.context();
    return computation
        .value(Quantity.SECOND_MOMENT)
        .flatMap(
            variance ->
                computation
                    .value(setting.mean())
                    .map(mean -> variance.plus(mean.pow(2)).times(setting.data().total())));
  }
}
