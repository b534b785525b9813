package promedio.desktop.window.working;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import promedio.core.measure.Method;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.working.Assumed;
import promedio.desktop.projection.Analysis;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
import promedio.files.report.ShownNumbers;

/** The mean and the step that a student assumes, for the methods that need them. */
final class AssumptionFields extends HBox {

  private final TextField mean = new TextField();
  private final TextField step = new TextField();
  private final Label stepName = new Label("h =");

  /**
   * Makes the fields.
   *
   * @param idPrefix their ids begin with it
   * @param assumed told when something else is assumed
   */
  AssumptionFields(String idPrefix, Runnable assumed) {
    super(6);
    mean.setId(idPrefix + "assumed-mean");
    step.setId(idPrefix + "assumed-step");
    for (TextField field : List.of(mean, step)) {
      field.setPrefColumnCount(5);
      field.getStyleClass().add("answer");
      field.setOnAction(event -> assumed.run());
      Fields.whenLeft(field, assumed);
    }
    mean.setAccessibleText(Texts.of("working.assumed-mean"));
    step.setAccessibleText(Texts.of("working.assumed-step"));
    getStyleClass().add("assumptions");
    getChildren().addAll(new Label("A ="), mean, stepName, step);
  }

  /** Shows what the method needs. */
  void show(Method method) {
    boolean coded = method == Method.STEP;
    Nodes.setShown(this, coded || method == Method.ASSUMED_MEAN);
    Nodes.setShown(stepName, coded);
    Nodes.setShown(step, coded);
  }

  /** Forgets what was assumed. */
  void clear() {
    mean.clear();
    step.clear();
  }

  /** {@return what is assumed}; what is not typed or no number is as a person would choose it */
  Optional<Assumed> assumed(Analysis now) {
    if (now.typed().data().tally().isEmpty()) {
      return Optional.empty();
    }
    Assumed usual = Assumed.of(now.typed().data().tally());
    ShownNumbers numbers = now.numbers();
    mean.setPromptText(numbers.shown(usual.mean()));
    step.setPromptText(numbers.shown(usual.step()));
    Exact width = number(step, now).filter(h -> h.signum() > 0).orElse(usual.step());
    return Optional.of(new Assumed(number(mean, now).orElse(usual.mean()), width));
  }

  private static Optional<Exact> number(TextField field, Analysis now) {
    boolean typed = !field.getText().isBlank();
    Reading reading = NumberText.read(field.getText(), now.sign());
    field.pseudoClassStateChanged(StyleNames.WRONG, typed && !(reading instanceof Reading.Numeral));
    return typed && reading instanceof Reading.Numeral numeral
        ? Optional.of(numeral.value())
        : Optional.empty();
  }
}
