package promedio.desktop.window.parts;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.catalogue.Measures;
import promedio.core.marking.Explanation;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.MarkLabel;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;
import promedio.files.SafeWrite;
import promedio.files.answers.ClassAnswers;
import promedio.files.answers.MarkedAnswer;
import promedio.files.report.MarkTexts;
import promedio.files.report.TaskTexts;

/** The answers of a class for a tutor: verdicts and slips counted, then every answer. */
public final class ClassAnswersView extends ScrollPane {

  private static final Logger LOG = LoggerFactory.getLogger(ClassAnswersView.class);

  /** More rows are not shown at once; the file that is saved has them all. */
  private static final int MOST_ROWS = 200;

  /** The column that tells what would explain an answer. */
  private static final int LAST = 5;

  private final Workspace workspace;
  private final FileChoice fileChoice;
  private final Label counts = new Label();
  private final FlowPane verdicts = new FlowPane(6, 4);
  private final FlowPane slips = new FlowPane(6, 4);
  private final Label partsHeading = heading("class-answers.parts");
  private final FlowPane parts = new FlowPane(6, 4);
  private final FlowPane students = new FlowPane(6, 4);
  private final GridPane table = new GridPane();
  private final Label told = new Label();
  private final ToggleGroup filters = new ToggleGroup();

  public ClassAnswersView(Workspace workspace, FileChoice fileChoice) {
    this.workspace = workspace;
    this.fileChoice = fileChoice;
    setId("answers");
    getStyleClass().add("sheet-scroll");
    setFitToWidth(true);
    Label title = new Label(Texts.of("class-answers.heading"));
    title.getStyleClass().add("serif-heading");
    Button save = new Button(Texts.of("class-answers.save"));
    save.setId("class-answers-save");
    save.setOnAction(event -> save());
    Button back = new Button(Texts.of("class-answers.back"));
    back.setId("class-answers-back");
    back.setOnAction(event -> workspace.showClassAnswers(null));
    HBox head = new HBox(12, title, save, back);
    head.setAlignment(Pos.CENTER_LEFT);
    counts.setId("class-answers-counts");
    table.setId("class-answers-table");
    table.setHgap(14);
    table.setVgap(3);
    told.getStyleClass().add("quiet");
    told.setWrapText(true);
    VBox content =
        new VBox(
            10,
            head,
            counts,
            verdicts,
            heading("class-answers.slips"),
            slips,
            partsHeading,
            parts,
            heading("class-answers.students"),
            students,
            told,
            table);
    content.getStyleClass().add("sheet-content");
    setContent(content);
    workspace.show(
        (before, now) -> {
          if (before == null
              || !Objects.equals(before.choice().answers(), now.choice().answers())) {
            show(now.choice().answers());
          }
        });
  }

  private void show(@Nullable ClassAnswers answers) {
    verdicts.getChildren().clear();
    slips.getChildren().clear();
    parts.getChildren().clear();
    students.getChildren().clear();
    filters.getToggles().clear();
    if (answers == null) {
      return;
    }
    List<ClassAnswers.Student> ofEach = answers.students();
    counts.setText(Texts.of("class-answers.counts", answers.rows().size(), ofEach.size()));
    answers
        .verdicts()
        .forEach(
            (verdict, times) ->
                verdicts
                    .getChildren()
                    .add(
                        filter(
                            Texts.of(
                                "class-answers.times", times, Texts.of("mark." + verdict.code())),
                            "class-answers-" + verdict.code(),
                            row -> row.mark().verdict() == verdict)));
    for (ClassAnswers.Count count : answers.counts()) {
      slips
          .getChildren()
          .add(
              filter(
                  Texts.of(
                      "class-answers.slip",
                      count.times(),
                      Texts.of("cause." + count.code()),
                      name(count.measure())),
                  "class-answers-" + count.code() + "-" + count.measure(),
                  row -> isOf(row, count)));
    }
    for (ClassAnswers.Part part : answers.parts()) {
      parts
          .getChildren()
          .add(
              filter(
                  Texts.of("class-answers.part", part.name(), part.right(), part.answers()),
                  "class-answers-part-" + part.name(),
                  row -> row.part().equals(part.name())));
    }
    Nodes.setShown(partsHeading, !parts.getChildren().isEmpty());
    Nodes.setShown(parts, !parts.getChildren().isEmpty());
    for (ClassAnswers.Student student : ofEach) {
      students
          .getChildren()
          .add(
              filter(
                  Texts.of(
                      "class-answers.student", student.id(), student.right(), student.answers()),
                  "class-answers-student-" + student.id(),
                  row -> row.id().equals(student.id())));
    }
    showRows(row -> true);
  }

