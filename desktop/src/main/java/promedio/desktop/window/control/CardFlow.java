package promedio.desktop.window.control;

import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;

/** Cards of one width: as many beside each other as keep their narrowest width, at most three. */
public final class CardFlow extends FlowPane {

  private static final double GAP = 12;
  private static final double NARROWEST = 202;
  private static final int MOST_ACROSS = 3;

  private final Appearance appearance;

  /** Makes the flow of these cards. */
  public CardFlow(Appearance appearance, Region... cards) {
    super(GAP, GAP, cards);
    this.appearance = appearance;
    // Otherwise cards as wide as the sheet would keep it from getting narrower.
    setMinWidth(0);
    for (Region card : cards) {
      // Narrow cards shorten names; they never push a neighbour into the next line.
      card.setMinWidth(0);
      // The flow is as high as its cards, so that nobody needs to know how low they could be.
      card.setMinHeight(0);
    }
    widthProperty().subscribe(width -> layOutCards());
    appearance.textPercentProperty().subscribe(percent -> layOutCards());
  }

  private void layOutCards() {
    double narrowest = NARROWEST * appearance.textScale();
    int most = Math.min(MOST_ACROSS, getChildren().size());
    int across = (int) Math.max(1, Math.min(most, (getWidth() + GAP) / (narrowest + GAP)));
    double each = Math.floor((getWidth() - GAP * (across - 1)) / across) - 1;
    getChildren()
        .forEach(
            card -> {
              ((Region) card).setPrefWidth(each);
              ((Region) card).setMaxWidth(each);
            });
  }
}
