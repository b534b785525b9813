package promedio.files.table;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import promedio.core.table.Aspect;

/**
 * How a table is read: what was recognised, and what was decided by a person.
 *
 * @param format what kind of file it is
 * @param aspects each aspect that there is in this format, as a text
 * @param sheets the sheets of a workbook, none otherwise
 * @param head the first rows as they stand, those above the table among them
 */
public record Recognised(
    Format format, Map<Aspect, String> aspects, List<String> sheets, List<RawRow> head) {

  /** Kinds of files. */
  public enum Format {
    CSV,
    XLSX,
    ODS,
    HTML;

    /** {@return its name in files and on the command line} */
    public String code() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  public Recognised {
    Map<Aspect, String> copy = new EnumMap<>(Aspect.class);
    copy.putAll(aspects);
    aspects = Collections.unmodifiableMap(copy);
    sheets = List.copyOf(sheets);
    head = List.copyOf(head);
  }

  /** {@return the text of the aspect, empty where there is none in this format} */
  public String of(Aspect aspect) {
    return aspects.getOrDefault(aspect, "");
  }

  /** {@return the line of the header, 0 where there is none} */
  public long headerLine() {
    return Long.parseLong(of(Aspect.HEADER_LINE));
  }

  Recognised with(Aspect aspect, String text) {
    Map<Aspect, String> changed = new EnumMap<>(Aspect.class);
    changed.putAll(aspects);
    changed.put(aspect, text);
    return new Recognised(format, changed, sheets, head);
  }
}
