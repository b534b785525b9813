package promedio.core.question;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.question.PrintedQuestion.Asked;

/** Finds the measures that the words of a part ask for, in the order of the words. */
final class AskedFinder {

  /** Sentences end at a stop before a space, at ? and !, and at a semicolon. */
  private static final Pattern SENTENCE =
      Pattern.compile("[^.?!;\\n]*(?:[.](?=\\S)[^.?!;\\n]*)*[.?!;\\n]?");

  /** “Draw … and find”, “compare them by finding”. */
  private static final Pattern LINKED =
      Pattern.compile("\\s(?:and|by|using|y|e|calculando|hallando)\\s");

  private static final String P_VALUE = "p_value";
  private static final String DEGREES = "degrees";

  /** Statistics of tests, with the degrees of freedom of each. */
  private static final Map<String, List<String>> TESTS =
      Map.of(
          "t_one", List.of("t_one_df"),
          "t_two", List.of("t_two_df"),
          "t_paired", List.of("t_paired_df"),
          "f", List.of("df_between", "df_within"),
          "chi_squared", List.of("chi_squared_df"));

  private static final List<String> FIVE = List.of("min", "q1", "median", "q3", "max");
  private static final List<String> OF_PAIRS = List.of("slope", "intercept", "correlation");

  private final Words words;
  private final Numerals numerals;

  AskedFinder(Words words, Numerals numerals) {
    this.words = words;
    this.numerals = numerals;
  }

  /**
   * What some words ask.
   *
   * @param start where they begin
   * @param end where they end
   * @param asked what they ask; “quartiles” asks two measures
   */
  record Seen(int start, int end, List<Asked> asked) {

    Seen {
      asked = List.copyOf(asked);
    }

    private Seen movedBy(int by) {
      return new Seen(start + by, end + by, asked);
    }
  }

  /** Part of a sentence, and where in the sentence it begins. */
  private record Piece(String text, int start) {}

  /**
   * {@return what the words ask, where they first ask it}
   *
   * @param labelled whether they are a part of their own, so that a bare name asks
   */
  List<Seen> find(String text, boolean labelled) {
    JoinedLines joined = JoinedLines.of(text);
    List<Seen> seen = new ArrayList<>();
    Set<Asked> known = new HashSet<>();
    Matcher sentences = SENTENCE.matcher(joined.text());
    boolean asking = labelled;
    while (sentences.find()) {
      String sentence = sentences.group();
      if (sentence.isBlank()) {
        continue;
      }
      boolean asks = words.says("asking", sentence) || sentence.strip().endsWith("?");
      if (asks || asking) {
        Piece piece = withoutOther(sentence);
        for (Seen each : measures(piece.text())) {
          add(each.movedBy(sentences.start() + piece.start()), seen, known);
        }
      }
      if (!labelled) {
        asking = false;
      }
    }
    predict(joined.text(), seen);
    return ofTests(seen).stream()
        .map(each -> new Seen(joined.at(each.start()), joined.at(each.end()), each.asked()))
        .toList();
  }

  /** “p-value” and “degrees of freedom” are those of the test that is asked beside them. */
  private static List<Seen> ofTests(List<Seen> seen) {
    Optional<Asked> test =
        seen.stream()
            .flatMap(each -> each.asked().stream())
            .filter(each -> TESTS.containsKey(each.measure()))
            .findFirst();
    List<Seen> resolved = new ArrayList<>();
    for (Seen each : seen) {
      List<Asked> asked = each.asked().stream().flatMap(one -> ofTest(one, test).stream()).toList();
      if (!asked.isEmpty()) {
        resolved.add(new Seen(each.start(), each.end(), asked));
      }
    }
    return resolved;
  }

  private static List<Asked> ofTest(Asked asked, Optional<Asked> test) {
    if (asked.measure().equals(P_VALUE)) {
      return test.map(each -> List.of(new Asked(each.measure() + "_p", each.with())))
          .orElse(List.of());
    }
    if (asked.measure().equals(DEGREES)) {
      return test.map(
              each ->
                  TESTS.get(each.measure()).stream()
                      .map(key -> new Asked(key, each.with()))
                      .toList())
          .orElse(List.of());
    }
    return List.of(asked);
  }

