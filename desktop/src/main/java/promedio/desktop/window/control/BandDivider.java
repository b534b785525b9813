package promedio.desktop.window.control;

import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import promedio.core.message.Texts;
import promedio.desktop.session.SettingsStore;
import promedio.files.settings.Settings;

/** The edge of a band, by which it is made wider or narrower, and folded away and back. */
public final class BandDivider extends StackPane {

  private static final double STEP = 24;

  /** So much of the window is left to what stands beside the band. */
  private static final double LEFT_OVER = 0.4;

  private final Region band;
  private final int outwards;
  private final String name;
  private final SettingsStore settings;
  private final Label sign = new Label();
  private double from;
  private double widthBefore;

  /** How wide the band was before it was folded. */
  private double widthOpen;

  private boolean dragged;
  private boolean folded;

  /** Whether the room asked for it to be folded last. */
  private boolean wished;

  /**
   * Makes the edge of a band.
   *
   * @param name what the band is called, as a key of texts
   * @param outwards 1 where dragging to the right makes the band wider, −1 where to the left
   * @param settings where it is remembered how the person left it
   */
  public BandDivider(Region band, String name, int outwards, SettingsStore settings) {
    this.settings = settings;
    this.band = band;
    this.outwards = outwards;
    this.name = name;
    getStyleClass().add("grip");
    setId("grip-" + name);
    setCursor(Cursor.H_RESIZE);
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.BUTTON);
    getChildren().add(sign);
    setOnMousePressed(this::begin);
    setOnMouseDragged(this::drag);
    setOnMouseReleased(event -> letGo());
    setOnKeyPressed(this::handleKey);
    remembered().ifPresent(this::restore);
    tell();
  }

  private Optional<Settings.Band> remembered() {
    return Optional.ofNullable(settings.get().bands().get(name));
  }

  private void restore(Settings.Band band) {
    this.band.setPrefWidth(band.width());
    widthOpen = band.width();
    fold(band.folded());
  }

  private void remember() {
    double open = band.getPrefWidth() > 0 ? band.getPrefWidth() : band.getWidth();
    double width = Math.max(1, folded ? widthOpen : open);
    settings.remember(old -> old.withBand(name, new Settings.Band(width, folded)));
  }

  private void begin(MouseEvent event) {
    requestFocus();
    from = event.getSceneX();
    widthBefore = band.getWidth();
    dragged = false;
  }

  private void drag(MouseEvent event) {
    double by = (event.getSceneX() - from) * outwards;
    if (Math.abs(by) > 2 && !folded) {
      dragged = true;
      widen(widthBefore + by);
    }
  }

  private void letGo() {
    if (!dragged) {
      fold(!folded);
    }
    remember();
  }

  private void widen(double width) {
    double most = getScene().getWidth() * (1 - LEFT_OVER);
    band.setPrefWidth(Math.max(band.minWidth(-1), Math.min(most, width)));
  }

  private void fold(boolean away) {
    if (away && band.getWidth() > 0) {
      widthOpen = band.getWidth();
    }
    folded = away;
    Nodes.setShown(band, !away);
    tell();
  }

  /** Folds the band where there is no room for it, and opens it again, unless the person did. */
  public void foldByItself(boolean away) {
    if (away != wished) {
      wished = away;
      fold(away);
    }
  }

  private void handleKey(KeyEvent event) {
    switch (event.getCode()) {
      case ENTER, SPACE -> fold(!folded);
      case LEFT -> widen(band.getWidth() - STEP * outwards);
      case RIGHT -> widen(band.getWidth() + STEP * outwards);
      default -> {
        return;
      }
    }
    remember();
    event.consume();
  }

  private void tell() {
    boolean pointsRight = folded == (outwards > 0);
    sign.setText(pointsRight ? "›" : "‹");
    setAccessibleText(Texts.of(folded ? "grip.folded" : "grip.open", Texts.of("grip." + name)));
  }
}
