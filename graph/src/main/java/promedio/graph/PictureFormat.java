package promedio.graph;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import promedio.files.SafeWrite;

/** The formats pictures are saved in. */
public enum PictureFormat {
  PNG,
  SVG,
  PDF;

  /** {@return the format that the ending of a file names} */
  public static Optional<PictureFormat> of(Path file) {
    String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
    return Arrays.stream(values())
        .filter(format -> name.endsWith("." + format.name().toLowerCase(Locale.ROOT)))
        .findFirst();
  }

  /**
   * Writes a graph into a file, which is replaced whole or not at all.
   *
   * @param dotsAnInch how fine a picture is that is made of dots
   * @throws IOException if it cannot be written; the message is for a person
   */
  public void write(GraphExport graph, int dotsAnInch, Path file) throws IOException {
    SafeWrite.write(file, beside -> draw(graph, dotsAnInch, beside));
  }

  private void draw(GraphExport graph, int dotsAnInch, Path file) throws IOException {
    try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
      switch (this) {
        case PNG -> graph.png(out, Paper.scale(dotsAnInch));
        case SVG -> graph.svg(out);
        case PDF -> graph.pdf(out);
      }
    }
  }
}
