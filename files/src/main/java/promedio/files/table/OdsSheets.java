package promedio.files.table;

import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/** Walks through the sheets of the content of an OpenDocument spreadsheet. */
final class OdsSheets {

  /** No sheet is larger; what repeats more often is only the empty rest of one. */
  private static final int MOST_ROWS = 1 << 20;

  private static final int MOST_COLUMNS = 1 << 14;

  private final XMLStreamReader xml;
  private final List<String> names = new ArrayList<>();
  private int firstFilled = -1;

  OdsSheets(XMLStreamReader xml) {
    this.xml = xml;
  }

  /** {@return the sheets that there are} */
  static OdsSheets list(XMLStreamReader xml) throws XMLStreamException {
    OdsSheets sheets = new OdsSheets(xml);
    while (xml.hasNext()) {
      if (xml.next() == XMLStreamConstants.START_ELEMENT) {
        if (xml.getLocalName().equals("table") && sheets.attribute("name") != null) {
          sheets.names.add(String.valueOf(sheets.attribute("name")));
        } else if (xml.getLocalName().equals("p") && sheets.firstFilled < 0) {
          sheets.firstFilled = sheets.names.size() - 1;
        }
      }
    }
    return sheets;
  }

  /** {@return the names of the sheets, in their order} */
  List<String> names() {
    return names;
  }

  /** {@return the place of the first sheet that holds any text, −1 if none does} */
  int firstFilled() {
    return firstFilled;
  }

  /** Gives the rows of one sheet, which counts from 0. */
  void rows(int sheet, RowSink sink) throws XMLStreamException {
    int at = -1;
    long line = 1;
    while (xml.hasNext()) {
      if (xml.next() != XMLStreamConstants.START_ELEMENT) {
        continue;
      }
      if (xml.getLocalName().equals("table") && attribute("name") != null) {
        at++;
        if (at > sheet) {
          return;
        }
      } else if (xml.getLocalName().equals("table-row") && at == sheet) {
        int times = repeated("number-rows-repeated", MOST_ROWS);
        List<String> cells = cells();
        for (int i = 0; i < times && !cells.isEmpty(); i++) {
          if (!give(cells, line + i, sink)) {
            return;
          }
        }
        line += times;
      }
    }
  }

  private static boolean give(List<String> cells, long line, RowSink sink) {
    sink.begin(line);
    cells.forEach(cell -> RowFeed.cell(sink, cell));
    return sink.end();
  }

  /** The cells of a row up to the last that holds anything. */
  private List<String> cells() throws XMLStreamException {
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
        int times = repeated("number-columns-repeated", MOST_COLUMNS);
        String text = text();
        for (int i = 0; i < times && cells.size() < MOST_COLUMNS; i++) {
          cells.add(text);
        }
        filled = text.isEmpty() ? filled : cells.size();
      }
    }
    return cells.subList(0, filled);
  }

  private String text() throws XMLStreamException {
    String type = attribute("value-type");
    String value = attribute("value");
    String date = attribute("date-value");
    String time = attribute("time-value");
    String shown = shown();
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
  private String shown() throws XMLStreamException {
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

  private int repeated(String attribute, int most) {
    String text = attribute(attribute);
    return text == null || !text.matches("\\d{1,9}")
        ? 1
        : Math.max(1, Math.min(most, Integer.parseInt(text)));
  }

  private @Nullable String attribute(String name) {
    for (int i = 0; i < xml.getAttributeCount(); i++) {
      if (xml.getAttributeLocalName(i).equals(name)) {
        return xml.getAttributeValue(i);
      }
    }
    return null;
  }
}
