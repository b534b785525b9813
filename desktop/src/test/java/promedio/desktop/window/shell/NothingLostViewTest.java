package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Original;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;
import promedio.core.sample.ClassTable;
import promedio.core.table.ReadingChoices;
import promedio.core.tidy.StepPipeline;
import promedio.desktop.ReadTables;
import promedio.desktop.session.Background;
import promedio.files.assignment.AssignmentFile;
import promedio.files.table.DataSource;
import promedio.files.table.Fingerprint;

/** What is typed stays, where it was typed, and no other document suffers. */
class NothingLostViewTest extends OpenWindow {

  @Override
  protected Assignment assignment() {
    return Assignment.empty("Pears")
        .with(Item.of(1, "crate_weight", "g_1", new Source.ValuesText("8 10 11 11 14_0")))
        .asking(
            Part.of(1, "Find", Selection.of(1), StatedRules.NONE),
            List.of(Request.of(Measures.MEAN)));
  }

  private void undoKey() {
    robot.push(KeyCode.SHORTCUT, KeyCode.Z);
    settle();
  }

  @Test
  void undoInAFieldThatIsNotOfTheAssignmentIsAboutItsOwnText() {
    Assignment before = workspace.assignment();
    robot.interact(() -> workspace.setTitle("edited"));
    Assignment edited = workspace.assignment();

    robot.interact(() -> find("#scratch", TextField.class).requestFocus());
    robot.write("1+2");
    undoKey();
    assertThat(workspace.assignment()).isEqualTo(edited);
    assertThat(field("#scratch").getText()).isNotEqualTo("1+2");

    fire("#type-table");
    TextArea text = find("#import-text", TextArea.class);
    robot.interact(text::requestFocus);
    robot.write("a,b");
    undoKey();
    undoKey();
    assertThat(workspace.assignment()).isEqualTo(edited);
    robot.interact(workspace.imports()::end);

    robot.interact(() -> find("#values", TextArea.class).requestFocus());
    undoKey();
    assertThat(workspace.assignment()).isEqualTo(before);
  }

  @Test
  void namesAndEntriesAreShownWithTheirUnderscores() {
    robot.interact(
        () -> {
          workspace.takeCourse("my_course", CourseRules.DEFAULTS.with(Rule.DIVISOR, Divisor.N));
          workspace
              .imports()
              .begin(
                  DataSource.of(
                      "tray_log.csv",
                      "crate_weight,h_1\n1,2\n3,4\n".getBytes(StandardCharsets.UTF_8)));
        });
    assertNothingTakesAnUnderscoreAway();
    robot.interact(workspace.imports()::end);
    assertNothingTakesAnUnderscoreAway();
    assertThat(find(".problem", Button.class).getText()).contains("14_0");
    assertThat(find("#item-1", Button.class).getText()).startsWith("crate_weight");
  }

  private void assertNothingTakesAnUnderscoreAway() {
    settle();
    assertThat(
            robot.lookup(node -> node instanceof Labeled).queryAllAs(Labeled.class).stream()
                .filter(labeled -> labeled.getText() != null && labeled.getText().contains("_"))
                .filter(Labeled::isMnemonicParsing))
        .isEmpty();
    assertThat(
            robot.lookup(node -> node instanceof MenuButton).queryAllAs(MenuButton.class).stream()
                .flatMap(button -> button.getItems().stream())
                .filter(item -> item.getText() != null && item.getText().contains("_"))
                .filter(MenuItem::isMnemonicParsing))
        .isEmpty();
  }

  @Test
  void severalFilesThatAreDroppedTogetherAreBroughtInOneAfterTheOther() throws Exception {
    Path first = Files.writeString(folder.resolve("first.csv"), "a,b\n1,2\n3,4\n");
    Path second = Files.writeString(folder.resolve("second.csv"), "c,d\n5,6\n7,8\n");

    robot.interact(() -> view.openAll(List.of(first, second)));
    waitUntil(() -> !find("#import-take", Button.class).isDisabled());
    assertThat(text("#import-heading")).contains("first.csv");
    fire("#import-take");
    // The page of the first leaves before that of the second comes.
    waitUntil(
        () ->
            robot.lookup("#import-heading").queryAllAs(Label.class).stream()
                .anyMatch(heading -> heading.getText().contains("second.csv")));
    waitUntil(() -> !find("#import-take", Button.class).isDisabled());
    fire("#import-take");
    waitUntil(() -> workspace.assignment().tables().size() == 2);

    assertThat(workspace.assignment().tables())
        .extracting(ImportedTable::name)
        .containsExactly("first", "second");
  }

  @Test
  void aStepThatLightsUpLeavesTheFieldThatIsTypedIn() throws Exception {
    robot.interact(
        () -> {
          workspace.chooseTask(Request.of(Measures.VARIANCE));
          view.requestFocus();
        });
    robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT7);
    settle();
    fire("#sheet-mine");
    waitUntil(() -> robot.lookup("#own-cell-1-0").tryQuery().isPresent());
    TextField cell = field("#own-cell-1-0");
    robot.interact(cell::requestFocus);
    robot.write("-2");

    robot.interact(() -> find("#sheet-step-1", Node.class).getOnMouseEntered().handle(null));
    robot.write(".25");
    settle();

