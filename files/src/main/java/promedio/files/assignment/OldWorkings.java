package promedio.files.assignment;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;
import promedio.core.working.Methods;
import promedio.core.working.OwnWorking;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;

/**
 * Own workings of documents before version 7, which kept what was written under symbols as they
 * were typeset: x̄ by one divisor, μ by the other. Each is found again by making the working that
 * it stood beside; what is found nowhere is kept as it is.
 */
final class OldWorkings {

  private OldWorkings() {}

  /** {@return the own working with its entries kept by the ids of quantities} */
  static OwnWorking byId(OwnWorking own, Request request, Method method, Data data) {
    Map<String, String> ids = new HashMap<>();
    for (Divisor divisor : List.of(Divisor.N, Divisor.N_MINUS_1)) {
      CourseRules rules = CourseRules.DEFAULTS.with(Rule.DIVISOR, divisor);
      if (Methods.of(request, rules, data).contains(method)) {
        Working.of(data, rules, request, method).ifPresent(working -> collect(working, ids));
      }
    }
    Map<String, String> entries = new HashMap<>();
    own.entries().forEach((symbol, text) -> entries.put(ids.getOrDefault(symbol, symbol), text));
    return new OwnWorking(entries);
  }

  private static void collect(Working working, Map<String, String> ids) {
    Map<String, Integer> seen = new HashMap<>();
    for (int i = 0; i < working.steps().size(); i++) {
      Optional<WorkingStep.Computed> computed = working.steps().get(i).calculation();
      if (computed.isPresent()) {
        String symbol = symbols(computed.get().left());
        int times = seen.merge(symbol, 1, Integer::sum);
        ids.put(times == 1 ? symbol : symbol + " (" + times + ")", working.key(i));
      }
    }
    working.table().ifPresent(table -> collect(table, ids));
  }

  private static void collect(WorkTable table, Map<String, String> ids) {
    for (int column = 0; column < table.columns().size(); column++) {
      String symbol = symbols(table.columns().get(column));
      for (int row = 0; row < table.rows().size(); row++) {
        ids.put(symbol + " #" + (row + 1), OwnWorking.cell(table, column, row));
      }
    }
  }

  private static String symbols(Formula formula) {
    return formula.plain(Exact::toString);
  }
}
