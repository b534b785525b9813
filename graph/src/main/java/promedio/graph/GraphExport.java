package promedio.graph;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import java.awt.Dimension;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.apache.batik.svggen.SVGGeneratorContext;
import org.apache.batik.svggen.SVGGraphics2D;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.jfree.chart.ChartRenderingInfo;
import org.jfree.chart.JFreeChart;
import org.w3c.dom.Document;
import promedio.core.graph.GraphKind;
import promedio.core.message.BadInputException;

/** Writes graphs as pictures. */
public final class GraphExport {

  private final Drawing drawing;
  private final int width;
  private final int height;

  private GraphExport(Drawing drawing, int width, int height) {
    this.drawing = drawing;
    this.width = width;
    this.height = height;
  }

  /**
   * {@return the graph on paper of a size}
   *
   * @param width in points, above 0
   * @param height in points, above 0
   * @throws BadInputException if the data have no such graph; the message says why
   */
  public static GraphExport of(Picture picture, int width, int height) throws BadInputException {
    Drawable.check(picture);
    if (picture instanceof Graph graph && graph.kind() == GraphKind.STEM_AND_LEAF) {
      return new GraphExport(new StemDrawing(graph), width, height);
    }
    return new GraphExport(new ChartDrawing(chart(picture)), width, height);
  }

  private static JFreeChart chart(Picture picture) throws BadInputException {
    if (picture instanceof Graph graph) {
      return ChartMaker.of(graph);
    }
    if (picture instanceof ScatterGraph scatter) {
      return ScatterChart.of(scatter);
    }
    return picture instanceof CurveGraph curve
        ? CurveChart.of(curve)
        : CategoryChart.of((CategoryGraph) picture);
  }

  /**
   * {@return the graph as points, which know what they mean}
   *
   * @param scale how many points for each of the paper
   */
  public DrawnGraph drawn(double scale) {
    BufferedImage image =
        new BufferedImage(
            (int) Math.round(width * scale),
            (int) Math.round(height * scale),
            BufferedImage.TYPE_INT_RGB);
    ChartRenderingInfo places = new ChartRenderingInfo();
    Graphics2D graphics = image.createGraphics();
    try {
      graphics.setRenderingHint(
          RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
      graphics.setRenderingHint(
          RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
      graphics.transform(AffineTransform.getScaleInstance(scale, scale));
      drawing.draw(graphics, paper(), places);
    } finally {
      graphics.dispose();
    }
    return new DrawnGraph(image, drawing.axis(), places);
  }

  private Rectangle2D paper() {
    return new Rectangle2D.Double(0, 0, width, height);
  }

  /** {@return how wide its paper is, in points} */
  public int width() {
    return width;
  }

  /** {@return how high its paper is, in points} */
  public int height() {
    return height;
  }

  /** Draws it with the upper left corner of its paper at the origin. */
  public void draw(Graphics2D graphics) {
    drawing.draw(graphics, paper(), new ChartRenderingInfo());
  }

  /** Writes it as PNG. */
  public void png(OutputStream out, double scale) throws IOException {
    ImageIO.write(drawn(scale).image(), "png", out);
  }

  /** Writes it as SVG, its text as outlines, so that no font is needed to see it. */
  public void svg(OutputStream out) throws IOException {
    Document document = emptyDocument();
    SVGGraphics2D graphics = new SVGGraphics2D(SVGGeneratorContext.createDefault(document), true);
    graphics.setSVGCanvasSize(new Dimension(width, height));
    draw(graphics);
    // The writer of the library names a document type, which would be fetched to read the picture.
    try {
      Transformer writer = TransformerFactory.newInstance().newTransformer();
      writer.transform(new DOMSource(graphics.getRoot()), new StreamResult(out));
    } catch (TransformerException e) {
      throw new IOException(e);
    }
  }

  private static Document emptyDocument() {
    try {
      return DocumentBuilderFactory.newInstance()
          .newDocumentBuilder()
          .getDOMImplementation()
          .createDocument("http://www.w3.org/2000/svg", "svg", null);
    } catch (ParserConfigurationException e) {
      throw new IllegalStateException("the Java in use cannot make documents", e);
    }
  }

  /** Writes it as one page of PDF. */
  public void pdf(OutputStream out) throws IOException {
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage(new PDRectangle(width, height));
      document.addPage(page);
      PdfBoxGraphics2D graphics = new PdfBoxGraphics2D(document, width, height);
      draw(graphics);
      graphics.dispose();
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.drawForm(graphics.getXFormObject());
      }
      ByteArrayOutputStream whole = new ByteArrayOutputStream();
      document.save(whole);
      whole.writeTo(out);
    }
  }
}
