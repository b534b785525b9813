package promedio.desktop.window.working;

import java.awt.Shape;
import java.awt.font.GlyphVector;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import javafx.scene.canvas.Canvas;
import org.jfree.fx.FXGraphics2D;

/**
 * Gathers the outlines of all that is drawn. Text becomes outlines too: the canvas behind would
 * take another font of the same name and lose the symbols.
 */
final class OutlineGraphics extends FXGraphics2D {

  private final Path2D outline = new Path2D.Double();

  OutlineGraphics() {
    super(new Canvas(1, 1).getGraphicsContext2D());
  }

  Path2D outline() {
    return outline;
  }

  @Override
  public void fill(Shape shape) {
    outline.append(getTransform().createTransformedShape(shape), false);
  }

  @Override
  public void draw(Shape shape) {
    fill(getStroke().createStrokedShape(shape));
  }

  @Override
  public void fillRect(int x, int y, int width, int height) {
    fill(new Rectangle2D.Double(x, y, width, height));
  }

  @Override
  public void drawLine(int x1, int y1, int x2, int y2) {
    draw(new Line2D.Double(x1, y1, x2, y2));
  }

  @Override
  public void drawGlyphVector(GlyphVector glyphs, float x, float y) {
    fill(glyphs.getOutline(x, y));
  }

  @Override
  public void drawString(String text, float x, float y) {
    drawGlyphVector(getFont().createGlyphVector(getFontRenderContext(), text), x, y);
  }

  @Override
  public void drawString(String text, int x, int y) {
    drawString(text, (float) x, (float) y);
  }

  @Override
  public void drawChars(char[] characters, int offset, int length, int x, int y) {
    drawString(new String(characters, offset, length), (float) x, (float) y);
  }
}
