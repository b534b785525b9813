package promedio.desktop.window.control;

import javafx.scene.Node;
import javafx.scene.layout.VBox;

/**
 * A card of a page that scrolls: as high as what is in it. Its height is asked for several times in
 * each layout; it is worked out once for each width, until something inside of it changes.
 */
public class MeasuredBox extends VBox {

  private double measuredWidth = Double.NaN;
  private double measuredHeight;

  /** Makes a card without parts. */
  public MeasuredBox() {
    this(0);
  }

  /** Makes a card of these parts, so many points apart. */
  public MeasuredBox(double spacing, Node... parts) {
    super(spacing, parts);
  }

  @Override
  public void requestLayout() {
    measuredWidth = Double.NaN;
    super.requestLayout();
  }

  @Override
  protected double computeMinHeight(double width) {
    return computePrefHeight(width);
  }

  @Override
  protected double computePrefHeight(double width) {
    if (width != measuredWidth) {
      measuredHeight = super.computePrefHeight(width);
      measuredWidth = width;
    }
    return measuredHeight;
  }
}
