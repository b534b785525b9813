package promedio.files.report;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import promedio.core.number.DecimalSign;
import promedio.core.working.Working;

/** How a working is written. */
public enum WorkingFormat {
  /** Lines to read, the columns of the table under each other. */
  TEXT(TextWorking::text),
  /** The same with a table that documents understand. */
  MARKDOWN(TextWorking::markdown),
  /** For LaTeX, with the packages amsmath and cancel. */
  LATEX((title, numbers) -> new LatexWorking(title, numbers)),
  /** A page with its formulas in MathML. */
  HTML((title, numbers) -> new HtmlWorking(title, numbers)),
  /** For programs. */
  JSON((title, numbers) -> new WorkingJson(title, numbers));

  @SuppressWarnings("ImmutableEnumChecker") // makes a writer and keeps nothing
  private final BiFunction<String, ShownNumbers, WorkingWriter> writer;

  WorkingFormat(BiFunction<String, ShownNumbers, WorkingWriter> writer) {
    this.writer = writer;
  }

  /** {@return its name on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** {@return the decimal sign of its numbers}; people have that of their language */
  public DecimalSign sign() {
    return this == JSON ? DecimalSign.POINT : DecimalSign.spoken();
  }

  /** {@return the format of this code} */
  public static Optional<WorkingFormat> ofCode(String code) {
    return Arrays.stream(values()).filter(format -> format.code().equals(code)).findFirst();
  }

  /** {@return the codes of all formats} */
  public static String codes() {
    return Arrays.stream(values()).map(WorkingFormat::code).collect(Collectors.joining(", "));
  }

  /**
   * {@return the working, line by line}
   *
   * @param title what is worked
   * @param numbers show the numbers in it
   */
  public List<String> write(String title, Working working, ShownNumbers numbers) {
    return writer.apply(title, numbers).write(working);
  }
}
