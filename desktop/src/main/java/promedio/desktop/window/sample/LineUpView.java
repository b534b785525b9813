package promedio.desktop.window.sample;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import org.jspecify.annotations.Nullable;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Family;
import promedio.core.measure.Result;
import promedio.core.measure.Task;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Real;
import promedio.core.sample.Tally;
import promedio.desktop.Texts;
import promedio.desktop.window.control.Look;
import promedio.desktop.window.control.ReusedNodes;
import promedio.desktop.window.sample.LineUpGeometry.Scale;
import promedio.desktop.window.sample.LineUpGeometry.Tiles;
import promedio.desktop.work.Analysis;
import promedio.desktop.work.LineUp;
import promedio.desktop.work.LineUp.Spot;
import promedio.desktop.work.Results;
import promedio.desktop.work.WhatIf;

/**
 * The values in order: as dots on a true scale, and as a row of tiles with their positions, which
 * is where the hand cuts halves and quarters. More than sixty are drawn as a summary.
 */
final class LineUpView extends Pane {

  private static final double PAD = 14;
  private static final double RADIUS = 5;
  private static final double TILE_HEIGHT = 24;
  private static final double ROW_HEIGHT = 84;
  private static final int TICKS = 8;
  private static final double LABEL_ROOM = 4;
  private static final double CHARACTER_WIDTH = 7;
  private static final double LABEL_HEIGHT = 16;

  // What stands over what.
  private static final int LINES = 0;
  private static final int DOTS = 1;
  private static final int TILES = 2;
  private static final int CUTS = 3;
  private static final int WORDS = 4;

  private final IntConsumer choose;
  private final ReusedNodes nodes = new ReusedNodes(this);
  private final List<Node> dots = new ArrayList<>();
  private final List<Node> tileLabels = new ArrayList<>();
  private double textScale = 1;
  private @Nullable Analysis analysis;
  private Optional<LineUp> lineUp = Optional.empty();
  private Task task = Task.of(Measures.MEAN);
  private int chosenEntry = -1;
  private @Nullable WhatIf trial;
  private double height = 120;
  private Predicate<Exact> litClass = value -> false;

  /**
   * Makes the drawing.
   *
   * @param choose takes the entry whose value was clicked
   */
  LineUpView(IntConsumer choose) {
    this.choose = choose;
    getStyleClass().add("line-up");
    setId("line-up");
    // Nodes made while the window lays itself out would miss their style.
    widthProperty().subscribe(width -> Platform.runLater(this::redraw));
  }

  void show(Analysis now, Task chosen, int entry, @Nullable WhatIf tried, double scale) {
    Analysis old = analysis;
    boolean sameDrawing =
        old != null
            && old.computation().equals(now.computation())
            && old.sign() == now.sign()
            && Objects.equals(trial, tried)
            && textScale == scale;
    analysis = now;
    task = chosen;
    chosenEntry = entry;
    trial = tried;
    textScale = scale;
    if (sameDrawing) {
      restyle();
    } else {
      lineUp = LineUp.of(now);
      redraw();
    }
  }

  /** {@return the entry of the value so many places after the chosen one, held within the line} */
  int entryBeside(int places) {
    if (lineUp.isEmpty()) {
      return -1;
    }
    List<Spot> spots = lineUp.get().spots();
    int at = -1;
    for (int i = 0; i < spots.size(); i++) {
      if (isChosen(spots.get(i))) {
        at = i;
      }
    }
    int next = at < 0 ? 0 : at + places;
    return spots.get(Math.max(0, Math.min(spots.size() - 1, next))).entry();
  }

  @Override
  protected double computePrefHeight(double width) {
    return height;
  }

  private void redraw() {
    nodes.begin();
    dots.clear();
    tileLabels.clear();
    draw();
    nodes.end();
  }

