package promedio.bench;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.zip.ZipFile;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import promedio.core.table.ReadingChoices;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

/**
 * Imports a workbook of 100,000 rows and 20 columns, a quarter of them words, against a bare pass
 * of the XML parser over the unpacked sheet.
 */
final class BigWorkbook {

  private static final int ROWS = 100_000;
  private static final int COLUMNS = 20;

  private BigWorkbook() {}

  static void run() throws IOException, RefusedFileException, XMLStreamException {
    Path file = Files.createTempFile("sorting-line", ".xlsx");
    try {
      write(file);
      double[] bare = new double[BigFile.ROUNDS];
      double[] read = new double[BigFile.ROUNDS];
      for (int round = 0; round < BigFile.ROUNDS; round++) {
        long start = System.nanoTime();
        long events = barePass(file);
        bare[round] = Times.millisSince(start);
        start = System.nanoTime();
        int rows =
            TableReader.read(DataSource.of(file), ReadingChoices.NONE, Progress.NONE)
                .table()
                .rows();
        read[round] = Times.millisSince(start);
        System.out.printf(
            "round %d: bare pass %.0f ms (%d events), imported %.0f ms (%d rows)%n",
            round + 1, bare[round], events, read[round], rows);
      }
      System.out.printf(
          "medians of the last %d: bare pass %.0f ms; importing %.2f times that (at most 2)%n",
          BigFile.ROUNDS - 2, BigFile.median(bare), BigFile.median(read) / BigFile.median(bare));
    } finally {
      Files.delete(file);
    }
  }

  private static void write(Path file) throws IOException {
    Random random = new Random(7);
    try (OutputStream out = Files.newOutputStream(file);
        Workbook workbook = new Workbook(out, "Promedio", "1.0")) {
      Worksheet sheet = workbook.newWorksheet("log");
      for (int column = 0; column < COLUMNS; column++) {
        sheet.value(0, column, "column " + (column + 1));
      }
      for (int row = 1; row <= ROWS; row++) {
        for (int column = 0; column < COLUMNS; column++) {
          if (column % 4 == 0) {
            sheet.value(row, column, "line " + random.nextInt(12));
          } else {
            sheet.value(row, column, Math.round(1388 + 136 * random.nextGaussian()) / 10.0);
          }
        }
      }
    }
  }

  private static long barePass(Path file) throws IOException, XMLStreamException {
    long events = 0;
    try (ZipFile zip = new ZipFile(file.toFile());
        InputStream in = zip.getInputStream(zip.getEntry("xl/worksheets/sheet1.xml"))) {
      XMLStreamReader reader = XMLInputFactory.newFactory().createXMLStreamReader(in);
      while (reader.hasNext()) {
        reader.next();
        events++;
      }
      reader.close();
    }
    return events;
  }
}
