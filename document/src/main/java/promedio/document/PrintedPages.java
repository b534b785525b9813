package promedio.document;

import java.awt.image.BufferedImage;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The pages of a document as they will be printed. One page is drawn at a time. */
public final class PrintedPages implements AutoCloseable {

  private static final float POINTS_AN_INCH = 72;

  private final byte[] pdf;
  private final PDDocument document;
  private final PDFRenderer renderer;

  private PrintedPages(byte[] pdf) throws IOException {
    this.pdf = pdf;
    this.document = Loader.loadPDF(pdf);
    this.renderer = new PDFRenderer(document);
  }

  /**
   * {@return the pages of a document}
   *
   * @throws IOException if something of it cannot be drawn
   */
  public static PrintedPages of(Document document) throws IOException {
    return new PrintedPages(new PdfWriter().pdf(document));
  }

  /** {@return the document as PDF} */
  public byte[] pdf() {
    return pdf.clone();
  }

  /**
   * {@return the same pages, which stay when these are closed}
   *
   * @throws IOException if they cannot be read again
   */
  public PrintedPages copy() throws IOException {
    return new PrintedPages(pdf);
  }

  /** {@return how many pages there are} */
  public int count() {
    return document.getNumberOfPages();
  }

  /** {@return how wide a page is, in points} */
  public double width() {
    return page().getWidth();
  }

  /** {@return how high a page is, in points} */
  public double height() {
    return page().getHeight();
  }

  private PDRectangle page() {
    return document.getPage(0).getMediaBox();
  }

  /**
   * {@return a page as a picture}
   *
   * @param page its number, from 0
   * @param scale how many dots for each point
   * @throws IOException if it cannot be drawn
   */
  public synchronized BufferedImage drawn(int page, double scale) throws IOException {
    return renderer.renderImageWithDPI(page, (float) (POINTS_AN_INCH * scale), ImageType.RGB);
  }

  @Override
  public synchronized void close() throws IOException {
    document.close();
  }
}