  private void draw() {
    Analysis now = analysis;
    if (now == null || getWidth() < 80 || now.typed().data().tally().isEmpty()) {
      setHeightTo(now == null ? 120 : 0);
      return;
    }
    Tally tally = now.typed().data().tally();
    double smallest = decimal(tally.value(0));
    double largest = decimal(tally.value(tally.size() - 1));
    if (trial != null && !trial.analysis().typed().data().tally().isEmpty()) {
      Tally tried = trial.analysis().typed().data().tally();
      smallest = Math.min(smallest, decimal(tried.value(0)));
      largest = Math.max(largest, decimal(tried.value(tried.size() - 1)));
    }
    Scale scale = Scale.over(smallest, largest, PAD, getWidth() - 2 * PAD);
    if (lineUp.isPresent()) {
      double axis = drawDots(lineUp.get(), scale, now);
      drawAxis(scale, axis, now);
      drawBalance(scale, axis, now);
      setHeightTo(drawTiles(lineUp.get(), axis + 58 * textScale, now));
    } else {
      drawSummary(tally, scale, now);
    }
    setAccessibleText(spoken(now));
    restyle();
  }

  /** Lights up what the chosen measure is made of, and marks the chosen value. */
  private void restyle() {
    Analysis now = analysis;
    if (now == null || lineUp.isEmpty()) {
      return;
    }
    List<Spot> spots = lineUp.get().spots();
    Set<Integer> parts = lineUp.get().partsOf(task, now);
    for (int i = 0; i < dots.size(); i++) {
      restyle(dots.get(i), spots.get(i), parts.contains(i + 1));
      restyle(tileLabels.get(i), spots.get(i), parts.contains(i + 1));
    }
  }

  /** Makes the values stand out that are of a class. */
  void light(Predicate<Exact> ofClass) {
    litClass = ofClass;
    restyle();
  }

  private void restyle(Node node, Spot spot, boolean part) {
    node.pseudoClassStateChanged(Look.OF_CLASS, litClass.test(spot.value()));
    for (Family family : Family.values()) {
      node.pseudoClassStateChanged(Look.lit(family), part && task.measure().family() == family);
    }
    node.pseudoClassStateChanged(Look.CHOSEN, isChosen(spot));
    node.pseudoClassStateChanged(Look.GHOST, isTakenOut(spot));
  }

  private String spoken(Analysis now) {
    return Texts.of(
        "line-up.spoken",
        now.typed().data().tally().total().toString(),
        shown(Task.of(Measures.MIN), now),
        shown(Task.of(Measures.Q1), now),
        shown(Task.of(Measures.MEDIAN), now),
        shown(Task.of(Measures.Q3), now),
        shown(Task.of(Measures.MAX), now),
        shown(Task.of(Measures.MEAN), now));
  }

  /** Dots above the axis, those beyond a fence hollow; returns where the axis is. */
  private double drawDots(LineUp line, Scale scale, Analysis now) {
    List<Spot> spots = line.spots();
    double[] xs = spots.stream().mapToDouble(spot -> scale.x(decimal(spot.value()))).toArray();
    int[] levels = LineUpGeometry.stack(xs, 2 * RADIUS + 1);
    int highest = 0;
    for (int level : levels) {
      highest = Math.max(highest, level);
    }
    double step = Math.min(2 * RADIUS + 1, 90.0 / (highest + 1));
    double axis = 26 * textScale + (highest + 1) * step + RADIUS;
    drawFences(scale, axis, now);
    for (int i = 0; i < xs.length; i++) {
      Spot spot = spots.get(i);
      Circle dot = circle(xs[i], axis - RADIUS - 3 - levels[i] * step, RADIUS, "dot");
      dot.pseudoClassStateChanged(Look.BEYOND, isBeyond(spot.value(), now));
      dots.add(dot);
      dot.setOnMouseClicked(event -> choose.accept(spot.entry()));
    }
    drawGhost(scale, axis, now);
    return axis;
  }

  private boolean isChosen(Spot spot) {
    return spot.entry() >= 0 && spot.entry() == chosenEntry;
  }

