package promedio.desktop.window.control;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import promedio.core.message.Texts;

/**
 * Controls beside each other, in lines. Where they would take more than a few lines, one line is
 * shown, with a button that opens the others.
 */
public final class FoldingLine extends Pane {

  private static final int MOST_LINES = 2;
  private static final double GAP = 14;
  private static final double LINE_GAP = 2;

  private final ToggleButton more = Controls.literal(new ToggleButton());
  private List<Node> controls = List.of();

  public FoldingLine(String id) {
    more.setId(id);
    more.getStyleClass().add("link");
    more.selectedProperty()
        .subscribe(
            open -> {
              more.setText(Texts.of(open ? "rules.fewer" : "rules.more"));
              requestLayout();
            });
    getChildren().add(more);
    addEventHandler(
        KeyEvent.KEY_PRESSED,
        event -> {
          if (event.getCode() == KeyCode.ESCAPE && more.isSelected()) {
            more.setSelected(false);
            more.requestFocus();
            event.consume();
          }
        });
  }

  /** Shows these controls in the place of those before. */
  public void show(List<Node> shown) {
    if (!shown.equals(controls)) {
      controls = List.copyOf(shown);
      getChildren().setAll(controls);
      getChildren().add(more);
    }
  }

  /** Shows all of them. */
  public void unfold() {
    more.setSelected(true);
    layout();
  }

  /** {@return the controls, shown and folded} */
  public List<Node> controls() {
    return controls;
  }

  @Override
  public Orientation getContentBias() {
    return Orientation.HORIZONTAL;
  }

  /** The controls line by line as they fit into a width. */
  private static List<List<Node>> lines(List<Node> all, double width) {
    List<List<Node>> lines = new ArrayList<>();
    double used = Double.POSITIVE_INFINITY;
    for (Node node : all) {
      double wide = node.prefWidth(-1);
      if (used + wide > width) {
        lines.add(new ArrayList<>());
        used = 0;
      }
      lines.get(lines.size() - 1).add(node);
      used += wide + GAP;
    }
    return lines;
  }

  private boolean folds(double width) {
    return lines(controls, width).size() > MOST_LINES;
  }

  /** What is shown in a width. */
  private List<List<Node>> shown(double width) {
    if (!folds(width)) {
      return lines(controls, width);
    }
    List<Node> all = new ArrayList<>(controls);
    all.add(more);
    if (more.isSelected()) {
      return lines(all, width);
    }
    double room = width - more.prefWidth(-1) - GAP;
    List<Node> first = new ArrayList<>(lines(controls, room).get(0));
    if (first.size() == 1 && first.get(0).prefWidth(-1) > room) {
      // One that finds no room beside the button stands with the others below.
      first.clear();
    }
    first.add(more);
    return List.of(first);
  }

  private double inner(double width) {
    Insets insets = getInsets();
    return width - insets.getLeft() - insets.getRight();
  }

  private static double height(List<Node> line) {
    return line.stream().mapToDouble(node -> node.prefHeight(-1)).max().orElse(0);
  }

  @Override
  protected double computeMinWidth(double height) {
    return 0;
  }

  @Override
  protected double computePrefWidth(double height) {
    double all = controls.stream().mapToDouble(node -> node.prefWidth(-1) + GAP).sum();
    return all / MOST_LINES + getInsets().getLeft() + getInsets().getRight();
  }

  @Override
  protected double computeMinHeight(double width) {
    return computePrefHeight(width);
  }

  @Override
  protected double computePrefHeight(double width) {
    double wide = inner(width < 0 ? prefWidth(-1) : width);
    List<List<Node>> lines = shown(wide);
    double gaps = LINE_GAP * Math.max(0, lines.size() - 1);
    return lines.stream().mapToDouble(FoldingLine::height).sum()
        + gaps
        + getInsets().getTop()
        + getInsets().getBottom();
  }

  @Override
  protected void layoutChildren() {
    double wide = inner(getWidth());
    List<List<Node>> lines = shown(wide);
    for (Node child : getChildren()) {
      child.setVisible(lines.stream().anyMatch(line -> line.contains(child)));
    }
    double spare = Math.max(0, getHeight() - computePrefHeight(getWidth()));
    double y = getInsets().getTop() + spare / 2;
    for (List<Node> line : lines) {
      double x = getInsets().getLeft();
      double high = height(line);
      for (Node node : line) {
        double nodeHeight = node.prefHeight(-1);
        node.resizeRelocate(x, y + (high - nodeHeight) / 2, node.prefWidth(-1), nodeHeight);
        x += node.prefWidth(-1) + GAP;
      }
      y += high + LINE_GAP;
    }
  }
}
