package promedio.document;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import com.openhtmltopdf.util.XRLog;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import java.awt.Color;
import java.awt.Graphics2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import promedio.core.message.Cancellation;
import promedio.graph.GraphFonts;

/**
 * Writes a document as PDF: tagged, its fonts inside, its formulas and graphs as vectors. It is
 * laid out from the same page as HTML is; nothing outside of that page is read.
 */
final class PdfWriter extends HtmlWriter {

  private static final String DRAWN = "promedio/drawn";

  /** In pixels of the page, 96 an inch. */
  private static final float FORMULA_SIZE = 15.5f;

  private static final double MOST_WIDTH = 620;

  private static final String STYLE =
      """
      @page{size:A4;margin:20mm 22mm;
        @bottom-center{content:counter(page) " / " counter(pages);font-family:Document;font-size:9pt}}
      html{font-family:Document;font-size:10.5pt;line-height:1.35;color:#1d1a16}
      body{margin:0}
      h1{font-size:19pt;margin:0 0 6pt}
      h2{font-size:14pt;margin:12pt 0 3pt;page-break-after:avoid}
      h3{font-size:11.5pt;margin:7pt 0 2pt;page-break-after:avoid}
      p,ul{margin:3pt 0;orphans:2;widows:2}
      .quiet{color:#5b554c}
      table{border-collapse:collapse;margin:4pt 0;-fs-table-paginate:paginate}
      tr,table.short{page-break-inside:avoid}
      h2+p,h3+p{page-break-after:avoid}
      th,td{text-align:right;padding:0.6pt 7pt}
      th{border-bottom:0.7pt solid #1d1a16;font-weight:normal}
      .word{text-align:left}
      tr.total td{border-top:0.7pt solid #1d1a16}
      .formula,.figure,.beside{page-break-inside:avoid}
      .formula{margin:3pt 0}
      .figure{margin:5pt 0}
      .beside{display:table;width:100%}
      .beside>div{display:table-cell;vertical-align:top}
      object{display:inline-block}
      """;

  /** What is drawn on the page, by its number in it. */
  private final List<Consumer<Graphics2D>> drawn = new ArrayList<>();

  /** {@return the file} */
  byte[] pdf(Document document) throws IOException {
    XRLog.setLoggerImpl(new LayoutLog());
    String title = Inline.escaped(document.title());
    String page =
        "<html lang=\""
            + Inline.escaped(document.language())
            + "\"><head><title>"
            + title
            + "</title><meta name=\"description\" content=\""
            + title.replace("\"", "&quot;")
            + "\"/><style>"
            + STYLE
            + "</style></head><body>"
            + body(document)
            + "</body></html>";
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PdfRendererBuilder builder = new PdfRendererBuilder();
    builder.usePdfUaAccessibility(true);
    builder.withProducer("Promedio");
    builder.useFont(() -> GraphFonts.open(GraphFonts.SERIF), "Document");
    builder.useFont(
        () -> GraphFonts.open(GraphFonts.SERIF_BOLD), "Document", 700, FontStyle.NORMAL, true);
    builder.useUriResolver((base, uri) -> null);
    DefaultObjectDrawerFactory drawers = new DefaultObjectDrawerFactory();
    drawers.registerDrawer(DRAWN, drawer());
    builder.useObjectDrawerFactory(drawers);
    builder.withHtmlContent(page, null);
    builder.toStream(out);
    builder.run();
    return out.toByteArray();
  }

  private FSObjectDrawer drawer() {
    return (element, x, y, width, height, out, context, dots) -> {
      Cancellation.check();
      Consumer<Graphics2D> drawing = drawn.get(Integer.parseInt(element.getAttribute("data")));
      out.drawWithGraphics(
          (float) x,
          (float) y,
          (float) width,
          (float) height,
          graphics -> {
            // Text in drawings becomes outlines: the fonts of formulas are not those of the page.
            ((PdfBoxGraphics2D) graphics).setFontTextDrawer(new PdfBoxGraphics2DFontTextDrawer());
            graphics.setColor(Color.BLACK);
            drawing.accept(graphics);
          });
      return null;
    };
  }

  @Override
  public String formula(Block.Formula formula) {
    return "<div class=\"formula\">" + set(formula.line()) + "</div>";
  }

  @Override
  String head(Inline head) {
    return head.isFormula() ? set(head) : head.html();
  }

  private String set(Inline formula) {
    SetFormula set = SetFormula.of(formula.latex(), FORMULA_SIZE);
    double scale = Math.min(1, MOST_WIDTH / set.width());
    return object(
        graphics -> {
          graphics.scale(scale, scale);
          set.draw(graphics);
        },
        set.width() * scale,
        set.height() * scale,
        "vertical-align:" + pixels(-set.depth() * scale),
        formula.plain());
  }

  @Override
  public String figure(Block.Figure figure) {
    double scale = Math.min(1, MOST_WIDTH / figure.graph().width());
    return "<div class=\"figure\">"
        + object(
            graphics -> {
              graphics.scale(scale, scale);
              figure.graph().draw(graphics);
            },
            figure.graph().width() * scale,
            figure.graph().height() * scale,
            "",
            figure.words())
        + "</div>";
  }

  private String object(
      Consumer<Graphics2D> drawing, double width, double height, String style, String words) {
    drawn.add(drawing);
    return "<object type=\""
        + DRAWN
        + "\" data=\""
        + (drawn.size() - 1)
        + "\" style=\"width:"
        + pixels(width)
        + ";height:"
        + pixels(height)
        + ";"
        + style
        + "\" alt=\""
        + Inline.escaped(words).replace("\"", "&quot;")
        + "\"></object>";
  }

  private static String pixels(double length) {
    return String.format(Locale.ROOT, "%.1fpx", length);
  }
}
