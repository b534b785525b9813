package promedio.desktop.cli;

import java.util.List;
import java.util.stream.Collectors;
import picocli.CommandLine.MissingParameterException;
import picocli.CommandLine.Model.ArgSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.OverwrittenOptionException;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.TypeConversionException;
import picocli.CommandLine.UnmatchedArgumentException;
import promedio.core.message.Texts;
import promedio.files.Reasons;

/** What is wrong with how a command was called, in our own words. */
final class WrongUse {

  private WrongUse() {}

  /** {@return what is wrong, in one sentence} */
  static String of(ParameterException failure) {
    if (failure instanceof UnmatchedArgumentException unmatched) {
      List<String> unknown = unmatched.getUnmatched();
      boolean takesValues =
          failure.getCommandLine().getCommandSpec().findOption("--values") != null;
      String key =
          unmatched.isUnknownOption()
              ? "use.unknown-option"
              : takesValues ? "use.unquoted" : "use.unknown-argument";
      return Texts.of(key, Reasons.shown(String.join(" ", unknown)));
    }
    if (failure instanceof MissingParameterException missing) {
      return Texts.of(
          "use.missing",
          missing.getMissing().stream().map(WrongUse::name).collect(Collectors.joining(", ")));
    }
    if (failure instanceof OverwrittenOptionException twice) {
      return Texts.of("use.twice", name(twice.getOverwritten()));
    }
    ArgSpec argument = failure.getArgSpec();
    if (argument != null && failure.getValue() != null) {
      return Texts.of("use.value", name(argument), Reasons.shown(failure.getValue()), why(failure));
    }
    return String.valueOf(failure.getMessage());
  }

  private static String name(ArgSpec argument) {
    return argument instanceof OptionSpec option ? option.longestName() : argument.paramLabel();
  }

  /** Why a value cannot be taken: what its reader says, or what the values are. */
  private static String why(ParameterException failure) {
    if (failure.getCause() instanceof TypeConversionException reader) {
      return String.valueOf(reader.getMessage());
    }
    Iterable<String> values = failure.getArgSpec().completionCandidates();
    return values == null
        ? Texts.of("use.no-number")
        : Texts.of("use.one-of", String.join(", ", values));
  }
}
