package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import promedio.files.RefusedFileException;
import promedio.files.Texts;

/** The largest table of a page or of what was copied from one. */
final class HtmlTable {

  private HtmlTable() {}

  /** {@return whether the text is a page with a table} */
  static boolean isIn(String text) {
    String start = text.stripLeading();
    return start.startsWith("<") && text.matches("(?is).*<table\\b.*");
  }

  /**
   * {@return the rows of the table}
   *
   * @throws RefusedFileException if there is none
   */
  static RowFeed of(DataSource source, Encoding encoding) throws RefusedFileException {
    Document page;
    try (InputStream in = source.open()) {
      page = Jsoup.parse(encoding.decode(in.readAllBytes()));
    } catch (IOException e) {
      throw new RefusedFileException(Texts.of("file.unreadable", source.name(), e.getMessage()), e);
    }
    Element table =
        page.select("table").stream()
            .max((a, b) -> Integer.compare(a.select("tr").size(), b.select("tr").size()))
            .orElseThrow(() -> new RefusedFileException(Texts.of("file.empty", source.name())));
    return sink -> rows(table, sink);
  }

  private static void rows(Element table, RowSink sink) {
    long line = 0;
    for (Element row : table.select("tr")) {
      sink.begin(++line);
      for (Element cell : row.select("> td, > th")) {
        RowFeed.cell(sink, cell.text());
        for (int more = 1; more < Math.min(100, span(cell)); more++) {
          RowFeed.cell(sink, "");
        }
      }
      if (!sink.end()) {
        return;
      }
    }
  }

  private static int span(Element cell) {
    String span = cell.attr("colspan");
    return span.matches("\\d{1,3}") ? Integer.parseInt(span) : 1;
  }
}
