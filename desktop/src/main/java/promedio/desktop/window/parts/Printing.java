package promedio.desktop.window.parts;

import java.awt.print.PrinterException;
import java.io.IOException;
import java.util.Arrays;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import javafx.print.JobSettings;
import javafx.print.PageRange;
import javafx.print.PrinterJob;
import javafx.stage.Window;
import javax.print.PrintService;
import javax.print.PrintServiceLookup;
import javax.print.attribute.HashPrintRequestAttributeSet;
import javax.print.attribute.PrintRequestAttributeSet;
import javax.print.attribute.standard.Copies;
import javax.print.attribute.standard.PageRanges;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.message.Texts;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.Menus;
import promedio.document.PrintedPages;
import promedio.files.table.Progress;

/** Prints documents through the printers of the system, apart from the window. */
final class Printing {

  private static final Logger LOG = LoggerFactory.getLogger(Printing.class);

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
    PrinterJob asked = PrinterJob.createPrinterJob();
    if (asked == null) {
      told.accept(Texts.of("handin.no-printer"));
      return;
    }
    Menus.close();
    boolean wanted = asked.showPrintDialog(owner);
    // The window's own way of printing sends pictures: it only asks which printer is meant.
    asked.cancelJob();
    if (wanted) {
      String printer = asked.getPrinter().getName();
      PrintRequestAttributeSet attributes = attributes(asked.getJobSettings());
      background.watch(
          Background.Lane.EXPORT,
          Texts.of("handin.printing"),
          progress -> print(pages, service(printer), attributes, progress),
          done -> told.accept(Texts.of(done ? "handin.printed" : "handin.print-stopped")),
          this::fail);
    }
  }

  private static PrintRequestAttributeSet attributes(JobSettings settings) {
    PrintRequestAttributeSet attributes = new HashPrintRequestAttributeSet();
    attributes.add(new Copies(Math.max(1, settings.getCopies())));
    PageRange[] ranges = settings.getPageRanges();
    if (ranges != null && ranges.length > 0) {
      attributes.add(
          new PageRanges(
              Arrays.stream(ranges)
                  .map(range -> new int[] {range.getStartPage(), range.getEndPage()})
                  .toArray(int[][]::new)));
    }
    return attributes;
  }

  private static PrintService service(String name) throws IOException {
    return Arrays.stream(PrintServiceLookup.lookupPrintServices(null, null))
        .filter(each -> each.getName().equals(name))
        .findFirst()
        .orElseThrow(() -> new IOException("there is no printer " + name));
  }

  private void fail(Exception failure) {
    if (failure instanceof CancellationException) {
      told.accept(Texts.of("handin.print-stopped"));
      return;
    }
    LOG.error("cannot print", failure);
    told.accept(Texts.of("handin.print-failed"));
  }

  /** The preview may have gone on to another document meanwhile, so that the pages are copied. */
  private static boolean print(
      PrintedPages pages, PrintService printer, PrintRequestAttributeSet wanted, Progress progress)
      throws IOException, PrinterException {
    try (PrintedPages printed = pages.copy()) {
      return printed.print(
          printer,
          wanted,
          page -> {
            progress.at(page, printed.count());
            return !Thread.currentThread().isInterrupted();
          });
    }
  }
}
