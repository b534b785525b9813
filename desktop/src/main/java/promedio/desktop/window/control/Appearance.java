package promedio.desktop.window.control;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.scene.Parent;
import promedio.files.settings.Settings;

/** Light or dark, and how large text is. */
public final class Appearance {

  private static final double USUAL_PIXELS = 13;
  private static final int STEP = 10;

  private final BooleanProperty dark = new SimpleBooleanProperty(this, "dark");
  private final IntegerProperty textPercent = new SimpleIntegerProperty(this, "textPercent", 100);

  public Appearance(Settings settings) {
    dark.set(settings.dark());
    textPercent.set(settings.textPercent());
  }

  public BooleanProperty darkProperty() {
    return dark;
  }

  public IntegerProperty textPercentProperty() {
    return textPercent;
  }

  /** {@return how large text is, 1 for the usual} */
  public double textScale() {
    return textPercent.get() / 100.0;
  }

  public void larger() {
    setPercent(textPercent.get() + STEP);
  }

  public void smaller() {
    setPercent(textPercent.get() - STEP);
  }

  public void usual() {
    setPercent(100);
  }

  public void setPercent(int percent) {
    textPercent.set(Math.max(Settings.SMALLEST_TEXT, Math.min(Settings.LARGEST_TEXT, percent)));
  }

  /** Keeps a window's root in this look. */
  public void dress(Parent root) {
    dark.subscribe(
        on -> {
          root.getStyleClass().remove("dark");
          if (on) {
            root.getStyleClass().add("dark");
          }
        });
    textPercent.subscribe(
        percent ->
            root.setStyle("-fx-font-size: " + USUAL_PIXELS * percent.intValue() / 100 + "px"));
  }
}