    assertThat(field("#own-cell-1-0")).isSameAs(cell);
    assertThat(cell.isFocused()).isTrue();
    assertThat(cell.getText()).isEqualTo("-2.25");
  }

  @Test
  void anAnswerLeavesTheChosenClassAndATablesCardWhereTheyAre() throws Exception {
    robot.interact(
        () -> {
          workspace.items().type("8 10 11 11 14");
          workspace.tables().addTable(ReadTables.imported("trays", "a,b\n1,2\n3,4\n"));
          workspace.choose(1);
        });
    fire("#graph-toggle");
    Node card = find("#table-1", Node.class);
    Node row =
        robot
            .lookup(node -> node.getUserData() instanceof ClassTable.Interval)
            .queryAll()
            .iterator()
            .next();
    robot.interact(() -> row.getOnMouseClicked().handle(null));
    ClassTable.Interval chosen = workspace.projection().choice().highlighted();
    assertThat(chosen).isNotNull();
    String told = text("#graph-note");

    answer("#answer-mean", "9");

    assertThat(find("#table-1", Node.class)).isSameAs(card);
    assertThat(workspace.projection().choice().highlighted()).isEqualTo(chosen);
    assertThat(text("#graph-note")).isEqualTo(told);
  }

  @Test
  void anAnswerOfAPartIsJudgedWhenItIsFinished() {
    robot.interact(() -> workspace.items().type("8 10 11 11"));
    robot.interact(view::showParts);
    settle();
    robot.interact(() -> field("#part-answer-1-mean").requestFocus());
    robot.write("9");
    settle();
    assertThat(shown("#part-mark-1-mean")).isFalse();
    robot.write(".5");
    settle();
    assertThat(shown("#part-mark-1-mean")).isFalse();
    robot.type(KeyCode.ENTER);
    settle();
    assertThat(shown("#part-mark-1-mean")).isTrue();
  }

  @Test
  void aLongSampleSaysThatItIsBeingReadAndCanBeStoppedAndReadAgain() throws Exception {
    robot.interact(
        () -> {
          workspace.items().type("12.5 ".repeat(200_000));
          workspace
              .imports()
              .begin(DataSource.of("t.csv", "a,b\n1,2\n".getBytes(StandardCharsets.UTF_8)));
          workspace.imports().end();
        });
    waitUntil(() -> workspace.analysis() != null);
    assertThat(robot.lookup("#empty-type").tryQuery()).isEmpty();

    robot.interact(
        () -> {
          workspace.items().type("12.5 ".repeat(200_001));
          workspace.background().running().stream()
              .filter(job -> job.lane() == Background.Lane.READING)
              .toList()
              .forEach(Background.Job::cancel);
        });
    waitUntil(() -> workspace.projection().stopped());
    assertThat(text("#sheet-waiting")).contains("was stopped");
    fire("#sheet-read-again");
    waitUntil(() -> workspace.analysis() != null);
    assertThat(find("#sheet-waiting", Node.class).getParent().isVisible()).isFalse();
  }

  @Test
  void aLongNoticeLeavesRoomForItsButton() {
    robot.interact(() -> view.open(Path.of("/nowhere/" + "pears ".repeat(35) + ".promedio")));
    settle();

    Button away = find("#notice-away", Button.class);
    assertThat(away.getWidth()).isGreaterThanOrEqualTo(away.prefWidth(-1));
    fire("#notice-away");
    assertThat(away.getParent().isVisible()).isFalse();
  }

  /** An assignment that someone else made, whose table is in a file outside its folder. */
  private Path fromElsewhere() throws Exception {
    Path data = Files.writeString(folder.resolve("secret.csv"), "a,b\n1,2\n3,4\n");
    Original original = new Original.Referred(data.toString(), Fingerprint.of(DataSource.of(data)));
    ImportedTable imported =
        new ImportedTable(
            1,
            "log",
            original,
            ReadingChoices.NONE,
            StepPipeline.of(ReadTables.of("a,b\n1,2\n3,4\n")));
    Path file = Files.createDirectories(folder.resolve("theirs")).resolve("pears.promedio");
    AssignmentFile.write(Assignment.empty("theirs").with(imported), file);
    return file;
  }

  @Test
  void aTableThatIsNotReadSaysSoAndCanBeReadLater() throws Exception {
    Path file = fromElsewhere();
    robot.interact(() -> view.open(file));
    settle();

    assertThat(find("#table-1", Button.class).getText()).contains("not read");
    fire("#table-1");
    assertThat(text("#table-unread")).contains("secret.csv");
    assertThat(find("#table-find", Node.class).getParent().isVisible()).isFalse();
    assertThat(find("#steps-add", Node.class).getParent().isVisible()).isFalse();

    fire("#table-read");
    waitUntil(() -> workspace.assignment().tables().get(0).isRead());
    settle();
    assertThat(find("#table-1", Button.class).getText()).contains("2 rows");
    assertThat(find("#table-find", Node.class).getParent().isVisible()).isTrue();
    assertThat(find("#table-grid", Node.class).getScene()).isNotNull();
  }

  @Test
  void aFileElsewhereIsReadWhenThePersonSaysSo() throws Exception {
    Path file = fromElsewhere();

    robot.interact(() -> view.open(file));
    waitUntil(() -> !workspace.assignment().tables().isEmpty());
    assertThat(workspace.assignment().tables().get(0).table().rows()).isZero();
    Button read =
        robot.lookup(".offer-line .button").queryAllAs(Button.class).stream()
            .filter(button -> button.getText().equals("Read the file"))
            .findFirst()
            .orElseThrow();
    robot.interact(read::fire);
    waitUntil(() -> workspace.assignment().tables().get(0).table().rows() == 2);
    assertThat(store.savedProperty().get()).isTrue();
  }
}
