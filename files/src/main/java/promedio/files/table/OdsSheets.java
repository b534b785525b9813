package promedio.files.table;

import java.io.IOException;
import java.io.Serial;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;
import promedio.core.limit.Limit;

/** Walks through the sheets of the content of an OpenDocument spreadsheet. */
final class OdsSheets {

  /** Cells that a file may have beside those that its bytes have room for. */
  private static final long FREE_CELLS = 2_000_000;

  /** No byte of a packed file says more cells, but for those that only repeat others. */
  private static final long CELLS_A_BYTE = 200;

  private final long mostCells;
  private final List<String> names = new ArrayList<>();
  private final List<SheetWorth> worths = new ArrayList<>();
  private final Set<String> hiddenStyles = new HashSet<>();
  private long cellsGiven;

  /**
   * Makes one.
   *
   * @param size how many bytes the packed file has
   */
  OdsSheets(long size) {
    this.mostCells = FREE_CELLS + CELLS_A_BYTE * size;
  }

  /** A small file says that it has very many cells. */
  static final class TooManyException extends IOException {
    @Serial private static final long serialVersionUID = 1;
  }

  /** Looks which sheets there are, and what they hold. */
  void list(XMLStreamReader xml) throws XMLStreamException, TooManyException {
    String style = "";
    SheetWorth worth = new SheetWorth(true);
    boolean more = true;
    while (SafeXml.nextStart(xml)) {
      switch (xml.getLocalName()) {
        case "style" -> style = SafeXml.attribute(xml, "name").orElse("");
        case "table-properties" -> {
          if (SafeXml.attribute(xml, "display").filter("false"::equals).isPresent()) {
            hiddenStyles.add(style);
          }
        }
        case "table" -> {
          Optional<String> name = SafeXml.attribute(xml, "name");
          if (name.isPresent()) {
            names.add(name.get());
            String of = SafeXml.attribute(xml, "style-name").orElse("");
            worth = new SheetWorth(hiddenStyles.contains(of));
            worths.add(worth);
            more = true;
          }
        }
        case "table-row" -> {
          if (more) {
            // How often a row repeats says nothing about how much it holds.
            more = give(cells(xml), 1, worth);
          }
        }
        default -> {
          // Only sheets are looked for.
        }
      }
    }
  }

  /** {@return the names of the sheets, in their order} */
  List<String> names() {
    return names;
  }

  /** {@return the place of the sheet that is proposed, −1 where there is none} */
  int proposed() {
    return worths.isEmpty() ? -1 : SheetWorth.best(worths);
  }

  /** Gives the rows of one sheet, which counts from 0. */
  void rows(XMLStreamReader xml, int sheet, RowSink sink)
      throws XMLStreamException, TooManyException {
    int at = -1;
    long line = 1;
    while (SafeXml.nextStart(xml)) {
      if (xml.getLocalName().equals("table") && SafeXml.attribute(xml, "name").isPresent()) {
        at++;
        if (at > sheet) {
          return;
        }
      } else if (xml.getLocalName().equals("table-row") && at == sheet) {
        int times = repeated(xml, "number-rows-repeated", (int) Limit.SHEET_ROWS.most());
        List<String> cells = cells(xml);
        for (int i = 0; i < times && !cells.isEmpty(); i++) {
          if (!give(cells, line + i, sink)) {
            return;
          }
        }
        line += times;
      }
    }
  }

  private boolean give(List<String> cells, long line, RowSink sink) throws TooManyException {
    cellsGiven += cells.size();
    if (cellsGiven > mostCells) {
      throw new TooManyException();
    }
    sink.begin(line);
    cells.forEach(cell -> RowFeed.cell(sink, cell));
    return sink.end();
  }

  /** The cells of a row up to the last that holds anything. */
  private static List<String> cells(XMLStreamReader xml) throws XMLStreamException {
    List<String> cells = new ArrayList<>();
    int filled = 0;
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("table-row")) {
        break;
      }
      boolean cell =
          event == XMLStreamConstants.START_ELEMENT
              && (xml.getLocalName().equals("table-cell")
                  || xml.getLocalName().equals("covered-table-cell"));
      if (cell) {
        int times = repeated(xml, "number-columns-repeated", (int) Limit.SHEET_COLUMNS.most());
        String text = text(xml);
        for (int i = 0; i < times && cells.size() < (int) Limit.SHEET_COLUMNS.most(); i++) {
          cells.add(text);
        }
        filled = text.isEmpty() ? filled : cells.size();
      }
    }
    return cells.subList(0, filled);
  }

  private static String text(XMLStreamReader xml) throws XMLStreamException {
    @Nullable String type = SafeXml.attribute(xml, "value-type").orElse(null);
    @Nullable String value = SafeXml.attribute(xml, "value").orElse(null);
    @Nullable String date = SafeXml.attribute(xml, "date-value").orElse(null);
    @Nullable String time = SafeXml.attribute(xml, "time-value").orElse(null);
    String shown = shown(xml);
    if (date != null) {
      return date.replace('T', ' ');
    }
    if (time != null) {
      return shown;
    }
    boolean number =
        value != null && type != null && !type.equals("string") && !type.equals("boolean");
    return number ? SheetNumbers.plain(String.valueOf(value)) : shown;
  }

  /** The paragraphs of a cell; notes that hang on it are left out. */
  private static String shown(XMLStreamReader xml) throws XMLStreamException {
    StringBuilder text = new StringBuilder();
    int depth = 1;
    int note = 0;
    while (depth > 0 && xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.START_ELEMENT) {
        depth++;
        String name = xml.getLocalName();
        if (name.equals("annotation") || note > 0) {
          note++;
        } else if (name.equals("p") && text.length() > 0) {
          text.append('\n');
        } else if (name.equals("s")) {
          text.append(' ');
        }
      } else if (event == XMLStreamConstants.END_ELEMENT) {
        depth--;
        note = Math.max(0, note - 1);
      } else if (event == XMLStreamConstants.CHARACTERS && note == 0 && depth > 1) {
        text.append(xml.getText());
      }
    }
    return text.toString();
  }

  private static int repeated(XMLStreamReader xml, String attribute, int most) {
    String text = SafeXml.attribute(xml, attribute).orElse("1");
    return text.matches("\\d{1,9}") ? Math.max(1, Math.min(most, Integer.parseInt(text))) : 1;
  }
}
