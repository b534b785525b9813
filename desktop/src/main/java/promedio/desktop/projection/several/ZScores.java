package promedio.desktop.projection.several;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.number.Real;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.Analysis;

/**
 * Values of samples with scales of their own, side by side: each as so many standard deviations
 * from the mean of its sample.
 */
public final class ZScores {

  /** More samples are not lined up. */
  private static final int MOST = 12;

  private ZScores() {}

  /**
   * The score of a value in its sample.
   *
   * @param subset the sample
   * @param request asks for the score
   * @param shown the score as it is shown, or why there is none; empty while it is covered
   * @param score the score itself, where there is one
   */
  public record Line(DataSubset subset, Request request, String shown, Optional<Real> score) {}

  /** {@return the samples whose values can be lined up}; none where they are too many */
  public static List<DataSubset> samples(Analysis now) {
    List<DataSubset> groups = DataSubset.eachGroup(now.typed().data());
    return groups.size() > MOST ? List.of() : groups;
  }

  /** {@return the score of what is typed for a sample}; nothing where that is no number */
  public static Optional<Line> line(Analysis now, DataSubset subset, String typed) {
    if (!(NumberText.read(typed.strip(), now.sign()) instanceof Reading.Numeral numeral)) {
      return Optional.empty();
    }
    Exact value = numeral.value();
    Request request = Request.of(Measures.Z_SCORE, value);
    return now.in(subset)
        .map(
            sample -> {
              if (sample.isCovered(request) || sample.coversAny(Measures.MEAN, Measures.SD)) {
                return new Line(subset, request, Texts.of("cover.result"), Optional.empty());
              }
              Result result = sample.computation().result(request);
              String shown =
                  result
                      .number()
                      .map(number -> sample.numbers().in("").result(number))
                      .orElseGet(() -> Texts.of("result.none"));
              return new Line(subset, request, shown, result.number());
            });
  }

  /** {@return which of the values is farthest above its mean}; empty for fewer than two scores */
  public static String told(List<Line> lines, Map<DataSubset, String> typed) {
    List<Line> scored = new ArrayList<>(lines);
    scored.removeIf(line -> line.score().isEmpty());
    if (scored.size() < 2) {
      return "";
    }
    Comparator<Line> byScore =
        Comparator.comparing(line -> line.score().orElseThrow().significant(30));
    Line highest = scored.stream().max(byScore).orElseThrow();
    Line lowest = scored.stream().min(byScore).orElseThrow();
    return byScore.compare(highest, lowest) == 0
        ? Texts.of("z-scores.same")
        : Texts.of(
            "z-scores.highest",
            typed.getOrDefault(highest.subset(), ""),
            highest.subset().groups().get(0),
            highest.shown(),
            typed.getOrDefault(lowest.subset(), ""),
            lowest.subset().groups().get(0),
            lowest.shown());
  }
}
