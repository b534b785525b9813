package promedio.desktop.projection.handin;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.formula.Formula;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;
import promedio.desktop.projection.Analysis;
import promedio.files.report.ShownNumbers;
import promedio.files.report.WorkingTexts;

/** What a document has told already of each part of the data: it is named, not repeated. */
final class Told {

  /** The lines and tables that stand above, by the data that they are about. */
  private final Map<Object, Set<String>> lines = new HashMap<>();

  private final Map<Object, List<WorkTable>> tables = new HashMap<>();

  private static Object about(Analysis of) {
    // To how many places they are written shows in the lines themselves.
    CourseRules rules =
        StatedRules.places(Rule.PLACES.initial())
            .with(Rule.P_PLACES, Optional.of(Rule.P_PLACES.initial()))
            .over(of.rules());
    return List.of(of.item().id(), of.subset(), rules);
  }

  /** {@return whether the step stands above; from now on it does} */
  boolean isTold(WorkingStep step, Analysis of, ShownNumbers numbers) {
    return !lines
        .computeIfAbsent(about(of), each -> new HashSet<>())
        .add(WorkingTexts.plain(step, numbers));
  }

  /** {@return whether all columns of the table stand above; from now on they do} */
  boolean isTold(WorkTable table, Analysis of) {
    List<WorkTable> above = tables.computeIfAbsent(about(of), each -> new ArrayList<>());
    if (above.stream().anyMatch(each -> holds(each, table))) {
      return true;
    }
    above.add(table);
    return false;
  }

  private static boolean holds(WorkTable above, WorkTable table) {
    return above.rows().size() == table.rows().size()
        && table.columns().stream()
            .allMatch(
                column -> {
                  int own = table.columns().indexOf(column);
                  int there = above.columns().indexOf(column);
                  return there >= 0
                      && above.totals().get(there).equals(table.totals().get(own))
                      && entries(above, there).equals(entries(table, own));
                });
  }

  private static List<Object> entries(WorkTable table, int column) {
    return table.rows().stream().<Object>map(row -> row.get(column)).toList();
  }

  /**
   * {@return what steps that stand above have found that the others go on with, in a line}; empty
   * where they need nothing of it
   */
  static String found(Working working, List<WorkingStep> above, ShownNumbers numbers) {
    Set<Formula> needed = new HashSet<>();
    working.steps().stream()
        .filter(step -> !above.contains(step))
        .flatMap(step -> step.calculation().stream())
        .forEach(step -> needed.addAll(step.symbols().parts()));
    List<String> found = new ArrayList<>();
    for (WorkingStep step : above) {
      Optional<String> line =
          step.fold(
              computed ->
                  needed.contains(computed.left())
                      ? Optional.of(WorkingTexts.found(computed, numbers))
                      : Optional.empty(),
              agreed ->
                  needed.contains(agreed.left())
                      ? Optional.of(WorkingTexts.plain(agreed, numbers))
                      : Optional.empty(),
              list -> Optional.empty(),
              seen -> Optional.empty());
      line.filter(each -> !found.contains(each)).ifPresent(found::add);
    }
    return String.join("; ", found);
  }
}
