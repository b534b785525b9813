package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import promedio.core.limit.Limit;
import promedio.core.message.Cancellation;

/**
 * The rows of a sheet in Office Open XML (ECMA-376, part 1, 18.3.1). The references of rows and
 * cells are optional; what lacks one stands behind what came before.
 */
final class XlsxCells {

  private static final BigDecimal SECONDS_A_DAY = BigDecimal.valueOf(86_400);

  /** From this day on the count of days has one too many: 1900 had no 29th of February. */
  private static final int LEAP_DAY = 60;

  private static final int LAST_DAY = 2_958_465;
  private static final DateTimeFormatter MINUTES =
      DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
  private static final DateTimeFormatter SECONDS =
      DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT);

  private final List<String> strings;
  private final XlsxStyles styles;
  private final boolean from1904;

  /**
   * Makes one.
   *
   * @param strings the texts that cells share
   * @param styles which numbers are days
   * @param from1904 whether days are counted from 1904 on
   */
  XlsxCells(List<String> strings, XlsxStyles styles, boolean from1904) {
    this.strings = strings;
    this.styles = styles;
    this.from1904 = from1904;
  }

  /** {@return the texts that cells share; none without the part} */
  static List<String> strings(Optional<InputStream> part) throws IOException {
    List<String> strings = new ArrayList<>();
    if (part.isPresent()) {
      SafeXml.walk(
          part.get(),
          xml -> {
            long characters = 0;
            while (SafeXml.nextStart(xml)) {
              if (xml.getLocalName().equals("si")) {
                String text = richText(xml, "si");
                characters += text.length() + 8L;
                if (characters > Limit.TABLE_CHARACTERS.most()) {
                  throw new BeyondLimitException(Limit.TABLE_CHARACTERS, 0);
                }
                strings.add(text);
              }
            }
          });
    }
    return strings;
  }

  /** The text of an element; how it is pronounced stands beside it and is left out. */
  private static String richText(XMLStreamReader xml, String element) throws XMLStreamException {
    StringBuilder text = new StringBuilder();
    int aside = 0;
    boolean in = false;
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.START_ELEMENT) {
        aside += xml.getLocalName().equals("rPh") ? 1 : 0;
        in = xml.getLocalName().equals("t");
      } else if (event == XMLStreamConstants.END_ELEMENT) {
        if (xml.getLocalName().equals(element)) {
          break;
        }
        aside -= xml.getLocalName().equals("rPh") ? 1 : 0;
        in = false;
      } else if (event == XMLStreamConstants.CHARACTERS && in && aside == 0) {
        text.append(xml.getText());
        if (text.length() > Limit.CELL_CHARACTERS.most()) {
          throw new BeyondLimitException(Limit.CELL_CHARACTERS, 0);
        }
      }
    }
    return text.toString();
  }

  /** Gives the rows of the sheet in the stream. */
  void into(InputStream in, RowSink sink) throws IOException {
    SafeXml.walk(
        in,
        xml -> {
          long line = 0;
          while (SafeXml.nextStart(xml)) {
            if (xml.getLocalName().equals("row")) {
              String reference = SafeXml.attribute(xml, "r").orElse("");
              long said = reference.matches("\\d{1,7}") ? Long.parseLong(reference) : 0;
              line = Math.max(line + 1, said);
              Cancellation.check(line);
              if (line > Limit.SHEET_ROWS.most()) {
                throw new BeyondLimitException(Limit.SHEET_ROWS, 0);
              }
              if (!row(xml, line, sink)) {
                return;
              }
            }
          }
        });
  }

  private boolean row(XMLStreamReader xml, long line, RowSink sink)
      throws XMLStreamException, IOException {
    sink.begin(line);
    int given = 0;
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("row")) {
        break;
      }
      if (event == XMLStreamConstants.START_ELEMENT && xml.getLocalName().equals("c")) {
        int column = column(SafeXml.attribute(xml, "r"), given);
        if (column >= Limit.SHEET_COLUMNS.most()) {
          throw new BeyondLimitException(Limit.SHEET_COLUMNS, line);
        }
        for (; given < column; given++) {
          RowFeed.cell(sink, "");
        }
        RowFeed.cell(sink, text(xml));
        given++;
      }
    }
    return sink.end();
  }

  /** {@return the place of the cell of a reference such as C7, from 0} */
  private static int column(Optional<String> reference, int next) {
    long column = 0;
    int letters = 0;
    for (char c : reference.orElse("").toCharArray()) {
      if (c < 'A' || c > 'Z' || letters > 3) {
        break;
      }
      column = 26 * column + (c - 'A' + 1);
      letters++;
    }
    return letters == 0 || column - 1 < next ? next : (int) column - 1;
  }

  /** What a cell says; its formula is passed over, since what it came to stands beside it. */
  private String text(XMLStreamReader xml) throws XMLStreamException {
    String type = SafeXml.attribute(xml, "t").orElse("n");
    boolean date = styles.isDate(SafeXml.attribute(xml, "s"));
    String value = "";
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("c")) {
        break;
      }
      if (event == XMLStreamConstants.START_ELEMENT) {
        if (xml.getLocalName().equals("v")) {
          value = xml.getElementText();
        } else if (xml.getLocalName().equals("is")) {
          value = richText(xml, "is");
        }
      }
    }
    String raw = value.strip();
    return switch (type) {
      case "s" -> shared(raw);
      case "str", "inlineStr" -> value;
      case "b" -> raw.equals("1") || raw.equals("true") ? "TRUE" : raw.isEmpty() ? "" : "FALSE";
      case "d" -> isoDate(raw);
      case "e" -> raw;
      default -> raw.isEmpty() ? "" : date ? date(raw) : SheetNumbers.plain(raw);
    };
  }

  /** A text that is not there is no number either. */
  private String shared(String index) {
    boolean there = index.matches("\\d{1,9}") && Integer.parseInt(index) < strings.size();
    return there ? strings.get(Integer.parseInt(index)) : index.isEmpty() ? "" : "#" + index;
  }

  private static String isoDate(String raw) {
    try {
      return raw.indexOf('T') > 0
          ? shown(LocalDateTime.parse(raw.replaceFirst("(?:Z|[-+]\\d\\d:?\\d\\d)$", "")))
          : LocalDate.parse(raw).toString();
    } catch (DateTimeException e) {
      // It is one entry that cannot be read, and shown as it stands there.
      return raw;
    }
  }

  private String date(String raw) {
    if (SheetNumbers.isTooLong(raw)) {
      return raw;
    }
    BigDecimal serial;
    try {
      serial = new BigDecimal(raw);
    } catch (NumberFormatException e) {
      return raw;
    }
    boolean told =
        serial.signum() >= 0
            && serial.precision() - serial.scale() <= 8
            && serial.compareTo(BigDecimal.valueOf(LAST_DAY + 1L)) < 0;
    if (!told) {
      return raw;
    }
    BigInteger seconds =
        serial.multiply(SECONDS_A_DAY).setScale(0, RoundingMode.HALF_UP).toBigInteger();
    long days = seconds.longValueExact() / 86_400;
    LocalTime time = LocalTime.ofSecondOfDay(seconds.longValueExact() % 86_400);
    if (days == 0) {
      return time.format(time.getSecond() == 0 ? MINUTES : SECONDS);
    }
    LocalDate first =
        from1904 ? LocalDate.of(1904, 1, 1) : LocalDate.of(1899, 12, days < LEAP_DAY ? 31 : 30);
    return shown(first.plusDays(days).atTime(time));
  }

  private static String shown(LocalDateTime moment) {
    LocalTime time = moment.toLocalTime();
    return time.equals(LocalTime.MIDNIGHT)
        ? moment.toLocalDate().toString()
        : moment.toLocalDate() + " " + time.format(time.getSecond() == 0 ? MINUTES : SECONDS);
  }
}
