package promedio.graph;

import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.GeneralPath;
import java.awt.geom.Rectangle2D;

/**
 * How the points of a category are drawn: each has a shape of its own and, as far as they go, a
 * colour, so that nothing is told by colour alone.
 *
 * @param shape around the origin
 * @param filled whether it is filled
 * @param ink its colour
 */
record PointMark(Shape shape, boolean filled, Color ink) {

  private static final double HALF = 4.2;

  /** {@return the mark of the category at a place; of a point without one a small ring} */
  static PointMark of(int category) {
    if (category < 0) {
      return new PointMark(new Ellipse2D.Double(-2.5, -2.5, 5, 5), false, Ink.QUIET);
    }
    Shape shape =
        switch (category % 3) {
          case 0 -> new Ellipse2D.Double(-HALF, -HALF, 2 * HALF, 2 * HALF);
          case 1 -> path(0, -HALF - 1, HALF + 1, HALF, -HALF - 1, HALF);
          default ->
              new Rectangle2D.Double(-HALF + 0.4, -HALF + 0.4, 2 * HALF - 0.8, 2 * HALF - 0.8);
        };
    return new PointMark(shape, category < 3, Ink.series(category));
  }

  private static Shape path(double... xy) {
    GeneralPath path = new GeneralPath();
    path.moveTo(xy[0], xy[1]);
    for (int i = 2; i < xy.length; i += 2) {
      path.lineTo(xy[i], xy[i + 1]);
    }
    path.closePath();
    return path;
  }
}
