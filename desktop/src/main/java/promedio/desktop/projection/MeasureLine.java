package promedio.desktop.projection;

import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.sample.DataSubset;
import promedio.files.report.TaskTexts;

/**
 * What stands in the row of a measure beside the answer.
 *
 * @param symbol its symbol by the course rules
 * @param name what it is called
 * @param result its result, or that there is none
 * @param aside where what is tried out would move the result, or where it was before the rule that
 *     was just changed; empty where it stays
 * @param spoken name and result, for those who do not see the row
 */
public record MeasureLine(String symbol, String name, String result, String aside, String spoken) {

  /** {@return the row of what is asked of the chosen sample} */
  public static MeasureLine of(Request request, Analysis now, Projection all) {
    String name = TaskTexts.name(request, now.numbers());
    String result = now.shown(request);
    return new MeasureLine(
        now.asked(request).computation().symbol(request).plain(),
        name,
        result,
        aside(request, result, now, all),
        Texts.of("row.spoken", name, result));
  }

  private static String aside(Request request, String result, Analysis now, Projection all) {
    if (now.isCovered(request)) {
      return "";
    }
    WhatIf trial = all.trial();
    String then =
        trial == null
            ? result
            : trial.analysis().in(now.subset()).map(tried -> tried.shown(request)).orElse(result);
    if (!then.equals(result)) {
      return Texts.of("row.would-be", then);
    }
    String before = now.subset().equals(DataSubset.WHOLE) ? all.moved().get(request) : null;
    return before == null ? "" : Texts.of("row.was", before);
  }

  /** {@return whether the result moves, or was moved} */
  public boolean isMoved() {
    return !aside.isEmpty();
  }
}
