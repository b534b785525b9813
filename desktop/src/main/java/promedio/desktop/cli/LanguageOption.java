package promedio.desktop.cli;

import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.ScopeType;
import picocli.CommandLine.TypeConversionException;
import promedio.core.message.Language;
import promedio.core.message.Texts;
import promedio.desktop.window.shell.PromedioApplication;

/**
 * The language that a command line asks for. It is looked for before all else is read, since what
 * is wrong with the rest is told in it.
 */
final class LanguageOption {

  /** What it is called. */
  static final String NAME = "--language";

  private LanguageOption() {}

  /** {@return the option as every command has it, whatever the place where it stands} */
  static OptionSpec spec() {
    return OptionSpec.builder(NAME)
        .type(Language.class)
        .converters(LanguageOption::read)
        .paramLabel("${bundle:label.code}")
        .descriptionKey("option.language")
        .scopeType(ScopeType.INHERIT)
        .setter(LanguageOption::speak)
        .build();
  }

  private static Language read(String code) {
    return Language.of(code)
        .orElseThrow(
            () ->
                new TypeConversionException(
                    Texts.of(
                        "input.language",
                        code,
                        Language.all().stream()
                            .map(Language::code)
                            .collect(Collectors.joining(", ")))));
  }

  /** The setter of picocli: it is called without a language where none is given. */
  private static <T> @Nullable T speak(@Nullable T language) {
    if (language instanceof Language asked) {
      Language.speak(asked);
      PromedioApplication.speakAsAsked();
    }
    return language;
  }

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
