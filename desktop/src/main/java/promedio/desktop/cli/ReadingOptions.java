package promedio.desktop.cli;

import java.util.EnumMap;
import java.util.Map;
import picocli.CommandLine.Option;
import promedio.core.table.Aspect;
import promedio.core.table.ReadingChoices;

/** What the reader of tables recognises by itself, decided by options. */
final class ReadingOptions {

  private final Map<Aspect, String> chosen = new EnumMap<>(Aspect.class);

  private ReadingOptions() {}

  @Option(
      names = "--encoding",
      paramLabel = "NAME",
      description = "UTF-8, UTF-16, UTF-16BE or Windows-1252")
  void setEncoding(String text) {
    chosen.put(Aspect.ENCODING, text);
  }

  @Option(
      names = "--separator",
      paramLabel = "MARK",
      description = "what parts the cells: a character, tab, blanks, none or list")
  void setSeparator(String text) {
    chosen.put(Aspect.SEPARATOR, text);
  }

  @Option(names = "--quote", paramLabel = "MARK", description = "the quotation mark, or none")
  void setQuote(String text) {
    chosen.put(Aspect.QUOTE, text);
  }

  @Option(names = "--decimal", paramLabel = "MARK", description = "the decimal sign: . or ,")
  void setDecimal(String text) {
    chosen.put(Aspect.DECIMAL, text);
  }

  @Option(
      names = "--grouping",
      paramLabel = "MARK",
      description = "what stands between groups of three digits, or none")
  void setGrouping(String text) {
    chosen.put(Aspect.GROUPING, text);
  }

  @Option(
      names = "--header-line",
      paramLabel = "LINE",
      description = "the line of the header, counted from 1; 0 for none")
  void setHeaderLine(String text) {
    chosen.put(Aspect.HEADER_LINE, text);
  }

  @Option(
      names = "--pass-over",
      paramLabel = "LINES",
      description = "how many lines above the table to pass over")
  void setPassOver(String text) {
    chosen.put(Aspect.PASS_OVER, text);
  }

  @Option(names = "--sheet", paramLabel = "NAME", description = "the sheet, by name or number")
  void setSheet(String text) {
    chosen.put(Aspect.SHEET, text);
  }

  @Option(
      names = "--missing",
      paramLabel = "SIGNS",
      description = "what else stands for a missing entry, separated by blanks, such as \"-999 x\"")
  void setMissing(String text) {
    chosen.put(Aspect.MISSING, text);
  }

  @Option(
      names = "--foot-rows",
      paramLabel = "ROWS",
      description = "how many rows at the foot are totals or notes, and left out")
  void setFootRows(String text) {
    chosen.put(Aspect.FOOT_ROWS, text);
  }

  /** {@return what is decided} */
  ReadingChoices choices() {
    return new ReadingChoices(chosen, Map.of());
  }
}