  private boolean isTakenOut(Spot spot) {
    return trial != null && trial.kind() != WhatIf.Kind.WITH && isChosen(spot);
  }

  /** The value that a trial puts in stands as an outline where it would be. */
  private void drawGhost(Scale scale, double axis, Analysis now) {
    if (trial == null || trial.kind() == WhatIf.Kind.WITHOUT) {
      return;
    }
    Tally before = now.typed().data().tally();
    Tally after = trial.analysis().typed().data().tally();
    for (int rank = 0; rank < after.size(); rank++) {
      if (after.frequency(rank).compareTo(frequencyIn(before, after.value(rank))) > 0) {
        circle(scale.x(decimal(after.value(rank))), axis - RADIUS - 3, RADIUS + 2, "ghost");
      }
    }
  }

  private static Exact frequencyIn(Tally tally, Exact value) {
    for (int rank = 0; rank < tally.size(); rank++) {
      if (tally.value(rank).equals(value)) {
        return tally.frequency(rank);
      }
    }
    return Exact.ZERO;
  }

  private boolean isBeyond(Exact value, Analysis now) {
    return exact(Task.of(Measures.LOWER_FENCE), now).filter(f -> value.compareTo(f) < 0).isPresent()
        || exact(Task.of(Measures.UPPER_FENCE), now)
            .filter(f -> value.compareTo(f) > 0)
            .isPresent();
  }

  private void drawFences(Scale scale, double axis, Analysis now) {
    for (Task fence : List.of(Task.of(Measures.LOWER_FENCE), Task.of(Measures.UPPER_FENCE))) {
      exact(fence, now)
          .map(LineUpView::decimal)
          .filter(at -> at > scale.low() && at < scale.high())
          .ifPresent(
              at -> {
                double x = scale.x(at);
                line(x, 14 * textScale, x, axis, "fence");
                label(Texts.of("line-up.fence", shown(fence, now)), x, 0, "spread");
              });
    }
  }

  private void drawAxis(Scale scale, double axis, Analysis now) {
    line(PAD, axis, getWidth() - PAD, axis, "axis");
    List<BigDecimal> ticks = scale.ticks((int) Math.max(3, TICKS / textScale));
    for (BigDecimal tick : ticks) {
      double x = scale.x(tick.doubleValue());
      line(x, axis, x, axis + 4, "axis");
      label(NumberText.write(tick, now.sign()), x, axis + 5, "tick");
    }
  }

  /** The beam rests on the mean: there the deviations to both sides weigh the same. */
  private void drawBalance(Scale scale, double axis, Analysis now) {
    exact(Task.of(Measures.MEAN), now)
        .ifPresent(
            mean -> {
              double x = scale.x(decimal(mean));
              balance(x, axis, "balance");
              label(
                  Texts.of("line-up.mean", symbolOfMean(now), shown(Task.of(Measures.MEAN), now)),
                  x,
                  axis + 8 + 14 * textScale,
                  "position");
            });
    if (trial != null) {
      exact(Task.of(Measures.MEAN), trial.analysis())
          .ifPresent(mean -> balance(scale.x(decimal(mean)), axis, "balance", "ghost"));
    }
  }

  private static String symbolOfMean(Analysis now) {
    return now.computation().symbol(Task.of(Measures.MEAN)).plain();
  }

