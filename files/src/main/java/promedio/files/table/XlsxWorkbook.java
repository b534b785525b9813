package promedio.files.table;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.compress.archivers.zip.ZipFile;
import promedio.files.RefusedFileException;
import promedio.files.table.XlsxParts.SheetPart;

/** A workbook in Office Open XML. */
final class XlsxWorkbook implements Workbook {

  private final DataSource source;
  private final List<String> sheets;
  private final int sheet;
  private final Progress progress;

  private XlsxWorkbook(DataSource source, List<String> sheets, int sheet, Progress progress) {
    this.source = source;
    this.sheets = sheets;
    this.sheet = sheet;
    this.progress = progress;
  }

  static XlsxWorkbook open(DataSource source, Optional<String> sheet, Progress progress)
      throws RefusedFileException, IOException {
    try (ZipFile zip = WorkbookGuard.open(source)) {
      XlsxParts parts = XlsxParts.of(zip);
      List<String> names = parts.sheets().stream().map(SheetPart::name).toList();
      if (names.isEmpty()) {
        throw new IOException("no sheets");
      }
      int place = sheet.map(name -> Workbook.place(names, name)).orElse(0);
      if (place < 0) {
        throw Workbook.noSheet(source, sheet.orElse(""), names);
      }
      if (sheet.isEmpty() && names.size() > 1) {
        place = proposed(parts);
      }
      return new XlsxWorkbook(source, names, place, progress);
    } catch (IOException | IllegalArgumentException e) {
      throw Workbook.damaged(source, e);
    }
  }

  private static int proposed(XlsxParts parts) throws IOException {
    List<SheetWorth> worths = new ArrayList<>();
    XlsxCells cells = cells(parts);
    for (SheetPart part : parts.sheets()) {
      SheetWorth worth = new SheetWorth(part.hidden());
      Optional<InputStream> in = parts.stream(part.part());
      if (in.isPresent()) {
        cells.into(in.get(), worth);
      }
      worths.add(worth);
    }
    return SheetWorth.best(worths);
  }

  private static XlsxCells cells(XlsxParts parts) throws IOException {
    return new XlsxCells(
        XlsxCells.strings(parts.ofWorkbook("sharedStrings")),
        XlsxStyles.read(parts.ofWorkbook("styles")),
        parts.countsFrom1904());
  }

  @Override
  public Recognised.Format format() {
    return Recognised.Format.XLSX;
  }

  @Override
  public List<String> sheets() {
    return sheets;
  }

  @Override
  public String sheet() {
    return sheets.get(sheet);
  }

  @Override
  public RowFeed feed() {
    return this::into;
  }

  private void into(RowSink sink) throws IOException, RefusedFileException {
    try (ZipFile zip = WorkbookGuard.open(source)) {
      XlsxParts parts = XlsxParts.of(zip);
      String part = parts.sheets().get(sheet).part();
      InputStream in = parts.stream(part).orElseThrow(() -> new IOException("no sheet"));
      cells(parts).into(watched(in, parts.size(part)), sink);
    } catch (IOException | IllegalArgumentException e) {
      throw Workbook.damaged(source, e);
    }
  }

  private InputStream watched(InputStream in, long size) {
    return size > 0 ? new WatchedStream(in, size, progress) : new FilterInputStream(in) {};
  }
}
