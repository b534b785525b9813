package promedio.desktop.howto;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.message.Texts;

/**
 * Finds topics by the words of the trade, by everyday words, by symbols, and by near misses of
 * spelling. What is typed may be unfinished.
 */
public final class TopicSearch {

  /** Words of the title count most, those that it is found by nearly as much, its text little. */
  private static final double TITLE = 10;

  private static final double WORDS = 8;
  private static final double TEXT = 1;

  private static final double ALL_OF_IT = 30;
  private static final double ITS_BEGINNING = 9;

  private final List<Entry> entries = new ArrayList<>();
  private final Set<String> idle;

  /** A topic with what each of its words counts. */
  private record Entry(Topic topic, List<String> phrases, Map<String, Double> weights) {}

  /** Makes an index of these topics. */
  public TopicSearch(Topics topics) {
    idle = Set.copyOf(tokens(Texts.of("howto.idle-words")));
    for (Topic topic : topics.all()) {
      Map<String, Double> weights = new HashMap<>();
      List<String> phrases = new ArrayList<>();
      phrases.add(plain(topic.title()));
      topic.words().forEach(words -> phrases.add(plain(words)));
      weigh(weights, topic.what() + " " + topic.hand() + " " + topic.window(), TEXT);
      topic.words().forEach(words -> weigh(weights, words, WORDS));
      weigh(weights, topic.title(), TITLE);
      entries.add(new Entry(topic, phrases, weights));
    }
  }

  private static void weigh(Map<String, Double> weights, String text, double weight) {
    tokens(text).forEach(token -> weights.merge(token, weight, Math::max));
  }

  /** {@return what the words lead to, the likeliest first}; all in order where nothing is typed */
  public List<Topic> find(String typed) {
    List<String> wanted = tokens(typed).stream().filter(token -> !idle.contains(token)).toList();
    if (wanted.isEmpty()) {
      return tokens(typed).isEmpty()
          ? entries.stream().map(Entry::topic).toList()
          : find(entries, tokens(typed), plain(typed));
    }
    return find(entries, wanted, String.join(" ", wanted));
  }

  private static List<Topic> find(List<Entry> entries, List<String> wanted, String whole) {
    Map<Topic, Double> scores = new HashMap<>();
    for (Entry entry : entries) {
      double score = score(entry, wanted, whole);
      if (score > 0) {
        scores.put(entry.topic(), score);
      }
    }
    return entries.stream()
        .map(Entry::topic)
        .filter(scores::containsKey)
        .sorted(Comparator.comparing(scores::get, Comparator.reverseOrder()))
        .toList();
  }

  /** 0 where one of the words leads nowhere. */
  private static double score(Entry entry, List<String> wanted, String whole) {
    double score = 0;
    for (String word : wanted) {
      double best = 0;
      for (Map.Entry<String, Double> known : entry.weights().entrySet()) {
        best = Math.max(best, known.getValue() * likeness(word, known.getKey()));
      }
      if (best == 0) {
        return 0;
      }
      score += best;
    }
    double phrase = 0;
    for (int i = 0; i < entry.phrases().size(); i++) {
      String known = entry.phrases().get(i);
      // The title, and what is named first, is what a topic is about.
      double rank = 1 - Math.min(i, 8) / 20.0;
      if (known.equals(whole)) {
        phrase = Math.max(phrase, ALL_OF_IT * rank);
      } else if (known.startsWith(whole)) {
        phrase = Math.max(phrase, ITS_BEGINNING * rank);
      }
    }
    return score + phrase;
  }

  /** From 1 where the words are the same to 0 where they have nothing in common. */
  private static double likeness(String typed, String known) {
    if (typed.equals(known)) {
      return 1;
    }
    if (typed.length() >= 2 && known.startsWith(typed)) {
      return 0.8;
    }
    if (typed.length() >= 4 && known.contains(typed)) {
      return 0.5;
    }
    int allowed = typed.length() >= 7 ? 2 : typed.length() >= 4 ? 1 : 0;
    if (allowed == 0 || Math.abs(typed.length() - known.length()) > allowed) {
      return 0;
    }
    int distance = Spelling.distance(typed, known, allowed);
    return distance > allowed ? 0 : 0.7 - 0.2 * distance;
  }

  private static List<String> tokens(String text) {
    return Stream.of(plain(text).split("[\\s;,?!()«»“”\"]+"))
        .map(token -> token.length() > 2 ? token.replaceAll("[.:]+$", "") : token)
        .filter(token -> !token.isEmpty())
        .toList();
  }

  /** Small letters without the accents of letters; the bar of x̄ stays, for it makes a symbol. */
  private static String plain(String text) {
    StringBuilder plain = new StringBuilder();
    String composed = Normalizer.normalize(text.strip(), Normalizer.Form.NFC);
    composed
        .codePoints()
        .forEach(
            point -> {
              String one = Normalizer.normalize(Character.toString(point), Normalizer.Form.NFD);
              plain.appendCodePoint(Character.isLetter(point) ? one.codePointAt(0) : point);
            });
    return plain.toString().replace('-', ' ').replace('’', '\'').toLowerCase(Locale.ROOT);
  }
}