  /** Tiles with their positions, cuts and brackets; returns where they end. */
  private double drawTiles(LineUp line, double top, Analysis now) {
    List<Spot> spots = line.spots();
    int longest = spots.stream().mapToInt(s -> shown(s.value(), now).length()).max().orElse(1);
    double narrowest = Math.max(18, 9 + 7.2 * longest) * textScale;
    double room = getWidth() - 2 * PAD;
    Tiles tiles = Tiles.of(spots.size(), room, narrowest);
    double rowHeight = ROW_HEIGHT * textScale;
    for (int i = 0; i < spots.size(); i++) {
      double y = top + tiles.row(i + 1) * rowHeight + 18 * textScale;
      addTile(spots.get(i), i + 1, PAD + tiles.x(i + 1), y, tiles.width(), now);
    }
    line.half().ifPresent(half -> drawHalves(tiles, half, spots.size(), top));
    cut(
        tiles,
        line.median(),
        top,
        Texts.of("line-up.median", shown(Task.of(Measures.MEDIAN), now)),
        "position");
    line.lower()
        .ifPresent(
            at ->
                cut(
                    tiles,
                    at,
                    top,
                    Texts.of("line-up.q1", shown(Task.of(Measures.Q1), now)),
                    "spread"));
    line.upper()
        .ifPresent(
            at ->
                cut(
                    tiles,
                    at,
                    top,
                    Texts.of("line-up.q3", shown(Task.of(Measures.Q3), now)),
                    "spread"));
    return top + tiles.rows(spots.size()) * rowHeight;
  }

  private void addTile(
      Spot spot, int position, double middle, double top, double width, Analysis now) {
    Label tile = nodes.take(Label.class, TILES, Label::new, "tile");
    tile.setText(shown(spot.value(), now));
    tileLabels.add(tile);
    tile.resizeRelocate(middle - width / 2 + 1, top, width - 2, TILE_HEIGHT * textScale);
    tile.setOnMouseClicked(event -> choose.accept(spot.entry()));
    tile.setId("tile-" + position);
    label(String.valueOf(position), middle, top + TILE_HEIGHT * textScale, "tick");
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
    double rowHeight = ROW_HEIGHT * textScale;
    for (int row = tiles.row(first); row <= tiles.row(last); row++) {
      int from = Math.max(first, row * tiles.across() + 1);
      int to = Math.min(last, (row + 1) * tiles.across());
      double left = PAD + tiles.x(from) - tiles.width() / 2 + 3;
      double right = PAD + tiles.x(to) + tiles.width() / 2 - 3;
      double y = top + row * rowHeight + 10 * textScale;
      double foot = y + 5 * textScale;
      // Open where the half goes on in another row.
      nodes
          .take(Polyline.class, TILES, Polyline::new, "bracket")
          .getPoints()
          .setAll(left, from == first ? foot : y, left, y, right, y, right, to == last ? foot : y);
      if (from == first) {
        label(words, (left + right) / 2, y - 15 * textScale, "tick");
      }
    }
  }

  private void cut(Tiles tiles, Exact position, double top, String words, String style) {
    double at = decimal(position);
    double x = PAD + tiles.x(at);
    double y = top + tiles.row(at) * ROW_HEIGHT * textScale + 15 * textScale;
    double end = y + (TILE_HEIGHT + 20) * textScale;
    if (!position.isWhole()) {
      // At a whole position the value itself is the quartile, and its tile is not cut.
      line(x, y, x, end, "cut", style);
    }
    label(words, x, end - 2, style);
  }

