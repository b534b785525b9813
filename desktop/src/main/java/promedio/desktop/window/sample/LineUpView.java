package promedio.desktop.window.sample;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import java.util.function.Predicate;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Circle;
import org.jspecify.annotations.Nullable;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Family;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.sample.Tally;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.LineUp;
import promedio.desktop.projection.LineUp.Spot;
import promedio.desktop.projection.WhatIf;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.window.sample.LineUpGeometry.Scale;
import promedio.files.report.TaskTexts;

/**
 * The values in order: as dots on a true scale, and as a row of tiles with their positions, which
 * is where the hand cuts halves and quarters. More than sixty are drawn as a summary.
 */
final class LineUpView extends Pane {

  /** What the line-up tells, as far as it is not covered. */
  private static final List<Request> TOLD =
      Stream.of(Measures.MEAN, Measures.MEDIAN, Measures.Q1, Measures.Q3).map(Request::of).toList();

  private static final double RADIUS = 5;
  private static final int TICKS = 8;

  private final IntConsumer choose;
  private final LineUpRenderer ink = new LineUpRenderer(this);
  private final LineUpTiles tiles;
  private final List<Node> dots = new ArrayList<>();
  private @Nullable Analysis analysis;
  private Optional<LineUp> lineUp = Optional.empty();
  private Request request = Request.of(Measures.MEAN);
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
    this.tiles = new LineUpTiles(ink, choose);
    getStyleClass().add("line-up");
    setId("line-up");
    setAccessibleRole(AccessibleRole.LIST_VIEW);
    // Nodes made while the window lays itself out would miss their style.
    widthProperty().subscribe(width -> Platform.runLater(this::redraw));
  }

  private static boolean isToldAlike(Request told, Analysis old, Analysis now) {
    return old.isCovered(told) == now.isCovered(told)
        && old.asked(told).rules().equals(now.asked(told).rules());
  }

  void show(Analysis now, Request chosen, int entry, @Nullable WhatIf tried, double scale) {
    Analysis old = analysis;
    boolean sameDrawing =
        old != null
            && old.computation().equals(now.computation())
            && old.sign() == now.sign()
            && Objects.equals(trial, tried)
            && TOLD.stream().allMatch(each -> isToldAlike(each, old, now))
            && ink.textScale() == scale;
    analysis = now;
    request = chosen;
    chosenEntry = entry;
    trial = tried;
    ink.setTextScale(scale);
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
    ink.nodes().begin();
    dots.clear();
    draw();
    ink.nodes().end();
  }

  private void draw() {
    Analysis now = analysis;
    if (now == null || getWidth() < 80 || now.typed().data().tally().isEmpty()) {
      setHeightTo(now == null ? 120 : 0);
      return;
    }
    Tally tally = now.typed().data().tally();
    double smallest = LineUpRenderer.decimal(tally.value(0));
    double largest = LineUpRenderer.decimal(tally.value(tally.size() - 1));
    if (trial != null && !trial.analysis().typed().data().tally().isEmpty()) {
      Tally tried = trial.analysis().typed().data().tally();
      smallest = Math.min(smallest, LineUpRenderer.decimal(tried.value(0)));
      largest = Math.max(largest, LineUpRenderer.decimal(tried.value(tried.size() - 1)));
    }
    Scale scale =
        Scale.over(smallest, largest, LineUpRenderer.PAD, getWidth() - 2 * LineUpRenderer.PAD);
    if (lineUp.isPresent()) {
      double axis = drawDots(lineUp.get(), scale, now);
      drawAxis(scale, axis, now);
      drawBalance(scale, axis, now);
      setHeightTo(tiles.draw(lineUp.get(), axis + 58 * ink.textScale(), now));
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
    Set<Integer> parts = lineUp.get().partsOf(request, now);
    String chosen = "";
    for (int i = 0; i < dots.size(); i++) {
      boolean part = parts.contains(i + 1);
      restyle(dots.get(i), spots.get(i), part);
      restyle(tiles.labels().get(i), spots.get(i), part);
      String words = spoken(spots.get(i), i + 1, part, now);
      tiles.labels().get(i).setAccessibleText(words);
      chosen = chosen.isEmpty() && isChosen(spots.get(i)) ? words : chosen;
    }
    // A chosen value is read out; without one, what the line shows as a whole.
    setAccessibleText(chosen.isEmpty() ? spoken(now) : chosen);
  }

  /** Makes the values stand out that are of a class. */
  void light(Predicate<Exact> ofClass) {
    litClass = ofClass;
    restyle();
  }

  private void restyle(Node node, Spot spot, boolean part) {
    node.pseudoClassStateChanged(StyleNames.OF_CLASS, litClass.test(spot.value()));
    for (Family family : Family.values()) {
      node.pseudoClassStateChanged(
          StyleNames.lit(family), part && request.measure().family() == family);
    }
    node.pseudoClassStateChanged(StyleNames.CHOSEN, isChosen(spot));
    node.pseudoClassStateChanged(StyleNames.GHOST, isTakenOut(spot));
  }

  private String spoken(Spot spot, int position, boolean part, Analysis now) {
    String value =
        Texts.of(
            "line-up.value",
            LineUpRenderer.shown(spot.value(), now),
            position,
            now.typed().data().tally().total().toString());
    String made =
        part
            ? Texts.of("line-up.value-parts", value, TaskTexts.name(request, now.numbers()))
            : value;
    return isBeyond(spot.value(), now) ? Texts.of("line-up.value-beyond", made) : made;
  }

  private String spoken(Analysis now) {
    return Texts.of(
        "line-up.spoken",
        now.typed().data().tally().total().toString(),
        LineUpRenderer.shown(Request.of(Measures.MIN), now),
        LineUpRenderer.shown(Request.of(Measures.Q1), now),
        LineUpRenderer.shown(Request.of(Measures.MEDIAN), now),
        LineUpRenderer.shown(Request.of(Measures.Q3), now),
        LineUpRenderer.shown(Request.of(Measures.MAX), now),
        LineUpRenderer.shown(Request.of(Measures.MEAN), now));
  }

  /** Dots above the axis, those beyond a fence hollow; returns where the axis is. */
  private double drawDots(LineUp line, Scale scale, Analysis now) {
    List<Spot> spots = line.spots();
    double[] xs =
        spots.stream().mapToDouble(spot -> scale.x(LineUpRenderer.decimal(spot.value()))).toArray();
    int[] levels = LineUpGeometry.stack(xs, 2 * RADIUS + 1);
    int highest = 0;
    for (int level : levels) {
      highest = Math.max(highest, level);
    }
    double step = Math.min(2 * RADIUS + 1, 90.0 / (highest + 1));
    double axis = 26 * ink.textScale() + (highest + 1) * step + RADIUS;
    drawFences(scale, axis, now);
    for (int i = 0; i < xs.length; i++) {
      Spot spot = spots.get(i);
      Circle dot = ink.circle(xs[i], axis - RADIUS - 3 - levels[i] * step, RADIUS, "dot");
      dot.pseudoClassStateChanged(StyleNames.BEYOND, isBeyond(spot.value(), now));
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
        ink.circle(
            scale.x(LineUpRenderer.decimal(after.value(rank))),
            axis - RADIUS - 3,
            RADIUS + 2,
            "ghost");
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
    return LineUpRenderer.exact(Request.of(Measures.LOWER_FENCE), now)
            .filter(f -> value.compareTo(f) < 0)
            .isPresent()
        || LineUpRenderer.exact(Request.of(Measures.UPPER_FENCE), now)
            .filter(f -> value.compareTo(f) > 0)
            .isPresent();
  }

  private void drawFences(Scale scale, double axis, Analysis now) {
    for (Request fence :
        List.of(Request.of(Measures.LOWER_FENCE), Request.of(Measures.UPPER_FENCE))) {
      LineUpRenderer.exact(fence, now)
          .map(LineUpRenderer::decimal)
          .filter(at -> at > scale.low() && at < scale.high())
          .ifPresent(
              at -> {
                double x = scale.x(at);
                ink.line(x, 14 * ink.textScale(), x, axis, "fence");
                ink.label(
                    Texts.of("line-up.fence", LineUpRenderer.shown(fence, now)), x, 0, "spread");
              });
    }
  }

  private void drawAxis(Scale scale, double axis, Analysis now) {
    ink.line(LineUpRenderer.PAD, axis, getWidth() - LineUpRenderer.PAD, axis, "axis");
    List<BigDecimal> ticks = scale.ticks((int) Math.max(3, TICKS / ink.textScale()));
    for (BigDecimal tick : ticks) {
      double x = scale.x(tick.doubleValue());
      ink.line(x, axis, x, axis + 4, "axis");
      ink.label(NumberText.write(tick, now.sign()), x, axis + 5, "tick");
    }
  }

  /** The beam rests on the mean: there the deviations to both sides weigh the same. */
  private void drawBalance(Scale scale, double axis, Analysis now) {
    LineUpRenderer.exact(Request.of(Measures.MEAN), now)
        .ifPresent(
            mean -> {
              double x = scale.x(LineUpRenderer.decimal(mean));
              ink.balance(x, axis, "balance");
              ink.label(
                  Texts.of(
                      "line-up.mean",
                      symbolOfMean(now),
                      LineUpRenderer.shown(Request.of(Measures.MEAN), now)),
                  x,
                  axis + 8 + 14 * ink.textScale(),
                  "position");
            });
    if (trial != null) {
      LineUpRenderer.exact(Request.of(Measures.MEAN), trial.analysis())
          .ifPresent(
              mean -> ink.balance(scale.x(LineUpRenderer.decimal(mean)), axis, "balance", "ghost"));
    }
  }

  private static String symbolOfMean(Analysis now) {
    Request mean = Request.of(Measures.MEAN);
    return now.asked(mean).computation().symbol(mean).plain();
  }

  /** Bars for how many values there are, the quartiles as a band, and the same marks. */
  private void drawSummary(Tally tally, Scale scale, Analysis now) {
    double axis = 110;
    int bins = (int) Math.max(10, scale.width() / 6);
    double[] counts = new double[bins];
    double most = 0;
    for (int rank = 0; rank < tally.size(); rank++) {
      double share =
          (LineUpRenderer.decimal(tally.value(rank)) - scale.low()) / (scale.high() - scale.low());
      int bin = Math.min(bins - 1, (int) (share * bins));
      counts[bin] += LineUpRenderer.decimal(tally.frequency(rank));
      most = Math.max(most, counts[bin]);
    }
    drawFences(scale, axis, now);
    for (int bin = 0; bin < bins; bin++) {
      if (counts[bin] > 0) {
        double height = Math.max(1, 76 * counts[bin] / most);
        ink.nodes()
            .take(Region.class, LineUpRenderer.LINES, Region::new, "summary-bar")
            .resizeRelocate(
                LineUpRenderer.PAD + bin * scale.width() / bins,
                axis - height,
                scale.width() / bins - 1,
                height);
      }
    }
    drawAxis(scale, axis, now);
    drawBalance(scale, axis, now);
    double band = axis + 64 * ink.textScale();
    Optional<Exact> lower = LineUpRenderer.exact(Request.of(Measures.Q1), now);
    Optional<Exact> upper = LineUpRenderer.exact(Request.of(Measures.Q3), now);
    if (lower.isPresent() && upper.isPresent()) {
      double left = scale.x(LineUpRenderer.decimal(lower.get()));
      ink.nodes()
          .take(Region.class, LineUpRenderer.LINES, Region::new, "middle-half")
          .resizeRelocate(
              left, band, Math.max(1, scale.x(LineUpRenderer.decimal(upper.get())) - left), 8);
      ink.label(
          Texts.of("line-up.q1", LineUpRenderer.shown(Request.of(Measures.Q1), now)),
          left,
          band + 10,
          "spread");
      ink.label(
          Texts.of("line-up.q3", LineUpRenderer.shown(Request.of(Measures.Q3), now)),
          scale.x(LineUpRenderer.decimal(upper.get())),
          band + 10 + 15 * ink.textScale(),
          "spread");
    }
    LineUpRenderer.exact(Request.of(Measures.MEDIAN), now)
        .ifPresent(
            median -> {
              double x = scale.x(LineUpRenderer.decimal(median));
              ink.line(x, band - 4, x, band + 12, "cut", "position");
              ink.label(
                  Texts.of(
                      "line-up.median", LineUpRenderer.shown(Request.of(Measures.MEDIAN), now)),
                  x,
                  band - 6 - 16 * ink.textScale(),
                  "position");
            });
    setHeightTo(band + 26 + 30 * ink.textScale());
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
}
