package promedio.desktop.window.parts;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Bounds;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import promedio.core.question.Mark;
import promedio.desktop.projection.MarkText;

/**
 * A text whose marked words can be chosen, with the mouse or a key. Each kind of mark has its ink
 * and its kind of line, so that no colour is needed to tell them apart.
 */
final class MarkedText extends Region {

  private static final double APART = 3;

  private final TextFlow flow = new TextFlow();
  private final Group under = new Group();
  private final Consumer<List<Integer>> chosen;
  private final Consumer<List<Integer>> removed;
  private final List<Segment> segments = new ArrayList<>();

  /** Words under the same marks, by their places in the text. */
  private record Segment(
      int start, int end, List<Integer> marks, Set<Mark.Kind> kinds, Text node) {}

  /**
   * Makes an empty one.
   *
   * @param chosen takes the indices of the marks of words that are chosen
   * @param removed takes those of words whose marks are to go
   */
  MarkedText(Consumer<List<Integer>> chosen, Consumer<List<Integer>> removed) {
    this.chosen = chosen;
    this.removed = removed;
    under.setManaged(false);
    under.setMouseTransparent(true);
    getStyleClass().add("marked-text");
    flow.setLineSpacing(APART);
    getChildren().addAll(under, flow);
  }

  /**
   * Shows a text.
   *
   * @param meaning what a mark means, in words
   */
  void show(String text, List<Mark> marks, Function<Mark, String> meaning) {
    segments.clear();
    TreeSet<Integer> borders = new TreeSet<>(List.of(0, text.length()));
    for (Mark mark : marks) {
      borders.add(mark.start());
      borders.add(mark.end());
    }
    int start = borders.pollFirst();
    for (int end : borders) {
      segments.add(segment(text, start, end, marks, meaning));
      start = end;
    }
    flow.getChildren().setAll(segments.stream().map(Segment::node).toList());
    requestLayout();
  }

  private Segment segment(
      String text, int start, int end, List<Mark> marks, Function<Mark, String> meaning) {
    Text node = new Text(text.substring(start, end));
    List<Integer> here = new ArrayList<>();
    EnumSet<Mark.Kind> kinds = EnumSet.noneOf(Mark.Kind.class);
    StringBuilder words = new StringBuilder(node.getText());
    for (int i = 0; i < marks.size(); i++) {
      if (marks.get(i).start() <= start && end <= marks.get(i).end()) {
        here.add(i);
        words.append("; ").append(meaning.apply(marks.get(i)));
        kinds.add(marks.get(i).meaning().kind());
      }
    }
    if (!here.isEmpty()) {
      node.getStyleClass().add("mark");
      node.setId("question-mark-" + here.get(0));
      node.setFocusTraversable(true);
      node.setAccessibleRole(AccessibleRole.BUTTON);
      node.setAccessibleText(words.toString());
      node.setOnMouseClicked(
          event -> {
            node.requestFocus();
            chosen.accept(here);
          });
      node.setOnKeyPressed(
          event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
              chosen.accept(here);
              event.consume();
            } else if (event.getCode() == KeyCode.DELETE) {
              removed.accept(here);
              event.consume();
            }
          });
      node.focusedProperty().subscribe(this::requestLayout);
    }
    return new Segment(start, end, here, kinds, node);
  }

  /** Puts the focus on the words under the mark. */
  void focusMark(int mark) {
    segments.stream()
        .filter(segment -> segment.marks().contains(mark))
        .findFirst()
        .ifPresent(segment -> segment.node().requestFocus());
  }

  /** How high it is depends on how wide it may be. */
  @Override
  public Orientation getContentBias() {
    return Orientation.HORIZONTAL;
  }

  @Override
  protected double computePrefWidth(double height) {
    return 0;
  }

  @Override
  protected double computePrefHeight(double width) {
    return snappedTopInset()
        + flow.prefHeight(width - snappedLeftInset() - snappedRightInset())
        + snappedBottomInset();
  }

  @Override
  protected void layoutChildren() {
    double left = snappedLeftInset();
    double top = snappedTopInset();
    flow.resizeRelocate(
        left,
        top,
        getWidth() - left - snappedRightInset(),
        getHeight() - top - snappedBottomInset());
    flow.layout();
    under.getChildren().clear();
    List<Path> lines = new ArrayList<>();
    for (Segment segment : segments) {
      if (!segment.marks().isEmpty()) {
        Path paper = paper(segment);
        under.getChildren().add(paper);
        lines.addAll(lines(segment, rows(paper)));
      }
    }
    // No paper may hide the line of the words above it.
    under.getChildren().addAll(lines);
    // Where the text is, however far down its first mark stands: to relocate would move that up.
    under.setLayoutX(left);
    under.setLayoutY(top);
  }

  private Path paper(Segment segment) {
    Path paper = new Path(flow.rangeShape(segment.start(), segment.end()));
    paper.getStyleClass().setAll("mark-paper");
    if (segment.node().isFocused()) {
      paper.getStyleClass().add("mark-focused");
    }
    return paper;
  }

  /** A line for each of the marks, one below the other. */
  private static List<Path> lines(Segment segment, List<Bounds> rows) {
    List<Path> lines = new ArrayList<>();
    for (Mark.Kind kind : segment.kinds()) {
      Path line = new Path();
      line.getStyleClass().setAll("mark-line", "mark-" + MarkText.code(kind));
      double lower = APART * lines.size();
      for (Bounds row : rows) {
        double y = row.getMaxY() + lower;
        line.getElements().addAll(new MoveTo(row.getMinX(), y), new LineTo(row.getMaxX(), y));
      }
      lines.add(line);
    }
    return lines;
  }

  /** The shape of a range is a rectangle for each of its lines, of five elements each. */
  private static List<Bounds> rows(Path shape) {
    List<Bounds> rows = new ArrayList<>();
    for (int i = 0; i + 4 < shape.getElements().size(); i += 5) {
      rows.add(new Path(shape.getElements().subList(i, i + 5)).getBoundsInLocal());
    }
    return rows;
  }
}
