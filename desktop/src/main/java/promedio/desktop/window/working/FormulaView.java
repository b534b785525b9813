package promedio.desktop.window.working;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;
import javafx.scene.transform.Scale;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.formula.Equation;
import promedio.core.message.Texts;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.Nodes;

/**
 * A formula, properly set. The setting is done apart from the window, since its start takes time.
 */
public final class FormulaView extends StackPane {

  private static final Logger LOG = LoggerFactory.getLogger(FormulaView.class);
  private static final Executor SETTER =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "promedio-formulas");
            thread.setDaemon(true);
            return thread;
          });

  private final Appearance appearance;
  private String latex = "";
  private FormulaSetter.@Nullable Shape shape;

  public FormulaView(Appearance appearance) {
    this.appearance = appearance;
    getStyleClass().add("formula");
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    appearance.textPercentProperty().subscribe(now -> draw());
    widthProperty().subscribe(now -> draw());
  }

  /** Shows the equation, or nothing. */
  public void show(Optional<Equation> equation) {
    Nodes.setShown(this, equation.isPresent());
    show(equation.map(Equation::latex).orElse(""), equation.map(Equation::plain).orElse(""));
  }

  /**
   * Shows a formula.
   *
   * @param wanted it in LaTeX
   * @param plain it as it is read out
   */
  public void show(String wanted, String plain) {
    if (wanted.equals(latex)) {
      return;
    }
    latex = wanted;
    setAccessibleText(Texts.of("formula.spoken", plain));
    if (!wanted.isEmpty()) {
      SETTER.execute(() -> set(wanted));
    }
  }

  private void set(String wanted) {
    try {
      FormulaSetter.Shape shape = FormulaSetter.set(wanted);
      Platform.runLater(() -> showSet(wanted, shape));
    } catch (RuntimeException e) {
      LOG.error("cannot set {}", wanted, e);
    }
  }

  private void showSet(String of, FormulaSetter.Shape set) {
    if (of.equals(latex)) {
      shape = set;
      draw();
    }
  }

  /** As large as text is, but never wider than the margin. */
  private void draw() {
    FormulaSetter.Shape set = shape;
    if (set == null) {
      return;
    }
    double room = getWidth() > 0 ? getWidth() : set.width();
    double scale = Math.min(appearance.textScale(), room / set.width());
    SVGPath path = new SVGPath();
    path.setContent(set.path());
    path.getStyleClass().add("formula-ink");
    path.getTransforms().add(new Scale(scale, scale));
    Pane box = new Pane(path);
    box.setMinSize(set.width() * scale, set.height() * scale);
    box.setMaxSize(set.width() * scale, set.height() * scale);
    getChildren().setAll(List.of(box));
  }
}
