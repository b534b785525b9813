package promedio.desktop.window.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
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
import promedio.core.tidy.Listed;
import promedio.core.tidy.Replay;
import promedio.core.tidy.Step;
import promedio.core.tidy.StepKind;
import promedio.core.tidy.StepKinds;
import promedio.desktop.projection.Describe;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FollowFocus;
import promedio.desktop.window.control.Look;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;

/** The steps that tidy the chosen table, in their order. */
public final class StepsPane extends ScrollPane {

  private final Workspace workspace;
  private final VBox steps = new VBox(8);
  private final VBox form = new VBox();
  private final MenuButton add = new MenuButton(Texts.of("steps.add"));
  private final FlowPane actions;
  private @Nullable Replay shown;

  /** What the pane asks of the window. */
  interface Actions {
    void saveSteps(List<Listed> steps, String name);

    void loadSteps();
  }

  public StepsPane(Workspace workspace, Actions window) {
    this.workspace = workspace;
    getStyleClass().add("margin-scroll");
    setFitToWidth(true);
    setPrefWidth(Look.MARGIN_WIDTH);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    Label heading = new Label(Texts.of("steps.heading"));
    heading.getStyleClass().add("serif-heading");
    add.setId("steps-add");
    for (StepKind kind : StepKinds.ALL.stream().filter(StepKind::hasForm).toList()) {
      MenuItem item = Controls.literal(new MenuItem(Texts.of("stepkind." + kind.code())));
      item.setId("add-" + kind.code());
      item.setOnAction(event -> ask(kind, -1, null));
      add.getItems().add(item);
    }
    Button save = link("steps.save", "steps-save");
    save.setOnAction(
        event -> table().ifPresent(t -> window.saveSteps(t.replay().steps(), t.name())));
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
    Replay replay = table == null ? null : table.replay();
    if (replay == null || replay.equals(shown)) {
      return;
    }
    shown = replay;
    Optional<String> focused = focusedCard();
    form.getChildren().clear();
    steps.getChildren().clear();
    Nodes.setShown(actions, table.isRead());
    if (!table.isRead()) {
      String waiting = Texts.of("steps.waiting", replay.steps().size());
      steps.getChildren().add(Controls.wrapped(waiting, "quiet"));
      return;
    }
    Label first =
        Controls.wrapped(
            Texts.of(
                "steps.original",
                table.original().name(),
                Describe.grouped(replay.original().rows())));
    first.getStyleClass().add("quiet");
    steps.getChildren().add(first);
    List<Replay.Stage> stages = replay.stages();
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

  private Node card(Replay.Stage stage, int place, int all) {
    CheckBox on = Controls.literal(new CheckBox(stage.outcome().what().text()));
    on.setSelected(stage.listed().on());
    on.setWrapText(true);
    on.setId("step-on-" + place);
    on.setOnAction(
        event ->
            change(
                "edit.step-switch",
                s -> {
                  s.set(place, s.get(place).switched(on.isSelected()));
                  return s;
                }));
    Button edit = link("step.edit", "step-edit-" + place);
    edit.setOnAction(event -> ask(stage.listed().step().stepKind(), place, stage.listed().step()));
    Nodes.setShown(edit, stage.listed().step().stepKind().hasForm());
    Button up = link("step.up", "step-up-" + place);
    up.setDisable(place == 0);
    up.setOnAction(event -> change("edit.step-move", s -> moved(s, place, place - 1)));
    Button down = link("step.down", "step-down-" + place);
    down.setDisable(place == all - 1);
    down.setOnAction(event -> change("edit.step-move", s -> moved(s, place, place + 1)));
    Button remove = link("step.remove", "step-remove-" + place);
    remove.setOnAction(
        event ->
            change(
                "edit.step-remove",
                s -> {
                  s.remove(place);
                  return s;
                }));
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

  private static List<Listed> moved(List<Listed> steps, int from, int to) {
    steps.add(to, steps.remove(from));
    return steps;
  }

  private void change(String nameKey, UnaryOperator<List<Listed>> change) {
    table()
        .ifPresent(
            now ->
                workspace
                    .tables()
                    .setSteps(nameKey, change.apply(new ArrayList<>(now.replay().steps()))));
  }

  /** Opens the form of a step: a new one where the place is −1, otherwise the one at that place. */
  private void ask(StepKind kind, int place, @Nullable Step edited) {
    ImportedTable now = workspace.table();
    if (now == null) {
      return;
    }
    int at = place < 0 ? now.replay().stages().size() : place;
    StepForm asked =
        new StepForm(
            kind,
            now.replay().before(at),
            edited,
            step -> {
              form.getChildren().clear();
              change(
                  place < 0 ? "edit.step" : "edit.step-change",
                  steps -> {
                    if (place < 0) {
                      steps.add(Listed.of(step));
                    } else {
                      steps.set(place, new Listed(step, steps.get(place).on()));
                    }
                    return steps;
                  });
              focusAdd();
            },
            () -> {
              form.getChildren().clear();
              focusAdd();
            });
    form.getChildren().setAll(asked);
    asked.focusFirst();
  }
}
