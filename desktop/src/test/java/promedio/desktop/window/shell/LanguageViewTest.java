package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.message.Language;
import promedio.core.number.DecimalSign;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.session.Background;
import promedio.files.settings.SettingsFile;

/** The language is chosen in the window, and all of it speaks it from then on. */
class LanguageViewTest extends OpenWindow {

  private @Nullable Assignment opened;

  @Override
  protected Assignment assignment() {
    Assignment kept = opened;
    return kept == null ? DemoAssignment.withoutTables() : kept;
  }

  @AfterEach
  void speakEnglishAgain() {
    Language.speak(Language.of("en").orElseThrow());
  }

  private void choose(String code) {
    MenuButton menu = find("#assignment-menu", MenuButton.class);
    Menu languages =
        (Menu)
            menu.getItems().stream()
                .filter(item -> "menu-language".equals(item.getId()))
                .findFirst()
                .orElseThrow();
    MenuItem chosen =
        languages.getItems().stream()
            .filter(item -> item.getId().endsWith("-" + code))
            .findFirst()
            .orElseThrow();
    robot.interact(chosen::fire);
    settle();
  }

  @Test
  void allOfTheWindowIsMadeAnewAndWhatWasTypedStays() {
    robot.interact(() -> workspace.items().rename("Mine"));
    Assignment before = workspace.assignment();

    choose("es");

    assertThat(workspace.assignment()).isEqualTo(before);
    assertThat(find("#assignment-menu", MenuButton.class).getText()).startsWith("Tarea");
    assertThat(texts()).contains("Mine", "Dispersión", "desviación típica").contains("RIC");
    robot.interact(workspace.session()::undo);
    assertThat(workspace.assignment().items().get(0).name()).isEqualTo("North terrace");
  }

  @Test
  void noEnglishIsLeftOnAnySheet() {
    choose("es");
    robot.interact(() -> workspace.replace(DemoAssignment.create()));
    settle();
    Pattern english =
        Pattern.compile(
            "(?i)\\b(the|of|and|is|are|with|from|this|values|mean|median|lower|upper|sample|answer"
                + "|right|working|between|classes|row|column|standard|deviation)\\b");
    for (int id : workspace.assignment().items().stream().mapToInt(item -> item.id()).toArray()) {
      robot.interact(() -> workspace.choose(id));
      settle();
      assertThat(texts())
          .as("item %s", id)
          .hasSizeGreaterThan(20)
          .noneMatch(text -> english.matcher(text).find());
    }
    robot.interact(() -> workspace.chooseTable(DemoAssignment.TRAYS));
    settle();
    assertThat(texts()).contains("temprana", "Bandejas de la ronda de otoño");
    assertThat(texts()).noneMatch(text -> english.matcher(text).find());
    robot.interact(() -> workspace.showParts(true));
    settle();
    assertThat(texts()).noneMatch(text -> english.matcher(text).find());
  }

  /**
   * What each sheet says but the first, of which a value may be chosen; with the paper of the test
   * that is worked on it, and whether it is saved or not.
   */
  private Map<Integer, List<String>> sheets() {
    Map<Integer, List<String>> told = new LinkedHashMap<>();
    List<Item> items = workspace.assignment().items();
    for (Item item : items.subList(1, items.size())) {
      robot.interact(() -> workspace.choose(item.id()));
      settle();
      await(Background.Lane.EXPLAINING);
      settle();
      told.put(
          item.id(),
          texts().stream().map(text -> text.replace(" •", "")).sorted().distinct().toList());
    }
    return told;
  }

  @Test
  void sheetsThatWereShownBeforeSayWhatTheySayInAFreshWindow() throws Exception {
    robot.interact(() -> workspace.replace(DemoAssignment.create()));
    for (String test : List.of("mean", "paired", "correlation", "two", "variance", "counts")) {
      for (Item item : workspace.assignment().items()) {
        robot.interact(
            () -> {
              workspace.choose(item.id());
              workspace.items().setTest(now -> now.withTest(test));
            });
      }
    }
    sheets();
    choose("es");
    Map<Integer, List<String>> changed = sheets();

    opened = workspace.assignment();
    closeDesk();
    sitDown();
    assertThat(sheets()).isEqualTo(changed);
  }

