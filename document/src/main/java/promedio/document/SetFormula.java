package promedio.document;

import java.awt.Graphics2D;
import java.awt.Insets;
import javax.swing.JLabel;
import org.scilab.forge.jlatexmath.TeXConstants;
import org.scilab.forge.jlatexmath.TeXFormula;
import org.scilab.forge.jlatexmath.TeXIcon;

/** A formula, set for paper. */
public final class SetFormula {

  private static final int PAD = 2;

  static {
    // What documents have in a package, the renderer has not.
    new TeXFormula("\\newcommand{\\cancel}[1]{\\overline{#1}}");
  }

  private final TeXIcon icon;

  private SetFormula(TeXIcon icon) {
    this.icon = icon;
  }

  /**
   * {@return the formula, set}
   *
   * @param latex in LaTeX
   * @param size of its letters, in the units of what it is drawn on
   */
  public static SetFormula of(String latex, float size) {
    TeXIcon icon = new TeXFormula(latex).createTeXIcon(TeXConstants.STYLE_DISPLAY, size);
    icon.setInsets(new Insets(PAD, PAD, PAD, PAD));
    return new SetFormula(icon);
  }

  /** {@return how wide it is} */
  public double width() {
    return icon.getIconWidth();
  }

  /** {@return how high it is} */
  public double height() {
    return icon.getIconHeight();
  }

  /** {@return how much of its height lies below the line that it is written on} */
  public double depth() {
    return icon.getIconDepth();
  }

  /** Draws it with its upper left corner at the origin. */
  public void draw(Graphics2D graphics) {
    icon.paintIcon(new JLabel(), graphics, 0, 0);
  }
}
