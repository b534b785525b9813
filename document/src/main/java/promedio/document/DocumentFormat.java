package promedio.document;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The formats documents are written in. */
public enum DocumentFormat {
  /** Pages to print, tagged, with their fonts. */
  PDF(".pdf"),
  /** One page with everything in it. */
  HTML(".html"),
  /** For LaTeX, with a folder of pictures beside it. */
  LATEX(".tex"),
  /** Markdown, with a folder of pictures beside it. */
  MARKDOWN(".md");

  private final String ending;

  DocumentFormat(String ending) {
    this.ending = ending;
  }

  /** {@return how the names of such files end} */
  public String ending() {
    return ending;
  }

  /** {@return the endings of all formats} */
  public static List<String> endings() {
    return Arrays.stream(values()).map(DocumentFormat::ending).toList();
  }

  /** {@return the format that the ending of a file names} */
  public static Optional<DocumentFormat> of(Path file) {
    String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
    return Arrays.stream(values()).filter(format -> name.endsWith(format.ending)).findFirst();
  }

  /**
   * {@return the document, written}
   *
   * @param file the file it will go into, by which the folder of its pictures is called
   * @throws IOException if something of it cannot be drawn
   */
  public Written write(Document document, Path file) throws IOException {
    String folder = Written.folderOf(file);
    return switch (this) {
      case PDF -> Written.alone(new PdfWriter().pdf(document));
      case HTML -> Written.alone(new HtmlWriter().write(document).getBytes(StandardCharsets.UTF_8));
      case LATEX -> new LatexWriter(folder).write(document);
      case MARKDOWN -> new MarkdownWriter(folder).write(document);
    };
  }
}
