package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import promedio.core.message.Texts;
import promedio.files.RefusedFileException;

/** A workbook in OpenDocument format (OASIS OpenDocument 1.3, part 3, chapter 9). */
final class OdsWorkbook implements Workbook {

  private final DataSource source;
  private final List<String> sheets;
  private final int sheet;
  private final Progress progress;

  private OdsWorkbook(DataSource source, List<String> sheets, int sheet, Progress progress) {
    this.source = source;
    this.sheets = sheets;
    this.sheet = sheet;
    this.progress = progress;
  }

  static OdsWorkbook open(DataSource source, Optional<String> sheet, Progress progress)
      throws RefusedFileException, IOException {
    OdsSheets found = new OdsSheets(source.size());
    try {
      SafeXml.walk(content(source, Progress.NONE), found::list);
    } catch (IOException e) {
      throw Workbook.damaged(source, e);
    }
    List<String> names = found.names();
    int place = sheet.map(name -> Workbook.place(names, name)).orElseGet(found::proposed);
    if (place < 0 || names.isEmpty()) {
      throw Workbook.noSheet(source, sheet.orElse(""), names);
    }
    return new OdsWorkbook(source, names, place, progress);
  }

  /** The part of the packed file that holds all sheets. */
  private static InputStream content(DataSource source, Progress progress) throws IOException {
    ZipFile zip = WorkbookGuard.open(source);
    ZipArchiveEntry content = zip.getEntry("content.xml");
    if (content == null) {
      zip.close();
      throw new IOException("no content.xml");
    }
    return new WatchedStream(zip.getInputStream(content), content.getSize(), progress) {
      @Override
      public void close() throws IOException {
        super.close();
        zip.close();
      }
    };
  }

  @Override
  public Recognised.Format format() {
    return Recognised.Format.ODS;
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
    return sink -> {
      OdsSheets cells = new OdsSheets(source.size());
      try {
        SafeXml.walk(content(source, progress), xml -> cells.rows(xml, sheet, sink));
      } catch (OdsSheets.TooManyException e) {
        throw new RefusedFileException(Texts.of("file.too-many-cells", source.name()), e);
      } catch (IOException e) {
        throw Workbook.damaged(source, e);
      }
    };
  }
}
