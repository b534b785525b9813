package promedio.desktop.window.parts;

import java.io.IOException;
import javafx.embed.swing.SwingFXUtils;
import javafx.print.PageLayout;
import javafx.print.PrinterJob;
import javafx.scene.image.ImageView;
import javafx.stage.Window;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.desktop.Texts;
import promedio.document.PrintedPages;

/** Prints a document through the printers of the system. */
final class Printing {

  private static final Logger LOG = LoggerFactory.getLogger(Printing.class);

  /** Some 200 dots an inch. */
  private static final double SHARPNESS = 2.8;

  private Printing() {}

  /**
   * {@return what came of printing the pages, in words; nothing where the person decided not to}
   */
  static String of(PrintedPages pages, Window owner) {
    PrinterJob job = PrinterJob.createPrinterJob();
    if (job == null) {
      return Texts.of("handin.no-printer");
    }
    if (!job.showPrintDialog(owner)) {
      job.cancelJob();
      return "";
    }
    try {
      return print(pages, job) && job.endJob()
          ? Texts.of("handin.printed")
          : Texts.of("handin.print-failed");
    } catch (IOException e) {
      LOG.error("cannot print", e);
      job.cancelJob();
      return Texts.of("handin.print-failed");
    }
  }

  private static boolean print(PrintedPages pages, PrinterJob job) throws IOException {
    PageLayout paper = job.getJobSettings().getPageLayout();
    for (int page = 0; page < pages.count(); page++) {
      ImageView view = new ImageView(SwingFXUtils.toFXImage(pages.drawn(page, SHARPNESS), null));
      view.setPreserveRatio(true);
      view.setFitWidth(paper.getPrintableWidth());
      view.setFitHeight(paper.getPrintableHeight());
      if (!job.printPage(view)) {
        return false;
      }
    }
    return true;
  }
}
