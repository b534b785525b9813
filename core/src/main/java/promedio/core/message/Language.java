package promedio.core.message;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A language that the program speaks. One is spoken at a time, by all of the program: what a person
 * chose, or what the system speaks.
 *
 * @param code the code of ISO 639, such as {@code es}
 * @param name what it is called in itself
 * @param decimalSign the decimal sign that those who speak it write
 */
public record Language(String code, String name, char decimalSign) {

  private static final List<Language> ALL = LanguageFiles.languages();
  private static final Language ENGLISH = ALL.get(0);

  private static volatile Language current = ENGLISH;

  /** {@return every language there is, English first} */
  public static List<Language> all() {
    return ALL;
  }

  /** {@return the language of the code}; nothing where there is none */
  public static Optional<Language> of(String code) {
    return ALL.stream().filter(each -> each.code.equals(code)).findFirst();
  }

  /** {@return the language of the system, English where that is not among ours} */
  public static Language ofSystem() {
    return of(Locale.getDefault().getLanguage()).orElse(ENGLISH);
  }

  /** {@return the language that is spoken} */
  public static Language current() {
    return current;
  }

  /** Speaks this language from now on; what was said before stays as it is. */
  public static void speak(Language language) {
    current = language;
  }
}
