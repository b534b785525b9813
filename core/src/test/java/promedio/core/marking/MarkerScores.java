package promedio.core.marking;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.ToIntFunction;
import promedio.core.number.DecimalSign;
import promedio.core.number.Real;

/** Marks answers with a single slip in them, and counts how often it is found. */
final class MarkerScores {

  /** Where the slip that was made stands among the explanations. */
  enum Place {
    FIRST,
    FIRST_THREE,
    LATER,
    NOT
  }

  /**
   * What became of one answer.
   *
   * @param made the answer
   * @param place where its slip stands
   * @param named whether its value is named too
   * @param first the code that stands first
   */
  record Outcome(Slipped made, Place place, boolean named, String first) {}

  private final List<Outcome> outcomes = new ArrayList<>();

  /** {@return the scores of so many answers for each code and kind of data} */
  static MarkerScores of(int each, long seed) {
    MarkerScores scores = new MarkerScores();
    SlipMaker maker = new SlipMaker(seed);
    SlipMaker.CODES.forEach(
        (kind, codes) -> {
          for (String code : codes) {
            int found = 0;
            for (int tries = 0; found < each && tries < 400 * each; tries++) {
              Optional<Slipped> made = maker.make(kind, code);
              if (made.isPresent()) {
                scores.outcomes.add(judged(made.get()));
                found++;
              }
            }
            if (found < each) {
              throw new IllegalStateException(code + " changes nothing in " + kind);
            }
          }
        });
    return scores;
  }

  private static Outcome judged(Slipped made) {
    Mark mark =
        Marker.of(Problem.of(made.data(), made.rules(), made.measure()))
            .mark(made.answer(), DecimalSign.POINT);
    List<String> codes = mark.explanations().stream().map(e -> e.cause().code()).toList();
    int at = codes.indexOf(made.code());
    Place place =
        at == 0 ? Place.FIRST : at < 0 ? Place.NOT : at < 3 ? Place.FIRST_THREE : Place.LATER;
    boolean named = at >= 0 && isNamed(made.params(), mark.explanations().get(at).params());
    return new Outcome(made, place, named, codes.isEmpty() ? "none" : codes.get(0));
  }

  private static boolean isNamed(Map<String, String> made, Map<String, String> told) {
    return made.entrySet().stream()
        .allMatch(
            e ->
                Arrays.asList(told.getOrDefault(e.getKey(), "").split(",", -1))
                    .contains(e.getValue()));
  }

  List<Outcome> outcomes() {
    return outcomes;
  }

  /** {@return the share of answers whose slip stands there or before} */
  double share(Place place) {
    return share(outcomes, place);
  }

  static double share(List<Outcome> some, Place place) {
    ToIntFunction<Outcome> rank = outcome -> outcome.place().compareTo(place);
    return (double) some.stream().filter(o -> rank.applyAsInt(o) <= 0).count() / some.size();
  }

  /** {@return the share of the slips found that are named with their value} */
  double named() {
    List<Outcome> found =
        outcomes.stream().filter(o -> o.place().compareTo(Place.FIRST_THREE) <= 0).toList();
    return (double) found.stream().filter(Outcome::named).count() / found.size();
  }

  /** {@return the outcomes by code} */
  Map<String, List<Outcome>> byCode() {
    Map<String, List<Outcome>> byCode = new TreeMap<>();
    outcomes.forEach(
        o -> byCode.computeIfAbsent(o.made().code(), code -> new ArrayList<>()).add(o));
    return byCode;
  }

  /**
   * {@return of numbers drawn within a fifth of the result the share that something explains}
   *
   * @param kind raw, table or classes
   * @param digits how many significant digits they are written with
   */
  static double falseAlarms(String kind, int digits, int tries, long seed) {
    SlipMaker maker = new SlipMaker(seed);
    Random random = new Random(seed);
    int explained = 0;
    int asked = 0;
    while (asked < tries) {
      Problem problem = maker.problem(kind);
      Optional<Real> right = problem.right().number().filter(result -> result.signum() != 0);
      if (right.isPresent()) {
        BigDecimal factor = BigDecimal.valueOf(0.8 + 0.4 * random.nextDouble());
        BigDecimal drawn =
            right.get().significant(20).multiply(factor).round(new MathContext(digits));
        Mark mark = Marker.of(problem).mark(drawn.toPlainString(), DecimalSign.POINT);
        if (!mark.agrees()) {
          asked++;
          explained += mark.explanations().isEmpty() ? 0 : 1;
        }
      }
    }
    return (double) explained / asked;
  }

  /** {@return the scores in lines: over all, by kind of data, by code, and of random numbers} */
  List<String> lines(int randomNumbers) {
    List<String> lines = new ArrayList<>();
    lines.add(line("all", outcomes));
    for (String kind : SlipMaker.CODES.keySet()) {
      lines.add(line(kind, outcomes.stream().filter(o -> o.made().kind().equals(kind)).toList()));
    }
    lines.add(String.format(Locale.ROOT, "named %.3f", named()));
    byCode()
        .forEach(
            (code, some) -> {
              Map<String, Integer> others = new TreeMap<>();
              some.stream()
                  .filter(o -> o.place() != Place.FIRST)
                  .forEach(o -> others.merge(o.first(), 1, Integer::sum));
              lines.add(line(code, some) + " " + others);
            });
    for (String kind : SlipMaker.CODES.keySet()) {
      for (int digits = 2; digits <= 5; digits++) {
        lines.add(
            String.format(
                Locale.ROOT,
                "%s, random numbers of %d significant digits: %.3f explained",
                kind,
                digits,
                falseAlarms(kind, digits, randomNumbers, 3)));
      }
    }
    return lines;
  }

  private static String line(String name, List<Outcome> some) {
    return String.format(
        Locale.ROOT,
        "%-28s %6d answers, first %.3f, first three %.3f",
        name,
        some.size(),
        share(some, Place.FIRST),
        share(some, Place.FIRST_THREE));
  }
}
