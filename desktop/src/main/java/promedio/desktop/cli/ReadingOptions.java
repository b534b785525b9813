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
      paramLabel = "${bundle:label.name}",
      descriptionKey = "option.encoding")
  void setEncoding(String text) {
    chosen.put(Aspect.ENCODING, text);
  }

  @Option(
      names = "--separator",
      paramLabel = "${bundle:label.mark}",
      descriptionKey = "option.separator")
  void setSeparator(String text) {
    chosen.put(Aspect.SEPARATOR, text);
  }

  @Option(names = "--quote", paramLabel = "${bundle:label.mark}", descriptionKey = "option.quote")
  void setQuote(String text) {
    chosen.put(Aspect.QUOTE, text);
  }

  @Option(
      names = "--decimal",
      paramLabel = "${bundle:label.mark}",
      descriptionKey = "option.decimal")
  void setDecimal(String text) {
    chosen.put(Aspect.DECIMAL, text);
  }

  @Option(
      names = "--grouping",
      paramLabel = "${bundle:label.mark}",
      descriptionKey = "option.grouping")
  void setGrouping(String text) {
    chosen.put(Aspect.GROUPING, text);
  }

  @Option(
      names = "--header-line",
      paramLabel = "${bundle:label.line}",
      descriptionKey = "option.header-line")
  void setHeaderLine(String text) {
    chosen.put(Aspect.HEADER_LINE, text);
  }

  @Option(
      names = "--pass-over",
      paramLabel = "${bundle:label.lines}",
      descriptionKey = "option.pass-over")
  void setPassOver(String text) {
    chosen.put(Aspect.PASS_OVER, text);
  }

  @Option(names = "--sheet", paramLabel = "${bundle:label.name}", descriptionKey = "option.sheet")
  void setSheet(String text) {
    chosen.put(Aspect.SHEET, text);
  }

  @Option(
      names = "--missing",
      paramLabel = "${bundle:label.signs}",
      descriptionKey = "option.missing")
  void setMissing(String text) {
    chosen.put(Aspect.MISSING, text);
  }

  @Option(
      names = "--foot-rows",
      paramLabel = "${bundle:label.rows}",
      descriptionKey = "option.foot-rows")
  void setFootRows(String text) {
    chosen.put(Aspect.FOOT_ROWS, text);
  }

  /** {@return what is decided} */
  ReadingChoices choices() {
    return new ReadingChoices(chosen, Map.of());
  }
}
