package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import promedio.files.RefusedFileException;

/** A workbook in OpenDocument format (OASIS OpenDocument 1.3, part 3, chapter 9). */
final class OdsWorkbook implements Workbook {

  private static final XMLInputFactory XML = factory();

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

  private static XMLInputFactory factory() {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, true);
    return factory;
  }

  static OdsWorkbook open(DataSource source, Optional<String> sheet, Progress progress)
      throws RefusedFileException, IOException {
    try (InputStream in = content(source, Progress.NONE)) {
      OdsSheets found = OdsSheets.list(XML.createXMLStreamReader(in));
      List<String> names = found.names();
      int place =
          sheet.map(name -> Workbook.place(names, name)).orElse(Math.max(0, found.firstFilled()));
      if (place < 0 || names.isEmpty()) {
        throw Workbook.noSheet(source, sheet.orElse(""), names);
      }
      return new OdsWorkbook(source, names, place, progress);
    } catch (XMLStreamException e) {
      throw Workbook.damaged(source, e);
    }
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
      try (InputStream in = content(source, progress)) {
        new OdsSheets(XML.createXMLStreamReader(in)).rows(sheet, sink);
      } catch (XMLStreamException e) {
        if (e.getNestedException() instanceof IOException cause) {
          throw cause;
        }
        throw Workbook.damaged(source, e);
      }
    };
  }
}