  @Test
  void numbersOfRulesAndTablesAreWrittenAsTheLanguageWritesThem() {
    choose("es");
    robot.interact(() -> workspace.choose(DemoAssignment.TREES));
    settle();
    assertThat(texts()).contains("0,05").doesNotContain("0.05");
    robot.interact(() -> workspace.showDistributions());
    settle();
    assertThat(find("#lookup-number", TextInputControl.class).getText()).isEqualTo("0,025");
    assertThat(texts()).contains("gl").doesNotContain("df");
  }

  @Test
  void theChoiceIsRememberedWithTheSignOfThoseWhoSpeakIt() throws Exception {
    choose("es");

    waitUntil(() -> settings.get().language().isPresent());
    assertThat(settings.get().language()).contains("es");
    assertThat(settings.get().sign()).isEqualTo(DecimalSign.COMMA);
    assertThat(new SettingsFile(folder.resolve("none")).read().sign()).isEqualTo(DecimalSign.COMMA);
  }

  @Test
  void anEmptyAssignmentTakesTheSignOfTheLanguage() {
    robot.interact(() -> workspace.replace(Assignment.empty("Empty")));

    choose("es");

    assertThat(workspace.assignment().sign()).isEqualTo(DecimalSign.COMMA);
  }

  @Test
  void theViewsOfBeforeAreToldNothingAnyMore() {
    AssignmentView old = view;
    choose("es");
    List<String> before = texts(old).toList();

    robot.interact(() -> workspace.choose(2));
    settle();

    assertThat(texts(old).toList()).isEqualTo(before);
  }

  private List<String> texts() {
    return texts(find("#assignment-menu", MenuButton.class).getScene().getRoot()).toList();
  }

  @Test
  void windowsOfBeforeAreForgotten() throws Exception {
    List<WeakReference<Object>> windows = new ArrayList<>();
    for (String code : List.of("es", "en", "es", "en", "es", "en")) {
      robot.interact(() -> windows.add(new WeakReference<>(WindowRoot.of(scene()).view())));
      choose(code);
      robot.interact(() -> workspace.choose(DemoAssignment.TREES));
      settle();
    }
    view = null;

    waitUntil(
        () -> {
          System.gc();
          return windows.stream().allMatch(window -> window.get() == null);
        });
  }

  private Scene scene() {
    return find("#assignment-menu", MenuButton.class).getScene();
  }

  @Test
  void whatIsHalfTypedIsThereInTheOtherLanguageToo() {
    fill("#scratch", "12 +");
    fire("#type-table");
    robot.interact(() -> find("#import-text", TextInputControl.class).setText("a,b"));
    choose("es");
    assertThat(find("#import-text", TextInputControl.class).getText()).isEqualTo("a,b");
    robot.interact(workspace.imports()::end);
    settle();
    assertThat(field("#scratch").getText()).isEqualTo("12 +");

    robot.interact(workspace::showQuestion);
    settle();
    robot.interact(
        () ->
            find("#question-text", TextInputControl.class).setText("Find the mean of 8, 10, 12."));
    choose("en");
    assertThat(find("#question-text", TextInputControl.class).getText()).contains("8, 10, 12");
  }

  /** What is shown in labels and buttons and told of fields; not what was typed. */
  private static Stream<String> texts(Node node) {
    if (!node.isVisible()) {
      return Stream.empty();
    }
    Stream<String> own =
        node instanceof Labeled labeled
            ? Stream.of(labeled.getText())
            : node instanceof TextInputControl field
                ? Stream.of(field.getPromptText())
                : Stream.empty();
    Stream<String> spoken = Stream.of(node.getAccessibleText(), node.getAccessibleHelp());
    Stream<String> inside =
        node instanceof Parent parent
            ? parent.getChildrenUnmodifiable().stream().flatMap(LanguageViewTest::texts)
            : Stream.empty();
    return Stream.of(own, spoken, inside)
        .flatMap(each -> each)
        .filter(text -> text != null && !text.isBlank());
  }
}
