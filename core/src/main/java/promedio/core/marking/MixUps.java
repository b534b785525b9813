package promedio.core.marking;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.measure.Result.Found;
import promedio.core.measure.Result.Several;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Data;

/** Something else was given than what was asked. */
final class MixUps {

  /** What may be mistaken for a measure, by the names that slips have for them. */
  private static final Map<String, Measure> MISTAKEN = new LinkedHashMap<>();

  /** Mistakes that have a cause of their own, by what was asked and what was given. */
  private static final Map<Measure, Map<Measure, Cause>> OWN = new EnumMap<>(Measure.class);

  static {
    MISTAKEN.put("mean", Measure.MEAN);
    MISTAKEN.put("median", Measure.MEDIAN);
    MISTAKEN.put("mode", Measure.MODES);
    for (Measure each :
        List.of(
            Measure.MIDRANGE,
            Measure.Q1,
            Measure.Q3,
            Measure.MIN,
            Measure.MAX,
            Measure.RANGE,
            Measure.IQR,
            Measure.QUARTILE_DEVIATION,
            Measure.MEAN_DEVIATION,
            Measure.VARIANCE,
            Measure.SD,
            Measure.STANDARD_ERROR)) {
      MISTAKEN.put(each.key(), each);
    }
    OWN.put(
        Measure.SD,
        Map.of(
            Measure.VARIANCE, Cause.ROOT_NOT_TAKEN,
            Measure.MEAN_DEVIATION, Cause.DEVIATIONS_NOT_SQUARED));
    OWN.put(
        Measure.VARIANCE,
        Map.of(
            Measure.SD, Cause.ROOT_TAKEN,
            Measure.MEAN_DEVIATION, Cause.DEVIATIONS_NOT_SQUARED));
    OWN.put(Measure.QUARTILE_DEVIATION, Map.of(Measure.IQR, Cause.IQR_NOT_HALVED));
    OWN.put(Measure.IQR, Map.of(Measure.QUARTILE_DEVIATION, Cause.IQR_HALVED));
  }

  private static final Set<Measure> SKEWNESSES =
      Set.of(
          Measure.SKEWNESS_ADJUSTED,
          Measure.SKEWNESS_MOMENT,
          Measure.SKEWNESS_MOMENT_S,
          Measure.SKEWNESS_PEARSON_MEDIAN,
          Measure.SKEWNESS_PEARSON_MODE,
          Measure.SKEWNESS_QUARTILE);

  private MixUps() {}

  static void find(Question question, Candidates out) {
    Measure asked = question.measure();
    MISTAKEN.forEach(
        (name, given) -> {
          Cause own = OWN.getOrDefault(asked, Map.of()).get(given);
          if (own != null) {
            out.add(own, question.measures().get(given));
          } else if (given != asked) {
            out.add(Cause.OTHER_MEASURE, single(question.measures().get(given)), "measure", name);
          }
        });
    if (asked == Measure.MODES) {
      out.add(Cause.FREQUENCY_GIVEN, new Several(List.of(highestFrequency(question.data()))));
    }
    if (question.right() instanceof Found right) {
      findMade(asked, right.value(), out);
    }
  }

  /** What becomes of the right result by a last step left out or turned. */
  private static void findMade(Measure asked, Exact right, Candidates out) {
    if (asked == Measure.CV) {
      out.add(Cause.PERCENT_LEFT_OUT, new Found(right.over(100)));
    }
    if (SKEWNESSES.contains(asked)) {
      out.add(Cause.SIGN_REVERSED, new Found(right.negate()));
    }
    if (asked == Measure.SKEWNESS_PEARSON_MEDIAN) {
      out.add(Cause.FACTOR_THREE_LEFT_OUT, new Found(right.over(3)));
    }
  }

  /** One mode may be given for another measure; several are not. */
  private static Result single(Result result) {
    return result instanceof Several several && several.values().size() == 1
        ? new Found(several.values().get(0))
        : result;
  }

  private static Exact highestFrequency(Data data) {
    return data instanceof ClassTable table
        ? table.rows().stream()
            .map(ClassTable.Row::frequency)
            .max(Exact::compareTo)
            .orElse(Exact.ZERO)
        : data.tally().highestFrequency();
  }
}
