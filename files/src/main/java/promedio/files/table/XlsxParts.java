package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;

/**
 * The parts of a workbook in Office Open XML and how they belong together (ECMA-376, part 1, 18.2,
 * and part 2, 9). Only the workbook and a sheet must be there; all else is optional.
 */
final class XlsxParts {

  private static final String OFFICE_DOCUMENT = "/officeDocument";

  private final ZipFile zip;
  private final Map<String, ZipArchiveEntry> entries = new HashMap<>();
  private final List<SheetPart> sheets = new ArrayList<>();
  private Map<String, Relation> relations = Map.of();
  private boolean from1904;

  /**
   * A sheet of cells.
   *
   * @param name what it is called
   * @param hidden whether it is kept out of sight
   * @param part the name of the part that holds it
   */
  record SheetPart(String name, boolean hidden, String part) {}

  /** Where a relation leads, and what it is. */
  private record Relation(String type, String target) {}

  private XlsxParts(ZipFile zip) {
    this.zip = zip;
    Collections.list(zip.getEntries()).forEach(entry -> entries.put(entry.getName(), entry));
  }

  /**
   * {@return the parts of the packed file}
   *
   * @throws IOException if there is no workbook in it
   */
  static XlsxParts of(ZipFile zip) throws IOException {
    XlsxParts parts = new XlsxParts(zip);
    String workbook =
        parts.relations("").values().stream()
            .filter(relation -> relation.type().endsWith(OFFICE_DOCUMENT))
            .map(Relation::target)
            .filter(parts.entries::containsKey)
            .findFirst()
            .orElse("xl/workbook.xml");
    parts.relations = parts.relations(workbook);
    parts.readWorkbook(workbook);
    return parts;
  }

  private void readWorkbook(String workbook) throws IOException {
    SafeXml.walk(
        stream(workbook).orElseThrow(() -> new IOException("no workbook")),
        xml -> {
          while (SafeXml.nextStart(xml)) {
            if (xml.getLocalName().equals("workbookPr")) {
              String flag = SafeXml.attribute(xml, "date1904").orElse("0");
              from1904 = flag.equals("1") || flag.equals("true");
            } else if (xml.getLocalName().equals("sheet")) {
              String state = SafeXml.attribute(xml, "state").orElse("visible");
              Relation relation = relations.get(SafeXml.attribute(xml, "id").orElse(""));
              String name =
                  SafeXml.attribute(xml, "name").orElse(String.valueOf(sheets.size() + 1));
              if (relation != null && relation.type().endsWith("/worksheet")) {
                sheets.add(new SheetPart(name, !state.equals("visible"), relation.target()));
              }
            }
          }
        });
  }

  /** {@return the relations of a part, by their ids; those of the file itself for an empty name} */
  private Map<String, Relation> relations(String part) throws IOException {
    int slash = part.lastIndexOf('/') + 1;
    String folder = part.substring(0, slash);
    Optional<InputStream> in = stream(folder + "_rels/" + part.substring(slash) + ".rels");
    Map<String, Relation> found = new HashMap<>();
    if (in.isPresent()) {
      SafeXml.walk(
          in.get(),
          xml -> {
            while (SafeXml.nextStart(xml)) {
              if (xml.getLocalName().equals("Relationship")) {
                found.put(
                    SafeXml.attribute(xml, "Id").orElse(""),
                    new Relation(
                        SafeXml.attribute(xml, "Type").orElse(""),
                        resolved(folder, SafeXml.attribute(xml, "Target").orElse(""))));
              }
            }
          });
    }
    return found;
  }

  /** Targets begin at the folder of the part, or with a slash at the top. */
  private static String resolved(String folder, String target) {
    if (target.startsWith("/")) {
      return target.substring(1);
    }
    String name = target.startsWith("./") ? target.substring(2) : target;
    String in = folder;
    while (name.startsWith("../")) {
      name = name.substring(3);
      in = in.substring(0, Math.max(0, in.lastIndexOf('/', in.length() - 2) + 1));
    }
    return in + name;
  }

  /** {@return the sheets of cells, in their order} */
  List<SheetPart> sheets() {
    return sheets;
  }

  /** {@return whether days are counted from 1904 on} */
  boolean countsFrom1904() {
    return from1904;
  }

  /** {@return the part that the workbook has of a kind, such as its styles} */
  Optional<InputStream> ofWorkbook(String kind) throws IOException {
    for (Relation relation : relations.values()) {
      if (relation.type().endsWith("/" + kind)) {
        return stream(relation.target());
      }
    }
    return Optional.empty();
  }

  /** {@return the part of the name, if it is there} */
  Optional<InputStream> stream(String part) throws IOException {
    ZipArchiveEntry entry = entries.get(part);
    return entry == null ? Optional.empty() : Optional.of(zip.getInputStream(entry));
  }

  /** {@return how many bytes the part of the name unpacks to, below 0 where nobody says} */
  long size(String part) {
    ZipArchiveEntry entry = entries.get(part);
    return entry == null ? -1 : entry.getSize();
  }
}
