package promedio.desktop.cli;

import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;

/** Numbers behind options. */
final class NumberOption {

  private NumberOption() {}

  /**
   * {@return the number}
   *
   * @param option the option that it stands behind
   * @throws ParameterException if the text is none
   */
  static Exact read(String option, String text, CommandSpec spec) {
    if (NumberText.read(text, DecimalSign.POINT) instanceof Reading.Numeral read) {
      return read.value();
    }
    throw new ParameterException(spec.commandLine(), Texts.of("working.with-number", text, option));
  }
}
