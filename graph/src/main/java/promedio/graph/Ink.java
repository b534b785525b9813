package promedio.graph;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;

/** Paper and ink of graphs. */
final class Ink {

  static final Color PAPER = Color.WHITE;
  static final Color INK = new Color(0x22303C);
  static final Color QUIET = new Color(0x5A626B);
  static final Color LINE = new Color(0xD8CDB5);

  /** The first sample, the second, …; they differ in their strokes as well. */
  private static final List<Color> SERIES =
      List.of(new Color(0x1C5578), new Color(0x8A5200), new Color(0x743475), new Color(0x22693A));

  private static final List<float[]> DASHES =
      List.of(new float[] {}, new float[] {7, 4}, new float[] {2, 3}, new float[] {9, 3, 2, 3});

  private static final Font SANS = font(GraphFonts.SANS);
  private static final Font BOLD = font(GraphFonts.SERIF_BOLD);

  private Ink() {}

  private static Font font(String file) {
    try (InputStream in = GraphFonts.open(file)) {
      return Font.createFont(Font.TRUETYPE_FONT, in);
    } catch (IOException | FontFormatException e) {
      throw new IllegalStateException("the font " + file + " does not ship", e);
    }
  }

  static Font sans(float size) {
    return SANS.deriveFont(size);
  }

  static Font serif(float size) {
    return BOLD.deriveFont(size);
  }

  static Color series(int index) {
    return SERIES.get(index % SERIES.size());
  }

  /** {@return a light tone of the colour of a sample} */
  static Color fill(int index) {
    Color color = series(index);
    return new Color(color.getRed(), color.getGreen(), color.getBlue(), index == 0 ? 60 : 28);
  }

  /** {@return a strong tone of the colour of a sample, for what is chosen} */
  static Color strong(int index) {
    return tone(index, 170);
  }

  /** {@return the colour of a sample so dark, from 0 to 255} */
  static Color tone(int index, int dark) {
    Color color = series(index);
    return new Color(color.getRed(), color.getGreen(), color.getBlue(), dark);
  }

  static BasicStroke stroke(int index, float width) {
    float[] dash = DASHES.get(index % DASHES.size());
    return dash.length == 0
        ? new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
        : new BasicStroke(width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10, dash, 0);
  }
}
