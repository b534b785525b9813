package promedio.core.question;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.message.Language;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;

/** The words of printed questions in one language. A language is a table of patterns. */
final class Words {

  /** The languages that are read. */
  private static final List<Words> ALL = Language.all().stream().map(Words::new).toList();

  /** So much of a text tells its language. */
  private static final int ENOUGH = 20_000;

  private final Language language;
  private final Map<String, String> table;
  private final Map<String, Pattern> patterns = new HashMap<>();
  private final List<Map.Entry<String, Pattern>> measures = new ArrayList<>();

  private Words(Language language) {
    this.language = language;
    this.table = Texts.file(language, "question");
    for (String key : table.keySet()) {
      Pattern pattern =
          Pattern.compile(table.get(key), Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
      if (key.startsWith("measure.")) {
        measures.add(Map.entry(key.substring(key.lastIndexOf('.') + 1), pattern));
      } else {
        patterns.put(key, pattern);
      }
    }
  }

  /** {@return the words of the language that the text is in, as far as that can be told} */
  static Words of(String text) {
    String begin = text.substring(0, Math.min(text.length(), ENOUGH));
    Words best = ALL.get(0);
    long most = -1;
    for (Words each : ALL) {
      long told = each.pattern("telling").matcher(begin).results().count();
      if (told > most) {
        best = each;
        most = told;
      }
    }
    return best;
  }

  /** {@return whether numbers of texts in this language usually have a decimal comma} */
  boolean usesComma() {
    return DecimalSign.of(language) == DecimalSign.COMMA;
  }

  /** {@return the keys of measures with what asks for them, longer words first} */
  List<Map.Entry<String, Pattern>> measures() {
    return measures;
  }

  /** {@return the pattern of the key} */
  Pattern pattern(String key) {
    Pattern pattern = patterns.get(key);
    if (pattern == null) {
      throw new IllegalArgumentException("no words for " + key);
    }
    return pattern;
  }

  /** {@return the pattern of the key as text, to be part of another one} */
  String text(String key) {
    return table.get(key);
  }

  boolean says(String key, String text) {
    return pattern(key).matcher(text).find();
  }

  /** {@return whether a text begins with what the key stands for} */
  boolean begin(String key, String text) {
    return pattern(key).matcher(text).lookingAt();
  }

  /** {@return the keys that begin so} */
  List<String> keys(String prefix) {
    return patterns.keySet().stream().filter(key -> key.startsWith(prefix)).sorted().toList();
  }

  /** {@return the number that a word or digits stand for} */
  Optional<Integer> number(String word) {
    List<String> names = List.of("one", "two", "three", "four", "five", "six");
    for (int i = 0; i < names.size(); i++) {
      if (pattern("number." + names.get(i)).matcher(word).matches()) {
        return Optional.of(i + 1);
      }
    }
    return word.matches("\\d{1,2}") ? Optional.of(Integer.parseInt(word)) : Optional.empty();
  }

  /** {@return the number that an ordinal stands for} */
  Optional<Integer> ordinal(String word) {
    List<String> names =
        List.of(
            "first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth");
    for (int i = 0; i < names.size(); i++) {
      if (pattern("ordinal." + names.get(i)).matcher(word).matches()) {
        return Optional.of(i + 1);
      }
    }
    return Optional.empty();
  }

  /** {@return what a named group of a match holds, if it has one of that name and it matched} */
  static Optional<String> group(Matcher match, String name) {
    return match.pattern().pattern().contains("(?<" + name + ">")
        ? Optional.ofNullable(match.group(name))
        : Optional.empty();
  }
}
