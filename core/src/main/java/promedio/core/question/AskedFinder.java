package promedio.core.question;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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

  private static final List<String> FIVE = List.of("min", "q1", "median", "q3", "max");
  private static final List<String> OF_PAIRS = List.of("slope", "intercept", "correlation");

  private final Words words;
  private final Numerals numerals;

  AskedFinder(Words words, Numerals numerals) {
    this.words = words;
    this.numerals = numerals;
  }

  /** What is asked, where it stands. */
  private record At(int start, List<Asked> asked) {}

  /**
   * {@return what the words ask}
   *
   * @param labelled whether they are a part of their own, so that a bare name asks
   */
  List<Asked> find(String text, boolean labelled) {
    List<Asked> asked = new ArrayList<>();
    Matcher sentences = SENTENCE.matcher(joined(text));
    boolean asking = labelled;
    while (sentences.find()) {
      String sentence = sentences.group();
      if (sentence.isBlank()) {
        continue;
      }
      boolean asks = words.says("asking", sentence) || sentence.strip().endsWith("?");
      String part = withoutOther(sentence);
      if (asks || asking) {
        for (Asked each : measures(part)) {
          if (!asked.contains(each)) {
            asked.add(each);
          }
        }
      }
      if (!labelled) {
        asking = false;
      }
    }
    predict(text, asked);
    return asked;
  }

  /** Lines that go on in the next one are one sentence. */
  private static String joined(String text) {
    return text.replaceAll("(?<![.?!:;])[ \\t]*\\n(?=[ \\t]*[\\p{Ll}\\d(])", " ");
  }

  /** What is said after asking for a drawing or a comment asks for no number. */
  private String withoutOther(String sentence) {
    Matcher other = words.pattern("other").matcher(sentence);
    if (!other.find()) {
      return sentence;
    }
    String before = sentence.substring(0, other.start());
    if (words.says("asking", before)) {
      return before;
    }
    // “Draw a box plot and find the range” asks once it comes to finding.
    Matcher asking = words.pattern("asking").matcher(sentence);
    return asking.find(other.end())
            && LINKED.matcher(sentence.substring(other.end(), asking.start())).find()
        ? sentence.substring(asking.start())
        : "";
  }

  private List<Asked> measures(String sentence) {
    StringBuilder left = new StringBuilder(sentence);
    blank(left, words.pattern("idle"));
    List<At> found = new ArrayList<>();
    for (Map.Entry<String, Pattern> measure : words.measures()) {
      Matcher matcher = measure.getValue().matcher(left.toString());
      while (matcher.find()) {
        asked(measure.getKey(), matcher)
            .ifPresent(asks -> found.add(new At(matcher.start(), asks)));
        for (int i = matcher.start(); i < matcher.end(); i++) {
          left.setCharAt(i, ' ');
        }
      }
    }
    return found.stream()
        .sorted(Comparator.comparing(At::start))
        .flatMap(at -> at.asked().stream())
        .toList();
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
  private void predict(String text, List<Asked> asked) {
    boolean line = asked.stream().anyMatch(each -> OF_PAIRS.contains(each.measure()));
    Matcher matcher = words.pattern("predict").matcher(joined(text));
    boolean alone = asked.isEmpty();
    if ((line || alone) && matcher.find()) {
      Words.group(matcher, "with")
          .flatMap(numerals::plain)
          .ifPresent(number -> asked.add(Asked.with("prediction", number)));
    }
  }
}
