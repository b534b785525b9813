package promedio.desktop.window.table;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.ImportedTable;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.table.Table;
import promedio.core.tidy.Step;
import promedio.core.tidy.StepEntry;
import promedio.core.tidy.StepKind;
import promedio.core.tidy.StepKinds;
import promedio.core.tidy.StepPipeline;
import promedio.desktop.projection.Describe;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FollowFocus;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.work.Memory;
import promedio.desktop.work.StepChange;
import promedio.desktop.work.StepChange.Seen;
import promedio.desktop.work.StepDraft;
import promedio.desktop.work.Workspace;

/** The steps that tidy the chosen table, in their order. */
public final class StepsPane extends ScrollPane {

  private final Workspace workspace;
  private final VBox steps = new VBox(8);
  private final VBox form = new VBox();
  private final MenuButton add = new MenuButton(Texts.of("steps.add"));
  private final FlowPane actions;
  private final Memory<Optional<StepDraft>> drafts;
  private @Nullable StepPipeline shown;

  /** The table whose form is shown. */
  private int formOf;

  /** What the pane asks of the window. */
  interface Actions {
    void saveSteps(List<StepEntry> steps, String name);

    void loadSteps();
  }

  public StepsPane(Workspace workspace, Actions window) {
    this.workspace = workspace;
    this.drafts = workspace.memory("step-form", Optional.empty());
    getStyleClass().add("margin-scroll");
    setFitToWidth(true);
    setPrefWidth(StyleNames.MARGIN_WIDTH);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    Label heading = new Label(Texts.of("steps.heading"));
    heading.getStyleClass().add("serif-heading");
    add.setId("steps-add");
    for (StepKind kind : StepKinds.ALL.stream().filter(StepKind::hasForm).toList()) {
      MenuItem item = Controls.literal(new MenuItem(Texts.of("stepkind." + kind.code())));
      item.setId("add-" + kind.code());
      item.setOnAction(event -> ask(StepDraft.of(kind)));
      add.getItems().add(item);
    }
    Button save = link("steps.save", "steps-save");
    save.setOnAction(
        event -> table().ifPresent(t -> window.saveSteps(t.pipeline().steps(), t.name())));
    Button load = link("steps.load", "steps-load");
    load.setOnAction(event -> window.loadSteps());
    steps.setId("steps");
    actions = Controls.wrapping(new FlowPane(6, 4, add, save, load));
    VBox content = new VBox(heading, steps, form, actions);
    content.getStyleClass().add("margin-band");
    setContent(content);
    FollowFocus.in(this);
    workspace.show((before, now) -> show(now.table()));
  }

  private Optional<ImportedTable> table() {
    return Optional.ofNullable(workspace.table());
  }

  private static Button link(String key, String id) {
    Button button = Controls.literal(new Button(Texts.of(key)));
    button.setId(id);
    button.getStyleClass().add("link");
    return button;
  }

  /** Puts the focus where steps are added. */
  public void focusAdd() {
    add.requestFocus();
  }

  private void show(@Nullable ImportedTable table) {
    StepPipeline pipeline = table == null ? null : table.pipeline();
    if (pipeline == null || pipeline.equals(shown)) {
      return;
    }
    shown = pipeline;
    Optional<String> focused = focusedCard();
    steps.getChildren().clear();
    showForm(table);
    Nodes.setShown(actions, table.isRead());
    if (!table.isRead()) {
      String waiting = Texts.of("steps.waiting", pipeline.steps().size());
      steps.getChildren().add(Controls.wrapped(waiting, "quiet"));
      return;
    }
    Label first =
        Controls.wrapped(
            Texts.of(
                "steps.original",
                table.original().name(),
                Describe.grouped(pipeline.original().rows())));
    first.getStyleClass().add("quiet");
    steps.getChildren().add(first);
    List<StepPipeline.Stage> stages = pipeline.stages();
    for (int i = 0; i < stages.size(); i++) {
      steps.getChildren().add(card(stages.get(i), i, stages.size()));
    }
    focused.ifPresent(this::focusAgain);
  }

