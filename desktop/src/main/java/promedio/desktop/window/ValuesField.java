package promedio.desktop.window;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.entry.Entry;
import promedio.desktop.Texts;
import promedio.desktop.work.Reckoning;
import promedio.desktop.work.Workspace;

/**
 * The plain field in which the values of the chosen item are typed. Entries that are no numbers are
 * underlined where they stand and named below with what is wrong.
 */
final class ValuesField extends VBox {

  /** More are counted, not listed. */
  private static final int MOST_LISTED = 20;

  private final Workspace workspace;
  private final TextField name = new TextField();
  private final TextArea area = new TextArea();
  private final Underlines underlines = new Underlines(area);
  private final Label counts = new Label();
  private final VBox problems = new VBox(2);
  private final ScrollPane problemsScroll = new ScrollPane(problems);

  ValuesField(Workspace workspace) {
    this.workspace = workspace;
    getStyleClass().add("values-field");
    buildName();
    buildArea();
    counts.getStyleClass().add("quiet");
    counts.setId("counts");
    counts.setWrapText(true);
    counts.setMinHeight(USE_PREF_SIZE);
    problemsScroll.setFitToWidth(true);
    problemsScroll.setMaxHeight(120);
    problemsScroll.setMinHeight(0);
    problemsScroll.getStyleClass().add("problems");
    StackPane paper = new StackPane(area, underlines);
    VBox.setVgrow(paper, Priority.ALWAYS);
    getChildren().addAll(name, paper, counts, problemsScroll);
    workspace.chosenProperty().subscribe(this::showItem);
    workspace.reckoningProperty().subscribe(this::showReckoning);
  }

  void startTyping() {
    area.requestFocus();
    area.end();
  }

  private void buildName() {
    name.setId("item-name");
    name.getStyleClass().add("item-name");
    name.setAccessibleText(Texts.of("values.name"));
    name.textProperty().subscribe((old, text) -> workspace.rename(text));
  }

  private void buildArea() {
    area.setId("values");
    area.setWrapText(true);
    area.setAccessibleText(Texts.of("values.field"));
    area.setMinHeight(90);
    area.textProperty()
        .subscribe(
            (old, text) -> {
              if (area.isEditable()) {
                workspace.type(text);
              }
            });
  }

  private void showItem(@Nullable Item item) {
    name.setDisable(item == null);
    Fields.show(name, item == null ? "" : item.name());
    boolean typed = item == null || !(item.source() instanceof Source.Column);
    // First, so that showing a long column's note is not taken for typing.
    area.setEditable(typed);
    Fields.show(area, item == null ? "" : text(item.source()));
    area.setPromptText(
        Texts.of(
            item != null && item.source() instanceof Source.TableText
                ? "values.prompt-table"
                : "values.prompt"));
  }

  private static String text(Source source) {
    if (source instanceof Source.ValuesText values) {
      return values.text();
    }
    if (source instanceof Source.TableText table) {
      return table.text();
    }
    Source.Column column = (Source.Column) source;
    return Texts.of("values.column", column.column(), column.file());
  }

  private void showReckoning(@Nullable Reckoning reckoning) {
    List<Entry> unreadable = reckoning == null ? List.of() : reckoning.typed().unreadable();
    // The prompt inside the field goes when the caret comes, so an empty one is explained below.
    boolean empty = reckoning == null || area.getText().isBlank();
    counts.setText(empty ? Texts.of("values.empty") : Describe.counts(reckoning));
    underlines.show(unreadable);
    problems
        .getChildren()
        .setAll(unreadable.stream().limit(MOST_LISTED).map(this::problem).toList());
    if (unreadable.size() > MOST_LISTED) {
      problems
          .getChildren()
          .add(new Label(Texts.of("values.more-problems", unreadable.size() - MOST_LISTED)));
    }
    problemsScroll.setVisible(!unreadable.isEmpty());
    problemsScroll.setManaged(!unreadable.isEmpty());
  }

  private Button problem(Entry entry) {
    Button button = new Button(((Entry.Unreadable) entry.content()).why().text());
    button.getStyleClass().add("problem");
    button.setWrapText(true);
    button.setMaxWidth(Double.MAX_VALUE);
    button.setOnAction(
        event -> {
          area.requestFocus();
          area.selectRange(entry.start(), entry.end());
        });
    return button;
  }
}