  /** Bars for how many values there are, the quartiles as a band, and the same marks. */
  private void drawSummary(Tally tally, Scale scale, Analysis now) {
    double axis = 110;
    int bins = (int) Math.max(10, scale.width() / 6);
    double[] counts = new double[bins];
    double most = 0;
    for (int rank = 0; rank < tally.size(); rank++) {
      double share = (decimal(tally.value(rank)) - scale.low()) / (scale.high() - scale.low());
      int bin = Math.min(bins - 1, (int) (share * bins));
      counts[bin] += decimal(tally.frequency(rank));
      most = Math.max(most, counts[bin]);
    }
    drawFences(scale, axis, now);
    for (int bin = 0; bin < bins; bin++) {
      if (counts[bin] > 0) {
        double height = Math.max(1, 76 * counts[bin] / most);
        nodes
            .take(Region.class, LINES, Region::new, "summary-bar")
            .resizeRelocate(
                PAD + bin * scale.width() / bins, axis - height, scale.width() / bins - 1, height);
      }
    }
    drawAxis(scale, axis, now);
    drawBalance(scale, axis, now);
    double band = axis + 64 * textScale;
    Optional<Exact> lower = exact(Task.of(Measures.Q1), now);
    Optional<Exact> upper = exact(Task.of(Measures.Q3), now);
    if (lower.isPresent() && upper.isPresent()) {
      double left = scale.x(decimal(lower.get()));
      nodes
          .take(Region.class, LINES, Region::new, "middle-half")
          .resizeRelocate(left, band, Math.max(1, scale.x(decimal(upper.get())) - left), 8);
      label(Texts.of("line-up.q1", shown(Task.of(Measures.Q1), now)), left, band + 10, "spread");
      label(
          Texts.of("line-up.q3", shown(Task.of(Measures.Q3), now)),
          scale.x(decimal(upper.get())),
          band + 10 + 15 * textScale,
          "spread");
    }
    exact(Task.of(Measures.MEDIAN), now)
        .ifPresent(
            median -> {
              double x = scale.x(decimal(median));
              line(x, band - 4, x, band + 12, "cut", "position");
              label(
                  Texts.of("line-up.median", shown(Task.of(Measures.MEDIAN), now)),
                  x,
                  band - 6 - 16 * textScale,
                  "position");
            });
    setHeightTo(band + 26 + 30 * textScale);
  }

  /**
   * Writes centred under or over a place. The box is as wide as so many characters may be: to
   * measure the text of every label would cost more than the rest of the drawing.
   */
  private void label(String text, double middle, double top, String style) {
    double width = (LABEL_ROOM + CHARACTER_WIDTH * text.length()) * textScale;
    double left = middle - width / 2;
    Label label = nodes.take(Label.class, WORDS, Label::new, "line-up-label", style);
    label.setText(text);
    if (left < 0) {
      label.setAlignment(Pos.CENTER_LEFT);
    } else if (left + width > getWidth()) {
      label.setAlignment(Pos.CENTER_RIGHT);
    } else {
      label.setAlignment(Pos.CENTER);
    }
    label.setMouseTransparent(true);
    label.resizeRelocate(
        Math.max(0, Math.min(getWidth() - width, left)), top, width, LABEL_HEIGHT * textScale);
  }

  private void line(double x1, double y1, double x2, double y2, String... styles) {
    int over = styles[0].equals("cut") ? CUTS : LINES;
    Line line = nodes.take(Line.class, over, Line::new, styles);
    line.setStartX(x1);
    line.setStartY(y1);
    line.setEndX(x2);
    line.setEndY(y2);
  }

  private Circle circle(double x, double y, double radius, String style) {
    Circle circle = nodes.take(Circle.class, DOTS, Circle::new, style);
    circle.setCenterX(x);
    circle.setCenterY(y);
    circle.setRadius(radius);
    return circle;
  }

  private void balance(double x, double axis, String... styles) {
    nodes
        .take(Polygon.class, DOTS, Polygon::new, styles)
        .getPoints()
        .setAll(x, axis + 1, x - 7, axis + 13, x + 7, axis + 13);
  }

  private void setHeightTo(double wanted) {
    if (height != wanted) {
      height = wanted;
      requestLayout();
      if (getParent() != null) {
        getParent().requestLayout();
      }
    }
  }

  private static Optional<Exact> exact(Task task, Analysis now) {
    return now.computation().result(task) instanceof Result.Found found
        ? Optional.of(found.value())
        : Optional.empty();
  }

  private static String shown(Task task, Analysis now) {
    return Results.shown(now.computation().result(task), task, now);
  }

  private static String shown(Real value, Analysis now) {
    return Results.plain(value, now);
  }

  /** Places on the screen are the one thing that is not exact. */
  private static double decimal(Exact value) {
    return value.significant(17).doubleValue();
  }
}