  /** The control of a step that has the focus, which goes when the cards are made anew. */
  private Optional<String> focusedCard() {
    Node owner = getScene() == null ? null : getScene().getFocusOwner();
    for (Node node = owner; node != null; node = node.getParent()) {
      if (node == steps) {
        return Optional.ofNullable(owner.getId());
      }
    }
    return Optional.empty();
  }

  /** The same control of the step that stands there now; where there is none, what adds a step. */
  private void focusAgain(String id) {
    Node again = steps.lookup("#" + id);
    if (again == null || again.isDisabled()) {
      focusAdd();
    } else {
      again.requestFocus();
    }
  }

  private Node card(StepPipeline.Stage stage, int place, int all) {
    CheckBox on = Controls.literal(new CheckBox(stage.outcome().what().text()));
    on.setSelected(stage.listed().on());
    on.setWrapText(true);
    on.setId("step-on-" + place);
    Seen seen = new Seen(place, stage.listed());
    on.setOnAction(
        event ->
            change(
                "edit.step-switch",
                StepChange.replacing(seen, stage.listed().switched(on.isSelected()))));
    Button edit = link("step.edit", "step-edit-" + place);
    edit.setOnAction(event -> ask(StepDraft.of(seen)));
    Nodes.setShown(edit, stage.listed().step().stepKind().hasForm());
    Button up = link("step.up", "step-up-" + place);
    up.setDisable(place == 0);
    up.setOnAction(event -> change("edit.step-move", StepChange.moving(seen, -1)));
    Button down = link("step.down", "step-down-" + place);
    down.setDisable(place == all - 1);
    down.setOnAction(event -> change("edit.step-move", StepChange.moving(seen, 1)));
    Button remove = link("step.remove", "step-remove-" + place);
    remove.setOnAction(event -> change("edit.step-remove", StepChange.removing(seen)));
    for (Button button : List.of(edit, up, down, remove)) {
      button.setAccessibleText(
          Texts.of("step.button", button.getText(), place + 1, stage.outcome().what().text()));
    }
    VBox card = new VBox(2, on);
    stage
        .outcome()
        .problem()
        .map(Message::text)
        .ifPresent(
            why -> {
              Label problem = Controls.wrapped(Texts.of("step.misfit", why), "problem-text");
              card.getChildren().add(problem);
            });
    card.getChildren().add(new FlowPane(2, 0, edit, up, down, remove));
    card.getStyleClass().add("step-card");
    card.setId("step-" + place);
    return card;
  }

  private void change(String nameKey, StepChange change) {
    workspace.tables().changeSteps(nameKey, change);
  }

  /** Opens the form of a step. */
  private void ask(StepDraft draft) {
    ImportedTable now = workspace.table();
    if (now != null) {
      drafts.put(now.id(), Optional.of(draft));
      form.getChildren().clear();
      showForm(now);
      form.getChildren().forEach(made -> ((StepForm) made).focusFirst());
    }
  }

  /**
   * The form that is open for the table, with what was typed into it; the steps may have changed.
   */
  private void showForm(ImportedTable table) {
    StepDraft draft = drafts.of(table.id()).orElse(null);
    if (draft == null || !table.isRead()) {
      form.getChildren().clear();
      return;
    }
    StepPipeline pipeline = table.pipeline();
    int end = pipeline.stages().size();
    Table before =
        pipeline.before(draft.edited().flatMap(seen -> seen.in(pipeline.steps())).orElse(end));
    if (table.id() == formOf && !form.getChildren().isEmpty()) {
      ((StepForm) form.getChildren().get(0)).show(before);
      return;
    }
    formOf = table.id();
    form.getChildren()
        .setAll(
            new StepForm(
                draft,
                before,
                typed -> drafts.put(table.id(), Optional.of(typed)),
                step -> done(table.id(), draft, step),
                () -> close(table.id())));
  }

  private void done(int table, StepDraft draft, Step step) {
    close(table);
    change(
        draft.edited().isEmpty() ? "edit.step" : "edit.step-change",
        draft
            .edited()
            .map(old -> StepChange.replacing(old, new StepEntry(step, old.listed().on())))
            .orElseGet(() -> StepChange.adding(step)));
  }

  private void close(int table) {
    drafts.put(table, Optional.empty());
    form.getChildren().clear();
    focusAdd();
  }
}