  private static Label heading(String key) {
    Label heading = new Label(Texts.of(key));
    heading.getStyleClass().add("family-heading");
    return heading;
  }

  private static boolean isOf(MarkedAnswer row, ClassAnswers.Count count) {
    return row.measure().equals(count.measure())
        && row.mark().best().filter(b -> b.cause().code().equals(count.code())).isPresent();
  }

  /** A count shows its answers only, until it is chosen again. */
  private ToggleButton filter(String text, String id, Predicate<MarkedAnswer> shown) {
    ToggleButton button = Controls.literal(new ToggleButton(text));
    button.setId(id);
    button.getStyleClass().add("link");
    button.setToggleGroup(filters);
    button.setOnAction(event -> showRows(button.isSelected() ? shown : row -> true));
    return button;
  }

  private void showRows(Predicate<MarkedAnswer> shown) {
    table.getChildren().clear();
    ClassAnswers answers = workspace.projection().choice().answers();
    if (answers == null) {
      return;
    }
    String[] heads = Texts.of("class-answers.heads").split("\\|", -1);
    for (int column = 0; column < heads.length; column++) {
      cell(heads[column], column, 0, "class-head");
    }
    List<MarkedAnswer> rows = answers.rows().stream().filter(shown).toList();
    int line = 1;
    for (MarkedAnswer row : rows.subList(0, Math.min(MOST_ROWS, rows.size()))) {
      cell(row.id(), 0, line, "work-cell");
      cell(row.part(), 1, line, "work-cell");
      cell(name(row.measure()), 2, line, "work-cell");
      cell(row.answer(), 3, line, "work-cell");
      MarkLabel mark = new MarkLabel();
      mark.show(Optional.of(row.mark()));
      table.add(mark, 4, line);
      cell(explained(row), LAST, line, "quiet");
      line++;
    }
    told.setText(
        rows.size() > MOST_ROWS ? Texts.of("class-answers.first", MOST_ROWS, rows.size()) : "");
    Nodes.setShown(told, !told.getText().isEmpty());
  }

  private void cell(String text, int column, int row, String style) {
    Label label = new Label(text);
    label.getStyleClass().add(style);
    label.setWrapText(column == LAST);
    if (column != LAST) {
      label.setMinWidth(USE_PREF_SIZE);
    }
    table.add(label, column, row);
  }

  private static String name(String measure) {
    return Measures.ofKey(measure).isPresent() ? TaskTexts.ofKey(measure) : measure;
  }

  private String explained(MarkedAnswer row) {
    Optional<Explanation> best = row.mark().best();
    if (best.isEmpty() || row.problem().isEmpty()) {
      return row.mark().reason().map(Message::text).orElse("");
    }
    return new MarkTexts(row.problem().get(), workspace.assignment().sign())
        .text(best.get(), row.mark());
  }

  private void save() {
    ClassAnswers answers = workspace.projection().choice().answers();
    Optional<Path> file = fileChoice.toExport(Texts.of("class-answers.file"));
    if (answers == null || file.isEmpty()) {
      return;
    }
    byte[] bytes = answers.csv().getBytes(StandardCharsets.UTF_8);
    Path target = file.get();
    workspace
        .background()
        .run(
            Background.Lane.EXPORT,
            Texts.of("work.exporting", target.getFileName()),
            () -> {
              SafeWrite.write(target, bytes);
              return target;
            },
            done -> tell(Texts.of("export.done", done)),
            failure -> {
              LOG.warn("cannot save {}", target, failure);
              tell(Texts.of("save.failed", String.valueOf(failure.getMessage())));
            });
  }

  private void tell(String text) {
    told.setText(text);
    Nodes.setShown(told, true);
  }
}
