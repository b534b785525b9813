package promedio.core.message;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The words that are read where a person types, such as {@code under} before the limit of a class.
 * Those of every language are read, whichever is spoken: a question in one language is often worked
 * by somebody who uses the program in another.
 */
public final class TypedWords {

  private static final Map<String, Set<String>> KNOWN = new ConcurrentHashMap<>();

  private TypedWords() {}

  /** {@return the words of this meaning in all languages, in small letters} */
  public static Set<String> of(String key) {
    return KNOWN.computeIfAbsent(key, each -> stream(each).collect(Collectors.toUnmodifiableSet()));
  }

  /** {@return the usual word of this meaning in the language that is spoken} */
  public static String usual(String key) {
    return Stream.of(Language.current().code(), "en")
        .flatMap(language -> words(language, key).stream())
        .findFirst()
        .orElse(key);
  }

  /** {@return whether a text is a word of this meaning} */
  public static boolean says(String key, String text) {
    return of(key).contains(text.strip().toLowerCase(Locale.ROOT).replace('\'', '’'));
  }

  /** {@return a pattern of any word of this meaning, longer ones first, to be part of others} */
  public static String pattern(String key) {
    return stream(key)
        .sorted((a, b) -> b.length() - a.length())
        .map(
            word ->
                Stream.of(word.split(" ")).map(Pattern::quote).collect(Collectors.joining("\\s+")))
        .collect(Collectors.joining("|"));
  }

  private static Stream<String> stream(String key) {
    return LanguageFiles.typed().stream()
        .flatMap(language -> words(language, key).stream())
        .map(word -> word.toLowerCase(Locale.ROOT))
        .distinct();
  }

  private static List<String> words(String language, String key) {
    String words = LanguageFiles.file(language + "/typed").getProperty(key, "");
    return Stream.of(words.split("\\|")).map(String::strip).filter(w -> !w.isEmpty()).toList();
  }
}
