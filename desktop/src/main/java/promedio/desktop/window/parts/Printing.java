package promedio.desktop.window.parts;

import java.io.IOException;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import javafx.embed.swing.SwingFXUtils;
import javafx.print.PageLayout;
import javafx.print.PrinterJob;
import javafx.scene.image.ImageView;
import javafx.stage.Window;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.message.Cancellation;
import promedio.core.message.Texts;
import promedio.desktop.work.Background;
import promedio.document.PrintedPages;
import promedio.files.table.Progress;

/** Prints documents through the printers of the system, apart from the window. */
final class Printing {

  private static final Logger LOG = LoggerFactory.getLogger(Printing.class);

  /** Some 200 dots an inch. */
  private static final double SHARPNESS = 2.8;

  private final Background background;
  private final Consumer<String> told;

  /**
   * Makes one.
   *
   * @param told is told what came of printing, in words
   */
  Printing(Background background, Consumer<String> told) {
    this.background = background;
    this.told = told;
  }

  /** Asks for a printer, and prints the pages there. */
  void print(PrintedPages pages, Window owner) {
    PrinterJob job = PrinterJob.createPrinterJob();
    if (job == null) {
      told.accept(Texts.of("handin.no-printer"));
    } else if (job.showPrintDialog(owner)) {
      background.watch(
          Background.Lane.EXPORT,
          Texts.of("handin.printing"),
          progress -> print(pages, job, progress),
          done -> told.accept(Texts.of(done ? "handin.printed" : "handin.print-failed")),
          failure -> fail(job, failure));
    } else {
      job.cancelJob();
    }
  }

  private void fail(PrinterJob job, Exception failure) {
    job.cancelJob();
    if (failure instanceof CancellationException) {
      told.accept(Texts.of("handin.print-stopped"));
      return;
    }
    LOG.error("cannot print", failure);
    told.accept(Texts.of("handin.print-failed"));
  }

  /** The preview may have gone on to another document meanwhile, so that the pages are copied. */
  private static boolean print(PrintedPages pages, PrinterJob job, Progress progress)
      throws IOException {
    PageLayout paper = job.getJobSettings().getPageLayout();
    try (PrintedPages printed = pages.copy()) {
      for (int page = 0; page < printed.count(); page++) {
        Cancellation.check();
        ImageView view =
            new ImageView(SwingFXUtils.toFXImage(printed.drawn(page, SHARPNESS), null));
        view.setPreserveRatio(true);
        view.setFitWidth(paper.getPrintableWidth());
        view.setFitHeight(paper.getPrintableHeight());
        if (!job.printPage(view)) {
          return false;
        }
        progress.at(page + 1, printed.count());
      }
    }
    return job.endJob();
  }
}
