package promedio.desktop.graph;

import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;

/** Something that can be drawn on any paper. */
interface Drawing {

  /** Draws it into the area. */
  void draw(Graphics2D graphics, Rectangle2D area);
}
