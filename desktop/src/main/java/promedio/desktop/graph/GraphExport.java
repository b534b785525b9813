package promedio.desktop.graph;

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
import java.util.Optional;
import java.util.OptionalDouble;
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
import org.jfree.chart.axis.ValueAxis;
import org.jfree.chart.entity.CategoryItemEntity;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.ui.RectangleEdge;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Document;
import promedio.core.graph.GraphKind;
import promedio.core.message.BadInputException;

/** Writes graphs as pictures. */
public final class GraphExport {

  private final Drawing drawing;
  private final Optional<JFreeChart> chart;
  private final int width;
  private final int height;
  private @Nullable ChartRenderingInfo drawn;

  private GraphExport(Drawing drawing, Optional<JFreeChart> chart, int width, int height) {
    this.drawing = drawing;
    this.chart = chart;
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
    if (picture instanceof Graph graph) {
      Drawable.check(graph);
    }
    if (picture instanceof Graph graph && graph.kind() == GraphKind.STEM_AND_LEAF) {
      return new GraphExport(new StemDrawing(graph), Optional.empty(), width, height);
    }
    JFreeChart chart =
        picture instanceof Graph graph
            ? ChartMaker.of(graph)
            : CategoryChart.of((CategoryGraph) picture);
    return new GraphExport(chart::draw, Optional.of(chart), width, height);
  }

  /**
   * {@return the graph as points}
   *
   * @param scale how many points for each of the paper
   */
  public BufferedImage image(double scale) {
    BufferedImage image =
        new BufferedImage(
            (int) Math.round(width * scale),
            (int) Math.round(height * scale),
            BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = image.createGraphics();
    try {
      graphics.setRenderingHint(
          RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
      graphics.setRenderingHint(
          RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
      graphics.transform(AffineTransform.getScaleInstance(scale, scale));
      draw(graphics);
    } finally {
      graphics.dispose();
    }
    return image;
  }

  /**
   * {@return the value that stands below a point of the paper}; none beside the graph, or in one
   * without an axis of values
   *
   * @param x from the left edge, in points
   */
  public OptionalDouble valueAt(double x) {
    Optional<ValueAxis> axis = axis();
    if (axis.isEmpty()) {
      return OptionalDouble.empty();
    }
    Rectangle2D area = drawn().getPlotInfo().getDataArea();
    return x < area.getMinX() || x > area.getMaxX()
        ? OptionalDouble.empty()
        : OptionalDouble.of(axis.get().java2DToValue(x, area, RectangleEdge.BOTTOM));
  }

  /**
   * {@return how far from the left edge of the paper a value stands, in points}; none in a graph
   * without an axis of values
   */
  public OptionalDouble placeOf(double value) {
    return axis()
        .map(
            axis ->
                OptionalDouble.of(
                    axis.valueToJava2D(
                        value, drawn().getPlotInfo().getDataArea(), RectangleEdge.BOTTOM)))
        .orElse(OptionalDouble.empty());
  }

  /**
   * {@return the category whose bar is at a point of the paper}
   *
   * @param x from the left edge, in points
   * @param y from the upper edge, in points
   */
  public Optional<String> categoryAt(double x, double y) {
    return chart.isPresent()
            && drawn().getEntityCollection().getEntity(x, y) instanceof CategoryItemEntity bar
        ? Optional.of(String.valueOf(bar.getColumnKey()))
        : Optional.empty();
  }

  private Optional<ValueAxis> axis() {
    return chart
        .filter(made -> made.getPlot() instanceof XYPlot)
        .map(made -> made.getXYPlot().getDomainAxis());
  }

  /** Where the graph stands on its paper is known only once it is drawn; there must be a chart. */
  private synchronized ChartRenderingInfo drawn() {
    ChartRenderingInfo known = drawn;
    if (known == null) {
      known = new ChartRenderingInfo();
      BufferedImage paper = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
      Graphics2D graphics = paper.createGraphics();
      chart.orElseThrow().draw(graphics, new Rectangle2D.Double(0, 0, width, height), known);
      graphics.dispose();
      drawn = known;
    }
    return known;
  }

  private void draw(Graphics2D graphics) {
    drawing.draw(graphics, new Rectangle2D.Double(0, 0, width, height));
  }

  /** Writes it as PNG. */
  public void png(OutputStream out, double scale) throws IOException {
    ImageIO.write(image(scale), "png", out);
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
