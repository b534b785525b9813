package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import promedio.core.limit.Limit;
import promedio.core.message.Texts;
import promedio.files.Reasons;
import promedio.files.RefusedFileException;

/** The largest table of a page or of what was copied from one. */
final class HtmlTable {

  private HtmlTable() {}

  /** Pages nest tables for their looks, never so deep; deeper ones take the parser for ever. */
  private static final int DEEPEST = 60;

  private static final Pattern PAGE =
      Pattern.compile("(?i)<(?:!doctype\\s+html|html|head|body)\\b");
  private static final Pattern TABLE = Pattern.compile("(?i)<table\\b");
  private static final Pattern TAG = Pattern.compile("<(/?)([a-zA-Z][a-zA-Z0-9]*)");

  /** Elements that stand alone or may be left open, so that they say nothing about the depth. */
  private static final Set<String> NOT_NESTED =
      Set.of(
          "area",
          "base",
          "br",
          "col",
          "embed",
          "hr",
          "img",
          "input",
          "link",
          "meta",
          "source",
          "track",
          "wbr",
          "p",
          "li",
          "dd",
          "dt",
          "option",
          "tr",
          "td",
          "th",
          "thead",
          "tbody",
          "tfoot",
          "colgroup");

  /** {@return whether the text is a page with a table} */
  static boolean isIn(String text) {
    return text.stripLeading().startsWith("<") && TABLE.matcher(text).find();
  }

  /** {@return whether the text is a web page} */
  static boolean isPage(String text) {
    String start = text.stripLeading();
    return start.startsWith("<")
        && PAGE.matcher(start.substring(0, Math.min(2000, start.length()))).find();
  }

  /**
   * {@return the rows of the table}
   *
   * @throws RefusedFileException if there is none, or the page was made to do harm
   */
  static RowFeed of(DataSource source, Encoding encoding) throws RefusedFileException {
    if (source.size() > Limit.PAGE_BYTES.most()) {
      throw new RefusedFileException(Limit.PAGE_BYTES.beyond(source.name()).text());
    }
    String text;
    try (InputStream in = source.open()) {
      text = encoding.decode(in.readAllBytes());
    } catch (IOException e) {
      throw new RefusedFileException(Texts.of("file.unreadable", source.name(), Reasons.of(e)), e);
    }
    if (depth(text) > DEEPEST) {
      throw new RefusedFileException(Texts.of("file.page-too-deep", source.name(), DEEPEST));
    }
    Document page = Jsoup.parse(text);
    // A row counts for the table that it stands in, not for those around that one.
    Map<Element, Integer> rows = new LinkedHashMap<>();
    page.select("table").forEach(table -> rows.put(table, 0));
    for (Element row : page.select("tr")) {
      rows.computeIfPresent(tableOf(row), (table, count) -> count + 1);
    }
    Element table =
        rows.entrySet().stream()
            .max(Map.Entry.comparingByValue())
            .map(Map.Entry::getKey)
            .orElseThrow(() -> new RefusedFileException(Texts.of("file.empty", source.name())));
    return sink -> rows(table, source, sink);
  }

  private static Element tableOf(Element row) {
    Element above = row;
    while (above != null && !above.normalName().equals("table")) {
      above = above.parent();
    }
    return above == null ? row : above;
  }

  /** How deep elements are nested, before anything is parsed. */
  private static int depth(String text) {
    Map<String, Integer> open = new HashMap<>();
    int deepest = 0;
    Matcher tag = TAG.matcher(text);
    while (tag.find()) {
      String name = tag.group(2).toLowerCase(Locale.ROOT);
      if (!NOT_NESTED.contains(name)) {
        int now = open.merge(name, tag.group(1).isEmpty() ? 1 : -1, Integer::sum);
        deepest = Math.max(deepest, now);
      }
    }
    return deepest;
  }

  private static void rows(Element table, DataSource source, RowSink sink)
      throws RefusedFileException {
    long line = 0;
    long cells = 0;
    for (Element row : table.select("tr")) {
      if (!isOf(row, table)) {
        continue;
      }
      sink.begin(++line);
      for (Element cell : row.children()) {
        if (!cell.normalName().equals("td") && !cell.normalName().equals("th")) {
          continue;
        }
        RowFeed.cell(sink, cell.text());
        int span = Math.min(100, span(cell));
        cells += span;
        for (int more = 1; more < span; more++) {
          RowFeed.cell(sink, "");
        }
      }
      if (cells > Limit.PAGE_CELLS.most()) {
        throw new RefusedFileException(Limit.PAGE_CELLS.beyond(source.name()).text());
      }
      if (!sink.end()) {
        return;
      }
    }
  }

  @SuppressWarnings("ReferenceEquality") // two tables of a page may look alike
  private static boolean isOf(Element row, Element table) {
    return tableOf(row) == table;
  }

  private static int span(Element cell) {
    String span = cell.attr("colspan");
    return span.matches("\\d{1,3}") ? Integer.parseInt(span) : 1;
  }
}
