package promedio.desktop.window.parts;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.message.Texts;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.work.ExerciseSheets;
import promedio.desktop.work.Workspace;
import promedio.document.DocumentFormat;

/** Makes exercise sheets of the assignment, for those who teach. */
final class ExercisesBox extends MeasuredBox {

  private static final Logger LOG = LoggerFactory.getLogger(ExercisesBox.class);

  private final Workspace workspace;
  private final FileChoice fileChoice;
  private final Consumer<String> told;
  private final TextField variants = new TextField("30");
  private final TextField seed = new TextField("1");
  private final CheckBox nice = Controls.literal(new CheckBox(Texts.of("practice.nice")));

  ExercisesBox(Workspace workspace, FileChoice fileChoice, Consumer<String> told) {
    super(4);
    this.workspace = workspace;
    this.fileChoice = fileChoice;
    this.told = told;
    Label heading = new Label(Texts.of("exercises.heading"));
    heading.getStyleClass().add("family-heading");
    nice.setId("exercises-nice");
    Button make = new Button(Texts.of("exercises.make"));
    make.setId("exercises-make");
    make.setOnAction(event -> make());
    getChildren()
        .addAll(
            heading,
            Controls.wrapped(Texts.of("exercises.about"), "quiet"),
            new FlowPane(
                10,
                4,
                Controls.named("exercises.number", variants, 4),
                Controls.named("exercises.seed", seed, 5),
                nice,
                make));
    Fields.remembered(variants, workspace, "exercises-variants");
    Fields.remembered(seed, workspace, "exercises-seed");
    variants.setId("exercises-variants");
    seed.setId("exercises-seed");
  }

  private void make() {
    String number = variants.getText().strip();
    String start = seed.getText().strip();
    int wanted = number.matches("\\d{1,4}") ? Integer.parseInt(number) : 0;
    if (wanted < 1 || wanted > ExerciseSheets.MOST) {
      told.accept(Texts.of("exercises.bad-number", number, ExerciseSheets.MOST));
      variants.requestFocus();
    } else if (!start.matches("-?\\d{1,18}")) {
      told.accept(Texts.of("exercises.bad-seed", start));
      seed.requestFocus();
    } else if (ExerciseSheets.problem(workspace.assignment()).isPresent()) {
      told.accept(ExerciseSheets.problem(workspace.assignment()).get());
    } else {
      ExerciseSheets sheets =
          new ExerciseSheets(
              workspace.assignment(),
              wanted,
              Long.parseLong(start),
              nice.isSelected(),
              DocumentFormat.PDF);
      fileChoice.toExport(Texts.of("exercises.folder")).ifPresent(folder -> write(sheets, folder));
    }
  }

  private void write(ExerciseSheets sheets, Path folder) {
    workspace
        .background()
        .watch(
            Background.Lane.EXPORT,
            Texts.of("exercises.working"),
            progress -> {
              if (ExerciseSheets.isFilled(folder)) {
                return Optional.<Path>empty();
              }
              sheets.into(folder, progress);
              return Optional.of(folder);
            },
            written ->
                told.accept(
                    written
                        .map(done -> Texts.of("exercises.made", sheets.variants(), done))
                        .orElseGet(() -> Texts.of("exercises.filled", folder))),
            this::fail);
  }

  private void fail(Exception failure) {
    if (failure instanceof CancellationException) {
      told.accept(Texts.of("handin.stopped"));
      return;
    }
    LOG.warn("cannot make exercise sheets", failure);
    told.accept(
        failure instanceof IOException
            ? Texts.of("handin.save-failed", String.valueOf(failure.getMessage()))
            : Texts.of("handin.unmade"));
  }
}
