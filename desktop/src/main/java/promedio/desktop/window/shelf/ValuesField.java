package promedio.desktop.window.shelf;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.assignment.TextEdits;
import promedio.core.entry.Entry;
import promedio.core.message.Texts;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Describe;
import promedio.desktop.projection.Projection;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;

/**
 * The plain field in which the values of the chosen item are typed. Entries that are no numbers are
 * underlined where they stand and named below with what is wrong. A printed table is typed into a
 * form, which has its room on the sheet.
 */
final class ValuesField extends VBox {

  /** More are counted, not listed. */
  private static final int MOST_LISTED = 20;

  private final Workspace workspace;
  private final Consumer<Node> onSheet;
  private final ItemDetails details;
  private final TextArea area = Fields.ofAssignment(new TextArea());
  private final Underlines underlines = new Underlines(area);
  private final StackPane paper = new StackPane(area, underlines);

  /** Whether the form has its place on the sheet, which it gets when it is first needed. */
  private boolean placed;

  private final TableForm form;
  private final PickedSamples picked;
  private final Hyperlink manner = new Hyperlink();
  private final Hyperlink count;
  private final Label counts = new Label();
  private final VBox problems = new VBox(2);
  private boolean showingEntry;

  /** Whether tables are typed as lines of text, too. */
  private boolean asText;

  private final ScrollPane problemsScroll = new ScrollPane(problems);

  /**
   * Makes the field.
   *
   * @param onSheet puts the form for printed tables where it has room
   */
  ValuesField(Workspace workspace, Consumer<Node> onSheet) {
    this.workspace = workspace;
    this.onSheet = onSheet;
    this.details = new ItemDetails(workspace);
    this.form = new TableForm(workspace);
    Nodes.setShown(form, false);
    this.picked = new PickedSamples(workspace);
    getStyleClass().add("values-field");
    buildArea();
    counts.getStyleClass().add("quiet");
    counts.setId("counts");
    counts.setWrapText(true);
    counts.setMinHeight(USE_PREF_SIZE);
    problemsScroll.setFitToWidth(true);
    problemsScroll.setMaxHeight(120);
    problemsScroll.setMinHeight(0);
    problemsScroll.getStyleClass().add("problems");
    VBox.setVgrow(paper, Priority.ALWAYS);
    manner.setId("values-manner");
    manner.getStyleClass().add("link");
    manner.setOnAction(
        event -> {
          asText = !asText;
          showItem(workspace.item());
          showAnalysis(workspace.analysis());
          startTyping();
        });
    count =
        Controls.link("values.count-words", "values-count-words", workspace.items()::countWords);
    VBox.setVgrow(picked, Priority.ALWAYS);
    getChildren().addAll(details, paper, picked, manner, count, counts, problemsScroll);
    area.caretPositionProperty().subscribe((old, now) -> chooseAtCaret());
    workspace.show(this::show);
  }

  private void show(@Nullable Projection before, Projection now) {
    boolean same =
        before != null
            && Objects.equals(before.item(), now.item())
            && (!picked.isVisible()
                || before.assignment().items().equals(now.assignment().items()));
    if (!same || before.assignment().sign() != now.assignment().sign()) {
      showItem(now.item());
    }
    if (!same || !now.hasSameNumbers(before)) {
      showAnalysis(now.analysis());
    }
    if (before == null || before.choice().entry() != now.choice().entry()) {
      showEntry(now.choice().entry());
    }
  }

