package promedio.graph;

import java.io.InputStream;
import java.util.Objects;

/** The fonts that ship with Promedio, as files. */
public final class GraphFonts {

  public static final String SANS = "PromedioSans-Regular.otf";
  public static final String SERIF = "PromedioSerif-Regular.ttf";
  public static final String SERIF_BOLD = "PromedioSerif-Bold.ttf";

  private GraphFonts() {}

  /** {@return the file of a font; whoever asks closes it} */
  public static InputStream open(String file) {
    return Objects.requireNonNull(
        GraphFonts.class.getResourceAsStream("/promedio/graph/fonts/" + file), file);
  }
}
