package promedio.desktop.cli;

import java.util.Optional;
import promedio.core.message.Language;

/**
 * The language that a command line asks for. It is looked for before all else is read, since what
 * is wrong with the rest is told in it.
 */
final class LanguageOption {

  /** What it is called. */
  static final String NAME = "--language";

  private LanguageOption() {}

  /** {@return the code that is given last}; nothing where none is */
  private static Optional<String> code(String... arguments) {
    Optional<String> found = Optional.empty();
    for (int i = 0; i < arguments.length; i++) {
      if (arguments[i].equals("--")) {
        break;
      }
      if (arguments[i].startsWith(NAME + "=")) {
        found = Optional.of(arguments[i].substring(NAME.length() + 1));
      } else if (arguments[i].equals(NAME) && i + 1 < arguments.length) {
        found = Optional.of(arguments[i + 1]);
      }
    }
    return found;
  }

  /** {@return the language that is asked for}; nothing where none of ours is */
  static Optional<Language> of(String... arguments) {
    return code(arguments).flatMap(Language::of);
  }
}