  private static void add(Seen each, List<Seen> seen, Set<Asked> known) {
    List<Asked> more = each.asked().stream().filter(known::add).toList();
    if (!more.isEmpty()) {
      seen.add(new Seen(each.start(), each.end(), more));
    }
  }

  /** What is said after asking for a drawing or a comment asks for no number. */
  private Piece withoutOther(String sentence) {
    Matcher other = words.pattern("other").matcher(sentence);
    if (!other.find()) {
      return new Piece(sentence, 0);
    }
    String before = sentence.substring(0, other.start());
    if (words.says("asking", before)) {
      return new Piece(before, 0);
    }
    // “Draw a box plot and find the range” asks once it comes to finding.
    Matcher asking = words.pattern("asking").matcher(sentence);
    return asking.find(other.end())
            && LINKED.matcher(sentence.substring(other.end(), asking.start())).find()
        ? new Piece(sentence.substring(asking.start()), asking.start())
        : new Piece("", 0);
  }

  private List<Seen> measures(String sentence) {
    StringBuilder left = new StringBuilder(sentence);
    blank(left, words.pattern("idle"));
    List<Seen> found = new ArrayList<>();
    for (Map.Entry<String, Pattern> measure : words.measures()) {
      Matcher matcher = measure.getValue().matcher(left.toString());
      while (matcher.find()) {
        asked(measure.getKey(), matcher)
            .ifPresent(asks -> found.add(new Seen(matcher.start(), matcher.end(), asks)));
        for (int i = matcher.start(); i < matcher.end(); i++) {
          left.setCharAt(i, ' ');
        }
      }
    }
    found.sort(Comparator.comparing(Seen::start));
    return found;
  }

  private static void blank(StringBuilder text, Pattern pattern) {
    Matcher matcher = pattern.matcher(text.toString());
    while (matcher.find()) {
      for (int i = matcher.start(); i < matcher.end(); i++) {
        text.setCharAt(i, ' ');
      }
    }
  }

  private Optional<List<Asked>> asked(String key, Matcher match) {
    Optional<String> with =
        Words.group(match, "with")
            .or(() -> Words.group(match, "with2"))
            .or(() -> Words.group(match, "with3"))
            .flatMap(numerals::plain);
    return switch (key) {
      case "quartiles" -> Optional.of(List.of(Asked.of("q1"), Asked.of("q3")));
      case "q1q3" -> Optional.of(List.of(Asked.of("q1"), Asked.of("q3")));
      case "five" -> Optional.of(FIVE.stream().map(Asked::of).toList());
      case "fences" -> Optional.of(List.of(Asked.of("lower_fence"), Asked.of("upper_fence")));
      case "regression" -> Optional.of(List.of(Asked.of("slope"), Asked.of("intercept")));
      case "decile" ->
          with.map(Integer::valueOf)
              .or(() -> Words.group(match, "word").flatMap(words::ordinal))
              .map(number -> List.of(Asked.with("percentile", String.valueOf(10 * number))));
      case "trimmed_mean" -> with.map(percent -> List.of(Asked.with(key, share(percent))));
      case "interval" ->
          with.map(
              level ->
                  List.of(
                      Asked.with("interval_mean_lower", level),
                      Asked.with("interval_mean_upper", level)));
      case "percentile", "percentile_rank", "z_score", "t_one" ->
          with.map(number -> List.of(Asked.with(key, number)));
      default -> Optional.of(List.of(Asked.of(key)));
    };
  }

  private static String share(String percent) {
    return new BigDecimal(percent).movePointLeft(2).stripTrailingZeros().toPlainString();
  }

  /** Once a line is asked for, an estimate at a number is a prediction. */
  private void predict(String text, List<Seen> seen) {
    boolean line =
        seen.stream()
            .flatMap(each -> each.asked().stream())
            .anyMatch(each -> OF_PAIRS.contains(each.measure()));
    Matcher matcher = words.pattern("predict").matcher(text);
    boolean alone = seen.isEmpty();
    if ((line || alone) && matcher.find()) {
      Words.group(matcher, "with")
          .flatMap(numerals::plain)
          .ifPresent(
              number ->
                  seen.add(
                      new Seen(
                          matcher.start(),
                          matcher.end(),
                          List.of(Asked.with("prediction", number)))));
    }
  }
}
