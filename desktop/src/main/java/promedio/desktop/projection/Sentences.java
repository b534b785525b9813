package promedio.desktop.projection;

import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.Texts;
import promedio.core.number.NumberText;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;
import promedio.files.report.TaskTexts;

/** What a measure says about a sample, in a sentence. */
public final class Sentences {

  private Sentences() {}

  /** {@return the sentence, or why there is no result} */
  public static String about(Request request, Result result, Analysis analysis) {
    if (result instanceof Result.Absent absent) {
      return Texts.of("about.absent", absent.why().text());
    }
    if (result instanceof Result.Named named) {
      return ofCategories(named, analysis);
    }
    if (request.decides() && result instanceof Result.Estimated p) {
      CourseRules rules = analysis.rules();
      return Texts.of(
          rules.reject(p.value().decimal()) ? "about.rejected" : "about.not-rejected",
          NumberText.write(rules.get(Rule.ALPHA), analysis.sign()));
    }
    String unit = analysis.item().unit().isEmpty() ? "" : " " + analysis.item().unit();
    String value = Results.shown(result, request, analysis);
    String n = analysis.typed().data().total().toString();
    Measure asked = request.meant(analysis.rules()).measure();
    String argument =
        TaskTexts.arguments(request, analysis.numbers()).stream().findFirst().orElse("");
    String key = special(asked, analysis).orElseGet(() -> key(asked, result));
    return Texts.of(key, value + unit, value, n, absolute(value), argument);
  }

  /** What is true of the measure by some rules or of some data only. */
  private static Optional<String> special(Measure asked, Analysis analysis) {
    if (asked == Measures.VARIANCE && analysis.rules().get(Rule.DIVISOR) == Divisor.N) {
      return Optional.of("about.variance.population");
    }
    // In classes nobody knows how many values lie on either side.
    return asked == Measures.MEDIAN && analysis.typed().data().classes().isPresent()
        ? Optional.of("about.median.grouped")
        : Optional.empty();
  }

  private static String ofCategories(Result.Named modes, Analysis analysis) {
    Data categories = analysis.typed().data();
    String times =
        categories.categories().map(counted -> counted.highestFrequency().toString()).orElse("");
    return Texts.of(
        modes.names().size() == 1 ? "about.modes.name" : "about.modes.names",
        Results.shown(modes, Request.of(Measures.MODES), analysis),
        times,
        categories.total().toString());
  }

  private static String key(Measure measure, Result result) {
    String base = "about." + measure.key();
    if (result instanceof Result.Several several) {
      return base + (several.values().size() == 1 ? ".one" : ".several");
    }
    String signed = base + result.number().map(Sentences::sign).orElse("");
    return Texts.has(signed) ? signed : base;
  }

  private static String sign(Real number) {
    int signum = number.signum();
    return signum > 0 ? ".positive" : signum < 0 ? ".negative" : ".zero";
  }

  private static String absolute(String value) {
    return value.replace("−", "");
  }
}
