package promedio.desktop.window;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.measure.Measure;
import promedio.core.working.Method;
import promedio.core.working.Working;
import promedio.desktop.Texts;
import promedio.desktop.work.Reckoning;
import promedio.files.report.ShownNumbers;
import promedio.files.report.WorkingFormat;

/** The working of the chosen measure, uncovered step by step, so that a student tries first. */
final class WorkingView extends VBox {

  /** Longer steps would not fit into the margin. */
  private static final int SHORT_STEP = 34;

  private final VBox steps = new VBox(6);
  private final FlowPane methods = new FlowPane(4, 2);
  private final Button next = new Button(Texts.of("working.next"));
  private final Button all = new Button(Texts.of("working.all"));
  private final Button copy = new Button(Texts.of("working.copy"));
  private Method method = Method.DEFINITION;
  private int uncovered;
  private @Nullable Measure measure;
  private @Nullable Reckoning reckoning;

  WorkingView() {
    super(6);
    getStyleClass().add("working");
    Label heading = new Label(Texts.of("working.heading"));
    heading.getStyleClass().add("family-heading");
    next.setId("working-next");
    next.setOnAction(event -> uncover(uncovered + 1));
    all.setId("working-all");
    all.getStyleClass().add("link");
    all.setOnAction(event -> uncover(Integer.MAX_VALUE));
    copy.setId("working-copy");
    copy.getStyleClass().add("link");
    copy.setOnAction(event -> copy());
    steps.setId("working-steps");
    getChildren().addAll(heading, methods, steps, new FlowPane(4, 2, next, all, copy));
  }

  /** Covers the working again when another measure or other values are chosen. */
  void show(Measure chosen, Reckoning now) {
    Reckoning old = reckoning;
    boolean same =
        chosen == measure
            && old != null
            && old.item().id() == now.item().id()
            && old.typed().equals(now.typed());
    measure = chosen;
    reckoning = now;
    if (!same) {
      uncovered = 0;
    }
    if (!Method.of(chosen).contains(method)) {
      method = Method.DEFINITION;
    }
    showMethods(chosen);
    uncover(uncovered);
  }

  private void showMethods(Measure chosen) {
    List<Method> choices = Method.of(chosen);
    Nodes.setShown(methods, choices.size() > 1);
    methods.getChildren().clear();
    for (Method choice : choices) {
      ToggleButton button = new ToggleButton(Texts.of("method." + choice.code()));
      button.setSelected(choice == method);
      button.getStyleClass().add("link");
      button.setId("method-" + choice.code());
      button.setOnAction(
          event -> {
            method = choice;
            showMethods(chosen);
            uncover(uncovered);
          });
      methods.getChildren().add(button);
    }
  }

  /** The working is only made when a step of it is asked for. */
  private void uncover(int count) {
    steps.getChildren().clear();
    uncovered = count;
    next.setDisable(false);
    Nodes.setShown(copy, count > 0);
    if (count == 0) {
      return;
    }
    Optional<Working> working = working();
    if (working.isEmpty() || reckoning == null) {
      steps.getChildren().add(line(Texts.of("working.none-here"), "quiet"));
      next.setDisable(true);
      return;
    }
    ShownNumbers numbers = new ShownNumbers(reckoning.rules(), reckoning.sign());
    List<String> lines =
        working.get().steps().stream().map(s -> WorkingFormat.plain(s, numbers)).toList();
    uncovered = Math.min(count, lines.size());
    lines.stream()
        .limit(uncovered)
        .forEach(text -> steps.getChildren().add(line(set(text), "working-step")));
    next.setDisable(uncovered == lines.size());
  }

  private Optional<Working> working() {
    Reckoning now = reckoning;
    return now == null || measure == null
        ? Optional.empty()
        : Working.of(now.typed().data(), now.rules(), measure, method);
  }

  /** A long step has a line for each sign of equality, as it is written by hand. */
  private static String set(String step) {
    return step.length() <= SHORT_STEP
        ? step
        : step.replaceAll("(?<!^\\S{1,12}) (?=[=≈] )", "\n    ");
  }

  private static Label line(String text, String styleClass) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.setMinHeight(USE_PREF_SIZE);
    label.getStyleClass().add(styleClass);
    return label;
  }

  private void copy() {
    Reckoning now = reckoning;
    Measure chosen = measure;
    if (now == null || chosen == null) {
      return;
    }
    working()
        .ifPresent(
            working -> {
              ClipboardContent content = new ClipboardContent();
              List<String> lines =
                  WorkingFormat.TEXT.write(
                      Describe.heading(chosen), working, now.rules(), now.sign());
              content.putString(String.join("\n", lines));
              Clipboard.getSystemClipboard().setContent(content);
            });
  }
}
