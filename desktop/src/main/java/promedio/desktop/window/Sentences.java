package promedio.desktop.window;

import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.rules.Rule;
import promedio.desktop.Texts;
import promedio.desktop.work.Reckoning;
import promedio.desktop.work.Results;

/** What a measure says about a sample, in a sentence. */
final class Sentences {

  private Sentences() {}

  /** {@return the sentence, or why there is no result} */
  static String about(Measure measure, Result result, Reckoning reckoning) {
    if (result instanceof Result.Absent absent) {
      return Texts.of("about.absent", absent.why().text());
    }
    String unit = reckoning.item().unit().isEmpty() ? "" : " " + reckoning.item().unit();
    String value = Results.shown(result, measure, reckoning);
    String n = reckoning.typed().data().tally().total().toString();
    Measure asked =
        measure == Measure.SKEWNESS
            ? Measure.called(reckoning.rules().get(Rule.SKEWNESS))
            : measure;
    return Texts.of(key(asked, result), value + unit, value, n, absolute(value));
  }

  private static String key(Measure measure, Result result) {
    String base = "about." + measure.key();
    if (result instanceof Result.Several several) {
      return base + (several.values().size() == 1 ? ".one" : ".several");
    }
    String signed = base + sign(result);
    return Texts.has(signed) ? signed : base;
  }

  private static String sign(Result result) {
    int signum = result.number().orElseThrow().signum();
    return signum > 0 ? ".positive" : signum < 0 ? ".negative" : ".zero";
  }

  private static String absolute(String value) {
    return value.replace("−", "");
  }
}