  void startTyping() {
    if (form.isVisible()) {
      form.startTyping();
      return;
    }
    area.requestFocus();
    area.end();
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
                workspace.items().type(text);
              }
            });
  }

  private void showItem(@Nullable Item item) {
    details.show(item);
    boolean typed = item == null || item.source() instanceof Source.OfText;
    // First, so that showing a long column's note is not taken for typing.
    area.setEditable(typed);
    Fields.show(area, item == null ? "" : text(item.source()));
    Source.Shape shape = item == null ? Source.Shape.VALUES : item.source().shape();
    area.setPromptText(Texts.of("values.prompt." + shape.name().toLowerCase(Locale.ROOT)));
    boolean fits = TableForm.fits(item, workspace);
    boolean inForm = fits && !asText;
    if (item != null && inForm) {
      if (!placed) {
        // What is never looked at is never laid out.
        placed = true;
        onSheet.accept(form);
      }
      form.show(item);
    }
    boolean comes = inForm && !form.isVisible();
    Nodes.setShown(form, inForm);
    if (comes) {
      // Its fields can take the focus at once.
      form.applyCss();
    }
    boolean isPicked = item != null && item.source() instanceof Source.Picked;
    Nodes.setShown(picked, isPicked);
    if (item != null && isPicked) {
      picked.show(workspace.assignment(), item);
    }
    Nodes.setShown(paper, !inForm && !isPicked);
    Nodes.setShown(manner, fits);
    manner.setText(Texts.of(asText ? "form.as-form" : "form.as-text"));
  }

  private static String text(Source source) {
    if (!(source instanceof Source.Linked linked)) {
      return source.typedText().orElse("");
    }
    String key = linked.found() ? "values.linked" : "values.parted";
    String group = linked.link() instanceof Link.OfColumn one ? one.group() : "";
    return Texts.of(key, Describe.columns(linked.link()), group).strip();
  }

  /** The value at the caret is chosen in the line-up too. */
  private void chooseAtCaret() {
    Analysis now = workspace.analysis();
    if (now != null && area.isFocused() && !showingEntry) {
      List<Entry> entries = now.typed().entries();
      int entry = TextEdits.entryAt(entries, Math.max(0, area.getCaretPosition() - 1));
      boolean figure = entry >= 0 && entries.get(entry).content() instanceof Entry.Figure;
      workspace.chooseEntry(figure ? entry : -1);
    }
  }

  /** A value that is chosen in the line-up is selected here. */
  private void showEntry(int entry) {
    Analysis now = workspace.analysis();
    if (now == null || area.isFocused() || entry < 0 || entry >= now.typed().entries().size()) {
      return;
    }
    showingEntry = true;
    Entry chosen = now.typed().entries().get(entry);
    area.selectRange(chosen.start(), chosen.end());
    showingEntry = false;
  }

  private void showAnalysis(@Nullable Analysis analysis) {
    List<Entry> unreadable = analysis == null ? List.of() : analysis.typed().unreadable();
    // The prompt inside the field goes when the caret comes, so an empty one is explained below.
    boolean empty = analysis == null || (area.getText().isBlank() && !picked.isVisible());
    counts.setText(empty ? Texts.of("values.empty") : Describe.counts(analysis));
    underlines.show(unreadable);
    problems
        .getChildren()
        .setAll(unreadable.stream().limit(MOST_LISTED).map(this::problem).toList());
    if (unreadable.size() > MOST_LISTED) {
      problems
          .getChildren()
          .add(new Label(Texts.of("values.more-problems", unreadable.size() - MOST_LISTED)));
    }
    Nodes.setShown(count, analysis != null && isWords(analysis));
    if (form.isVisible() && analysis != null) {
      form.show(analysis);
    }
    // The form says it at the row.
    Nodes.setShown(problemsScroll, !unreadable.isEmpty() && !form.isVisible());
  }

  /** Where words are typed as values, and hardly a number, they are meant to be counted. */
  private static boolean isWords(Analysis analysis) {
    int words = analysis.typed().unreadable().size();
    return analysis.item().source().shape() == Source.Shape.VALUES
        && words > 1
        && analysis.typed().entries().size() < 2 * words;
  }

  private Button problem(Entry entry) {
    Button button = Controls.literal(new Button(((Entry.Unreadable) entry.content()).why().text()));
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
