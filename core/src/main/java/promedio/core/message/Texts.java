package promedio.core.message;

import java.util.Arrays;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The sentences of the whole program, each under its key, in the language that is spoken. Where a
 * language lacks one, it is said in English.
 */
public final class Texts {

  private static final String ENGLISH = "en";

  private Texts() {}

  /** {@return the sentence of the key with the arguments put in} */
  public static String of(String key, Object... arguments) {
    return Sentence.of(pattern(key), arguments);
  }

  /** {@return the sentence of the key, to be put into words when it is told} */
  public static Message message(String key, Object... arguments) {
    return new Message(key, Arrays.stream(arguments).map(String::valueOf).toList());
  }

  /** {@return the exception of input that cannot be used, with the sentence of the key} */
  public static BadInputException refusal(String key, Object... arguments) {
    return new BadInputException(message(key, arguments));
  }

  /** {@return the same where another failure led to it} */
  public static BadInputException refusal(Throwable cause, String key, Object... arguments) {
    return new BadInputException(message(key, arguments), cause);
  }

  /** {@return whether there is a sentence of the key} */
  public static boolean has(String key) {
    return LanguageFiles.sentence(ENGLISH, key).isPresent();
  }

  /**
   * {@return how the language that is spoken writes a symbol, in plain characters and in LaTeX};
   * nothing where it writes it as English does
   *
   * @param plain the symbol in plain characters, as it is in English
   */
  public static Optional<Map.Entry<String, String>> symbol(String plain) {
    String both =
        LanguageFiles.file(Language.current().code() + "/symbols")
            .getProperty(plain.replace(' ', '-'));
    return Optional.ofNullable(both)
        .map(
            text ->
                Map.entry(
                    text.substring(0, text.indexOf('|')), text.substring(text.indexOf('|') + 1)));
  }

  /**
   * {@return the texts of a file of a language by their keys, in the order of the keys}
   *
   * @param name the name of the file without its ending, such as {@code how-to}
   */
  public static Map<String, String> file(Language language, String name) {
    return file(language.code() + "/" + name);
  }

  /** {@return the entries of a file that is the same in every language, by their keys} */
  public static Map<String, String> file(String name) {
    Map<String, String> texts = new TreeMap<>();
    LanguageFiles.file(name)
        .forEach((key, text) -> texts.put(String.valueOf(key), String.valueOf(text)));
    return texts;
  }

  private static String pattern(String key) {
    return LanguageFiles.sentence(Language.current().code(), key)
        .or(() -> LanguageFiles.sentence(ENGLISH, key))
        .orElseThrow(() -> new MissingResourceException("no text", "promedio.languages", key));
  }
}
