package promedio.document;

import java.awt.image.BufferedImage;
import java.awt.print.PageFormat;
import java.awt.print.Pageable;
import java.awt.print.Printable;
import java.awt.print.PrinterAbortException;
import java.awt.print.PrinterException;
import java.awt.print.PrinterJob;
import java.io.IOException;
import java.util.function.IntPredicate;
import javax.print.PrintService;
import javax.print.attribute.PrintRequestAttributeSet;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.printing.PDFPageable;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The pages of a document as they will be printed. One page is drawn at a time. */
public final class PrintedPages implements AutoCloseable {

  private static final Logger LOG = LoggerFactory.getLogger(PrintedPages.class);
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

  /**
   * Prints the pages: letters, lines and graphs are drawn on the paper, none is sent as a picture.
   *
   * @param printer where to
   * @param wanted copies and pages, as a person chose them
   * @param goesOn is asked before each page, by its number from 0, whether it is still wanted
   * @return whether all was printed that is wanted
   * @throws PrinterException if the printer refuses
   */
  public synchronized boolean print(
      PrintService printer, PrintRequestAttributeSet wanted, IntPredicate goesOn)
      throws PrinterException {
    PrinterJob job = PrinterJob.getPrinterJob();
    job.setPrintService(printer);
    job.setJobName(document.getDocumentInformation().getTitle());
    PDFPageable pages = new PDFPageable(document);
    job.setPageable(
        new Pageable() {
          @Override
          public int getNumberOfPages() {
            return pages.getNumberOfPages();
          }

          @Override
          public PageFormat getPageFormat(int page) {
            return pages.getPageFormat(page);
          }

          @Override
          public Printable getPrintable(int page) {
            if (!goesOn.test(page)) {
              job.cancel();
            }
            return pages.getPrintable(page);
          }
        });
    try {
      job.print(wanted);
      return true;
    } catch (PrinterAbortException e) {
      LOG.info("printing was stopped", e);
      return false;
    }
  }

  @Override
  public synchronized void close() throws IOException {
    document.close();
  }
}
