package promedio.files.table;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.message.Texts;
import promedio.files.RefusedFileException;

/** A file of several sheets. */
interface Workbook {

  /** {@return what kind of file it is} */
  Recognised.Format format();

  /** {@return the names of its sheets, in their order} */
  List<String> sheets();

  /** {@return the sheet that is read} */
  String sheet();

  /** {@return the rows of that sheet} */
  RowFeed feed();

  /**
   * {@return the workbook}
   *
   * @param sheet the sheet to read, by name or number from 1; otherwise the first that holds
   *     anything
   * @throws RefusedFileException if it is no workbook, is damaged, or would do harm
   */
  static Workbook open(DataSource source, Optional<String> sheet, Progress progress)
      throws RefusedFileException, IOException {
    return switch (WorkbookGuard.check(source)) {
      case XLSX -> XlsxWorkbook.open(source, sheet, progress);
      case ODS -> OdsWorkbook.open(source, sheet, progress);
      case OTHER -> throw new RefusedFileException(Texts.of("file.archive", source.name()));
    };
  }

  /** {@return the place of the chosen sheet among these names, −1 where there is none} */
  static int place(List<String> names, String nameOrNumber) {
    int named = names.indexOf(nameOrNumber);
    return named >= 0
        ? named
        : IntStream.range(0, names.size())
            .filter(i -> String.valueOf(i + 1).equals(nameOrNumber.strip()))
            .findFirst()
            .orElse(-1);
  }

  /** {@return the refusal of a workbook without that sheet} */
  static RefusedFileException noSheet(DataSource source, String sheet, List<String> names) {
    return new RefusedFileException(
        Texts.of("file.no-sheet", source.name(), sheet, String.join(", ", names)));
  }

  /** {@return the refusal of a workbook in which something is not as it must be} */
  static RefusedFileException damaged(DataSource source, Exception why) {
    return new RefusedFileException(Texts.of("file.damaged", source.name()), why);
  }
}
