import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.File;
import javax.imageio.ImageIO;

/**
 * Draws the icons of Promedio: a line-up of values on a sheet of paper, balanced on its mean.
 *
 * <pre>java tools/MakeIcons.java desktop/src/main/resources/promedio/desktop/icons</pre>
 */
final class MakeIcons {

  private static final int[] SIZES = {16, 24, 32, 48, 64, 128, 256, 512};

  /** Where the values stand on the beam, in sixths of it, and how many stand there. */
  private static final int[][] VALUES = {{0, 1}, {1, 1}, {2, 3}, {3, 2}, {4, 1}, {6, 1}};

  private MakeIcons() {}

  /** Writes a PNG of each size into the folder. */
  public static void main(String[] arguments) throws Exception {
    File folder = new File(arguments[0]);
    folder.mkdirs();
    for (int size : SIZES) {
      BufferedImage image = new BufferedImage(size, size, BufferedImage.TYPE_INT_ARGB);
      Graphics2D graphics = image.createGraphics();
      graphics.setRenderingHint(
          RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
      graphics.setRenderingHint(
          RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
      graphics.scale(size / 64.0, size / 64.0);
      draw(graphics);
      graphics.dispose();
      ImageIO.write(image, "png", new File(folder, "promedio-" + size + ".png"));
    }
  }

  private static void draw(Graphics2D graphics) {
    RoundRectangle2D paper = new RoundRectangle2D.Double(3, 3, 58, 58, 14, 14);
    graphics.setColor(new Color(0xF5F0E3));
    graphics.fill(paper);
    graphics.setColor(new Color(0x8D8067));
    graphics.setStroke(new BasicStroke(2));
    graphics.draw(paper);
    Color ink = new Color(0x22303C);
    double beam = 42;
    graphics.setColor(ink);
    graphics.setStroke(new BasicStroke(3, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    graphics.draw(new Line2D.Double(10, beam, 54, beam));
    graphics.setColor(new Color(0x1C5578));
    double sum = 0;
    int count = 0;
    for (int[] value : VALUES) {
      double x = 12.2 + 6.6 * value[0];
      for (int i = 0; i < value[1]; i++) {
        graphics.fill(new Ellipse2D.Double(x - 3.2, beam - 8.4 - 7.4 * i, 6.4, 6.4));
        sum += x;
        count++;
      }
    }
    double mean = sum / count;
    Path2D wedge = new Path2D.Double();
    wedge.moveTo(mean, beam + 1.5);
    wedge.lineTo(mean + 7, beam + 13);
    wedge.lineTo(mean - 7, beam + 13);
    wedge.closePath();
    graphics.setColor(new Color(0xA6231B));
    graphics.fill(wedge);
  }
}
