package promedio.desktop.window.sample;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.shape.Polyline;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.LineUp;
import promedio.desktop.projection.LineUp.Spot;
import promedio.desktop.window.sample.LineUpGeometry.Tiles;

/** The row of tiles of the line-up, with their positions, which is where the hand cuts. */
final class LineUpTiles {

  private static final double TILE_HEIGHT = 24;
  private static final double ROW_HEIGHT = 84;

  private final LineUpRenderer ink;
  private final IntConsumer choose;
  private final List<Node> labels = new ArrayList<>();

  LineUpTiles(LineUpRenderer ink, IntConsumer choose) {
    this.ink = ink;
    this.choose = choose;
  }

  /** {@return the tiles in the order of the values} */
  List<Node> labels() {
    return labels;
  }

  /** Tiles with their positions, cuts and brackets; returns where they end. */
  double draw(LineUp line, double top, Analysis now) {
    labels.clear();
    List<Spot> spots = line.spots();
    int longest =
        spots.stream().mapToInt(s -> LineUpRenderer.shown(s.value(), now).length()).max().orElse(1);
    double narrowest = Math.max(18, 9 + 7.2 * longest) * ink.textScale();
    double room = ink.width() - 2 * LineUpRenderer.PAD;
    Tiles tiles = Tiles.of(spots.size(), room, narrowest);
    double rowHeight = ROW_HEIGHT * ink.textScale();
    for (int i = 0; i < spots.size(); i++) {
      double y = top + tiles.row(i + 1) * rowHeight + 18 * ink.textScale();
      addTile(spots.get(i), i + 1, LineUpRenderer.PAD + tiles.x(i + 1), y, tiles.width(), now);
    }
    if (now.coversAny(Measures.MEDIAN, Measures.Q1, Measures.Q3)) {
      // Where the halves are cut would tell the results.
      return top + tiles.rows(spots.size()) * rowHeight;
    }
    line.half().ifPresent(half -> drawHalves(tiles, half, spots.size(), top));
    cut(
        tiles,
        line.median(),
        top,
        Texts.of("line-up.median", LineUpRenderer.shown(Request.of(Measures.MEDIAN), now)),
        "position");
    line.lower()
        .ifPresent(
            at ->
                cut(
                    tiles,
                    at,
                    top,
                    Texts.of("line-up.q1", LineUpRenderer.shown(Request.of(Measures.Q1), now)),
                    "spread"));
    line.upper()
        .ifPresent(
            at ->
                cut(
                    tiles,
                    at,
                    top,
                    Texts.of("line-up.q3", LineUpRenderer.shown(Request.of(Measures.Q3), now)),
                    "spread"));
    return top + tiles.rows(spots.size()) * rowHeight;
  }

  private void addTile(
      Spot spot, int position, double middle, double top, double width, Analysis now) {
    Label tile = ink.nodes().take(Label.class, LineUpRenderer.TILES, Label::new, "tile");
    tile.setText(LineUpRenderer.shown(spot.value(), now));
    tile.setAccessibleRole(AccessibleRole.LIST_ITEM);
    labels.add(tile);
    tile.resizeRelocate(middle - width / 2 + 1, top, width - 2, TILE_HEIGHT * ink.textScale());
    tile.setOnMouseClicked(event -> choose.accept(spot.entry()));
    tile.setId("tile-" + position);
    ink.label(String.valueOf(position), middle, top + TILE_HEIGHT * ink.textScale(), "tick");
  }

  /** A bracket over each half, in as many rows as it stands in. */
  private void drawHalves(Tiles tiles, int half, int n, double top) {
    bracket(tiles, 1, half, top, Texts.of("line-up.lower-half", half));
    bracket(tiles, n - half + 1, n, top, Texts.of("line-up.upper-half", half));
  }

  private void bracket(Tiles tiles, int first, int last, double top, String words) {
    if (first > last) {
      return;
    }
    double rowHeight = ROW_HEIGHT * ink.textScale();
    for (int row = tiles.row(first); row <= tiles.row(last); row++) {
      int from = Math.max(first, row * tiles.across() + 1);
      int to = Math.min(last, (row + 1) * tiles.across());
      double left = LineUpRenderer.PAD + tiles.x(from) - tiles.width() / 2 + 3;
      double right = LineUpRenderer.PAD + tiles.x(to) + tiles.width() / 2 - 3;
      double y = top + row * rowHeight + 10 * ink.textScale();
      double foot = y + 5 * ink.textScale();
      // Open where the half goes on in another row.
      ink.nodes()
          .take(Polyline.class, LineUpRenderer.TILES, Polyline::new, "bracket")
          .getPoints()
          .setAll(left, from == first ? foot : y, left, y, right, y, right, to == last ? foot : y);
      if (from == first) {
        ink.label(words, (left + right) / 2, y - 15 * ink.textScale(), "tick");
      }
    }
  }

  private void cut(Tiles tiles, Exact position, double top, String words, String style) {
    double at = LineUpRenderer.decimal(position);
    double x = LineUpRenderer.PAD + tiles.x(at);
    double y = top + tiles.row(at) * ROW_HEIGHT * ink.textScale() + 15 * ink.textScale();
    double end = y + (TILE_HEIGHT + 20) * ink.textScale();
    if (!position.isWhole()) {
      // At a whole position the value itself is the quartile, and its tile is not cut.
      ink.line(x, y, x, end, "cut", style);
    }
    ink.label(words, x, end - 2, style);
  }
}
