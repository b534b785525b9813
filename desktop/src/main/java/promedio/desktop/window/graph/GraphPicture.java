package promedio.desktop.window.graph;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.grouping.NiceLimits;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.graph.DrawnGraph;
import promedio.graph.GraphExport;
import promedio.graph.Paper;
import promedio.graph.Picture;
import promedio.graph.PictureFormat;

/** A graph that is drawn apart from the window; its boundaries can be taken and moved. */
public final class GraphPicture extends MeasuredBox {

  private static final Logger LOG = LoggerFactory.getLogger(GraphPicture.class);
  private static final int WIDTH = PictureSize.USUAL.width();
  private static final int HEIGHT = PictureSize.USUAL.height();
  private static final double SHARPNESS = Paper.scale(PictureSize.USUAL_DOTS);

  /** So near to a boundary the mouse takes it. */
  private static final double GRIP = 5;

  /** Graphs are drawn apart from the window; the first one takes time to start. */
  private static final Executor PEN =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "promedio-graphs");
            thread.setDaemon(true);
            return thread;
          });

  private final ImageView picture = new ImageView();
  private final Pane paper = new Pane(picture);
  private final Line grip = new Line();
  private final Label problem = new Label();
  private final AtomicInteger turns = new AtomicInteger();
  private final Consumer<Exact> pointed;
  private final Consumer<String> named;
  private final BoundaryMove moved;
  private IntConsumer paired = row -> {};
  private List<Exact> boundaries = List.of();
  private int taken = -1;
  private @Nullable DrawnGraph drawn;
  private @Nullable Picture wanted;

  /** Takes the place to which a boundary is moved. */
  interface BoundaryMove {

    /** Takes none. */
    BoundaryMove NONE =
        new BoundaryMove() {
          @Override
          public void move(int index, Exact to) {}

          @Override
          public void letGo() {}
        };

    /**
     * A boundary is moved.
     *
     * @param index which one, from 0
     * @param to where to
     */
    void move(int index, Exact to);

    /** The boundary is let go where it is. */
    void letGo();
  }

  /** {@return the picture of a graph over an axis of values} */
  static GraphPicture ofValues(Consumer<Exact> pointed, BoundaryMove moved) {
    return new GraphPicture("graph", pointed, name -> {}, moved);
  }

  /** {@return the picture of a graph of categories} */
  public static GraphPicture ofCategories(Consumer<String> named) {
    return new GraphPicture("category-graph", value -> {}, named, BoundaryMove.NONE);
  }

  /** {@return the picture of a graph of several groups, under this id} */
  public static GraphPicture ofGroups(String id) {
    return new GraphPicture(id, value -> {}, name -> {}, BoundaryMove.NONE);
  }

  /** {@return the picture of a curve of probability} */
  public static GraphPicture ofCurve() {
    return new GraphPicture("curve-graph", value -> {}, name -> {}, BoundaryMove.NONE);
  }

  /** {@return the picture of a scatter graph, which tells the row of a pair that is clicked} */
  public static GraphPicture ofPairs(IntConsumer chosen) {
    GraphPicture made = new GraphPicture("pairs-graph", value -> {}, name -> {}, BoundaryMove.NONE);
    made.paired = chosen;
    return made;
  }

  /**
   * Makes the picture.
   *
   * @param id of the picture; of its paper with “-paper” behind it
   * @param pointed takes the value above which a click was
   * @param named takes the category on whose bar a click was
   * @param moved takes a boundary that is moved
   */
  private GraphPicture(
      String id, Consumer<Exact> pointed, Consumer<String> named, BoundaryMove moved) {
    super(4);
    this.pointed = pointed;
    this.named = named;
    this.moved = moved;
    picture.setId(id);
    picture.setPreserveRatio(true);
    grip.getStyleClass().add("boundary-grip");
    grip.setManaged(false);
    grip.setVisible(false);
    grip.setMouseTransparent(true);
    paper.getChildren().add(grip);
    paper.setId(id + "-paper");
    paper.setOnMouseMoved(this::hover);
    paper.setOnMousePressed(event -> taken = boundaryAt(event.getX()));
    paper.setOnMouseDragged(this::drag);
    paper.setOnMouseExited(event -> grip.setVisible(false));
    paper.setOnMouseReleased(event -> release(event));
    problem.getStyleClass().add("problem-text");
    problem.setWrapText(true);
    Nodes.setShown(problem, false);
    getChildren().addAll(problem, paper);
    widthProperty()
        .subscribe(width -> picture.setFitWidth(Math.min(WIDTH * 1.2, width.doubleValue())));
  }

  /**
   * Draws the graph.
   *
   * @param graph what to draw, if there is anything
   * @param movable the boundaries that may be moved
   */
  public void draw(Optional<? extends Picture> graph, List<Exact> movable) {
    boundaries = movable;
    int turn = turns.incrementAndGet();
    wanted = graph.orElse(null);
    if (graph.isEmpty()) {
      drawn = null;
      picture.setImage(null);
      return;
    }
    Picture wanted = graph.get();
    PEN.execute(() -> draw(wanted, turn));
  }

  private void draw(Picture graph, int turn) {
    // What was asked for meanwhile is drawn next.
    if (turn != turns.get()) {
      return;
    }
    try {
      DrawnGraph made = GraphExport.of(graph, WIDTH, graph.height(HEIGHT)).drawn(SHARPNESS);
      Image image = SwingFXUtils.toFXImage(made.image(), null);
      String words = graph.inWords();
      Platform.runLater(() -> showDrawn(turn, made, image, words, ""));
    } catch (BadInputException e) {
      Platform.runLater(() -> showDrawn(turn, null, null, "", String.valueOf(e.getMessage())));
    } catch (RuntimeException e) {
      LOG.error("cannot draw a {}", graph.getClass().getSimpleName(), e);
      Platform.runLater(() -> showDrawn(turn, null, null, "", Texts.of("graph.undrawn")));
    }
  }

  private void showDrawn(
      int turn, @Nullable DrawnGraph made, @Nullable Image image, String words, String why) {
    // While a boundary is moved, the frames in between are shown too.
    if (turn != turns.get() && taken < 0) {
      return;
    }
    drawn = made;
    picture.setImage(image);
    picture.setAccessibleText(words);
    problem.setText(why);
    Nodes.setShown(problem, !why.isEmpty());
  }

  /** {@return how many points of the paper one of the screen is} */
  private double scale() {
    return WIDTH / picture.getBoundsInLocal().getWidth();
  }

  /** {@return how far from the left edge a boundary can be taken}; none where it cannot */
  OptionalDouble boundaryPlace(int index) {
    DrawnGraph graph = drawn;
    if (graph == null || index >= boundaries.size()) {
      return OptionalDouble.empty();
    }
    OptionalDouble place = graph.placeOf(decimal(boundaries.get(index)));
    return place.isPresent() ? OptionalDouble.of(place.getAsDouble() / scale()) : place;
  }

  private int boundaryAt(double x) {
    for (int i = 0; i < boundaries.size(); i++) {
      OptionalDouble place = boundaryPlace(i);
      if (place.isPresent() && Math.abs(place.getAsDouble() - x) <= GRIP) {
        return i;
      }
    }
    return -1;
  }

  private void hover(MouseEvent event) {
    boolean near = boundaryAt(event.getX()) >= 0;
    paper.setCursor(near ? Cursor.H_RESIZE : Cursor.DEFAULT);
    showGrip(event.getX(), near);
  }

  private void showGrip(double x, boolean shown) {
    grip.setVisible(shown);
    grip.setStartX(x);
    grip.setEndX(x);
    grip.setStartY(0);
    grip.setEndY(picture.getBoundsInLocal().getHeight());
  }

  private void drag(MouseEvent event) {
    DrawnGraph graph = drawn;
    if (taken < 0 || graph == null) {
      return;
    }
    showGrip(event.getX(), true);
    rounded(graph, event.getX()).ifPresent(to -> moved.move(taken, to));
  }

  /** {@return the value under the mouse, as round as its points on the screen allow} */
  private Optional<Exact> rounded(DrawnGraph graph, double x) {
    OptionalDouble here = graph.valueAt(x * scale());
    OptionalDouble beside = graph.valueAt((x + 2) * scale());
    if (here.isEmpty() || beside.isEmpty() || beside.getAsDouble() <= here.getAsDouble()) {
      return Optional.empty();
    }
    Exact step = NiceLimits.width(exact(beside.getAsDouble() - here.getAsDouble()));
    Exact half = Exact.of(1, 2);
    return Optional.of(
        Exact.of(exact(here.getAsDouble()).over(step).plus(half).floor()).times(step));
  }

  private void release(MouseEvent event) {
    DrawnGraph graph = drawn;
    if (taken < 0 && graph != null && event.isStillSincePress()) {
      OptionalDouble value = graph.valueAt(event.getX() * scale());
      value.ifPresent(at -> pointed.accept(exact(at)));
      graph.pairAt(event.getX() * scale(), event.getY() * scale()).ifPresent(paired);
      graph.categoryAt(event.getX() * scale(), event.getY() * scale()).ifPresent(named);
    }
    if (taken >= 0) {
      moved.letGo();
    }
    taken = -1;
    grip.setVisible(false);
  }

  /** Copies the picture. */
  public void copy() {
    if (picture.getImage() != null) {
      ClipboardContent content = new ClipboardContent();
      content.putImage(picture.getImage());
      Clipboard.getSystemClipboard().setContent(content);
    }
  }

  /** Saves the picture apart from the window, and tells in words what became of it. */
  void save(Path file, PictureFormat format, Paper paper, int dotsAnInch, Consumer<String> told) {
    Picture graph = wanted;
    if (graph == null || drawn == null) {
      told.accept(Texts.of("graph.nothing"));
      return;
    }
    PEN.execute(
        () -> {
          String outcome = written(graph, file, format, paper, dotsAnInch);
          Platform.runLater(() -> told.accept(outcome));
        });
  }

  private static String written(
      Picture graph, Path file, PictureFormat format, Paper paper, int dotsAnInch) {
    try {
      format.write(GraphExport.of(graph, paper.width(), paper.height()), dotsAnInch, file);
      return Texts.of("graph.saved", file.toString());
    } catch (IOException e) {
      LOG.warn("cannot save {}", file, e);
      return Texts.of("save.failed", String.valueOf(e.getMessage()));
    } catch (BadInputException e) {
      return String.valueOf(e.getMessage());
    } catch (RuntimeException e) {
      LOG.error("cannot draw a {}", graph.getClass().getSimpleName(), e);
      return Texts.of("graph.undrawn");
    }
  }

  /** Points on the screen are as exact as a screen is. */
  private static Exact exact(double value) {
    return Exact.of(BigDecimal.valueOf(value));
  }

  private static double decimal(Exact value) {
    return value.significant(15).doubleValue();
  }
}
