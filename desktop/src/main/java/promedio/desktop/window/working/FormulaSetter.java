package promedio.desktop.window.working;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.Locale;
import promedio.document.SetFormula;

/** Sets LaTeX as the outlines of its characters, so that a style sheet can give them any ink. */
public final class FormulaSetter {

  private static final float SIZE = 19;

  private FormulaSetter() {}

  /**
   * A formula as one shape.
   *
   * @param path its outlines as SVG path data
   * @param width in pixels
   * @param height in pixels
   */
  public record Shape(String path, double width, double height) {}

  /** {@return the formula, set} */
  public static Shape set(String latex) {
    SetFormula formula = SetFormula.of(latex, SIZE);
    OutlineGraphics graphics = new OutlineGraphics();
    formula.draw(graphics);
    return new Shape(path(graphics.outline()), formula.width(), formula.height());
  }

  private static String path(Path2D outline) {
    StringBuilder path = new StringBuilder();
    double[] at = new double[6];
    for (PathIterator i = outline.getPathIterator(new AffineTransform()); !i.isDone(); i.next()) {
      switch (i.currentSegment(at)) {
        case PathIterator.SEG_MOVETO -> append(path, 'M', at, 2);
        case PathIterator.SEG_LINETO -> append(path, 'L', at, 2);
        case PathIterator.SEG_QUADTO -> append(path, 'Q', at, 4);
        case PathIterator.SEG_CUBICTO -> append(path, 'C', at, 6);
        default -> path.append('Z');
      }
    }
    return path.toString();
  }

  private static void append(StringBuilder path, char command, double[] at, int count) {
    path.append(command);
    for (int i = 0; i < count; i++) {
      path.append(String.format(Locale.ROOT, "%.3f ", at[i]));
    }
  }
}
