package promedio.desktop.window.parts;

import java.util.HashMap;
import java.util.Map;
import java.util.stream.IntStream;
import javafx.collections.FXCollections;
import javafx.embed.swing.SwingFXUtils;
import javafx.geometry.Pos;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.message.Texts;
import promedio.desktop.session.Background;
import promedio.document.PrintedPages;

/** Pages under one another as they will print; only those in sight are drawn. */
final class PagesView extends ListView<Integer> {

  private static final Logger LOG = LoggerFactory.getLogger(PagesView.class);

  /** Points on the screen for each of the page, where there is room; and dots for each point. */
  private static final double SIZE = 1.1;

  /** What the bar and the edges of the list take of its width. */
  private static final double EDGES = 34;

  private static final double SHARPNESS = 1.6;
  private static final double GAP = 18;

  private final Background background;
  private final Map<Integer, Image> drawn = new HashMap<>();
  private @Nullable PrintedPages pages;

  PagesView(Background background) {
    this.background = background;
    setId("handin-pages");
    getStyleClass().add("pages");
    setAccessibleText(Texts.of("handin.preview"));
    setCellFactory(list -> new PageCell());
    widthProperty().subscribe(width -> fit());
  }

  /** Shows the pages of a document, none where that is {@code null}; it stays where it is. */
  void show(@Nullable PrintedPages shown) {
    pages = shown;
    drawn.clear();
    if (shown == null) {
      getItems().clear();
      return;
    }
    fit();
    setItems(FXCollections.observableArrayList(IntStream.range(0, shown.count()).boxed().toList()));
  }

  /** Pages are never wider than the list. */
  private void fit() {
    PrintedPages now = pages;
    if (now != null) {
      setFixedCellSize(now.height() * size(now) + GAP);
      refresh();
    }
  }

  private double size(PrintedPages shown) {
    double room = getWidth() - EDGES;
    return room <= 0 ? SIZE : Math.min(SIZE, room / shown.width());
  }

  /** A page, blank until it is drawn. */
  private final class PageCell extends ListCell<Integer> {

    private final ImageView view = new ImageView();

    PageCell() {
      getStyleClass().add("page-cell");
      setAlignment(Pos.TOP_CENTER);
      setGraphic(view);
      view.setPreserveRatio(true);
      view.setSmooth(true);
    }

    @Override
    protected void updateItem(@Nullable Integer page, boolean empty) {
      super.updateItem(page, empty);
      PrintedPages now = pages;
      if (empty || page == null || now == null) {
        view.setImage(null);
        return;
      }
      setAccessibleText(Texts.of("handin.page", page + 1, now.count()));
      view.setFitWidth(now.width() * size(now));
      Image known = drawn.get(page);
      view.setImage(known);
      if (known == null) {
        background.run(
            Background.Lane.PAGES,
            Texts.of("handin.page", page + 1, now.count()),
            () -> now.drawn(page, SIZE * SHARPNESS),
            image -> {
              if (now == pages) {
                drawn.put(page, SwingFXUtils.toFXImage(image, null));
                if (page.equals(getItem())) {
                  view.setImage(drawn.get(page));
                }
              }
            },
            failure -> LOG.debug("page {} is of a document that is shown no more", page, failure));
      }
    }
  }
}
