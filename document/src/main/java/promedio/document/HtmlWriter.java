package promedio.document;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;

/** Writes a document as one page of HTML, its formulas in MathML and its graphs as vectors. */
class HtmlWriter implements Block.Visitor<String> {

  private static final String STYLE =
      """
      body{font-family:serif;max-width:46em;margin:2em auto;padding:0 1em;line-height:1.45;color:#1d1a16}
      h1{font-size:1.7em}h2{font-size:1.3em;margin-top:1.8em}h3{font-size:1.05em;margin-top:1.4em}
      .quiet{color:#5b554c}
      table{border-collapse:collapse;font-variant-numeric:tabular-nums;margin:1em 0}
      th,td{text-align:right;padding:.15em .8em}th{border-bottom:1px solid;font-weight:normal}
      .word{text-align:left}tr.total td{border-top:1px solid}
      .formula{overflow-x:auto;overflow-y:hidden;padding:.3em 0;margin:.3em 0}math{font-size:1.08em}
      .beside{display:flex;flex-wrap:wrap;gap:1.5em;align-items:flex-start}.beside>div{flex:1 1 18em}
      figure{margin:1em 0}figure svg{max-width:100%;height:auto}
      @media print{h2,h3{break-after:avoid}tr,figure,.formula{break-inside:avoid}thead{display:table-header-group}}
      """;

  /** So many rows never part where a page ends. */
  private static final int ROWS_KEPT_TOGETHER = 30;

  private int figures;

  /** {@return the page} */
  String write(Document document) throws IOException {
    try {
      return "<!DOCTYPE html>\n<html lang=\""
          + Inline.escaped(document.language())
          + "\">\n<head>\n<meta charset=\"utf-8\"/>\n"
          + "<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\"/>\n<title>"
          + Inline.escaped(document.title())
          + "</title>\n<style>\n"
          + STYLE
          + "</style>\n</head>\n<body>\n"
          + body(document)
          + "</body>\n</html>\n";
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
  }

  /** {@return what stands on the page} */
  final String body(Document document) {
    return "<h1>"
        + Inline.escaped(document.title())
        + "</h1>\n"
        + document.blocks().stream()
            .map(block -> block.accept(this) + "\n")
            .collect(Collectors.joining());
  }

  @Override
  public String heading(Block.Heading heading) {
    String name = "h" + (heading.level() + 1);
    return "<" + name + ">" + Inline.escaped(heading.text()) + "</" + name + ">";
  }

  @Override
  public String paragraph(Block.Paragraph paragraph) {
    String lines =
        paragraph.text().lines().map(Inline::escaped).collect(Collectors.joining("<br/>"));
    return (paragraph.quiet() ? "<p class=\"quiet\">" : "<p>") + lines + "</p>";
  }

  @Override
  public String listing(Block.Listing listing) {
    return listing.items().stream()
        .map(item -> "<li>" + Inline.escaped(item) + "</li>")
        .collect(Collectors.joining("", "<ul>", "</ul>"));
  }

  @Override
  public String formula(Block.Formula formula) {
    return "<div class=\"formula\">" + formula.line().math("true") + "</div>";
  }

  @Override
  public String table(Block.Table table) {
    boolean fits = table.rows().size() <= ROWS_KEPT_TOGETHER;
    StringBuilder html =
        new StringBuilder(fits ? "<table class=\"short\"><thead><tr>" : "<table><thead><tr>");
    for (int column = 0; column < table.heads().size(); column++) {
      Inline head = table.heads().get(column);
      html.append("<th scope=\"col\"")
          .append(column < table.words() ? " class=\"word\">" : ">")
          .append(head(head))
          .append("</th>");
    }
    html.append("</tr></thead><tbody>\n");
    for (int row = 0; row < table.rows().size(); row++) {
      boolean total = table.totals() && row == table.rows().size() - 1;
      html.append(total ? "<tr class=\"total\">" : "<tr>");
      List<String> cells = table.rows().get(row);
      for (int column = 0; column < cells.size(); column++) {
        html.append(column < table.words() ? "<td class=\"word\">" : "<td>")
            .append(Inline.escaped(cells.get(column)))
            .append("</td>");
      }
      html.append("</tr>\n");
    }
    return html.append("</tbody></table>").toString();
  }

  /** {@return what stands above a column} */
  String head(Inline head) {
    return head.html();
  }

  @Override
  public String beside(Block.Beside beside) {
    String left =
        beside.left().stream().map(block -> block.accept(this)).collect(Collectors.joining("\n"));
    return "<div class=\"beside\"><div>"
        + left
        + "</div><div>"
        + beside.right().accept(this)
        + "</div></div>";
  }

  @Override
  public String figure(Block.Figure figure) {
    ByteArrayOutputStream svg = new ByteArrayOutputStream();
    try {
      figure.graph().svg(svg);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    String drawn = svg.toString(StandardCharsets.UTF_8);
    return "<figure role=\"img\" aria-label=\""
        + Inline.escaped(figure.words()).replace("\"", "&quot;")
        + "\">"
        + drawn
            .substring(drawn.indexOf("<svg"))
            // Names within a picture are its own; on one page they must not meet.
            .replaceAll("(\\sid=\"|url\\(#|href=\"#)", "$1g" + ++figures + "-")
        + "</figure>";
  }
}
