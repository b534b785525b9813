package promedio.desktop.window.several;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import org.jspecify.annotations.Nullable;
import promedio.core.graph.GraphKind;
import promedio.core.graph.GraphText;
import promedio.core.grouping.ClassChoice;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.sample.DataSubset;
import promedio.core.sample.Groups;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.several.GroupGraph;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.graph.GraphPicture;
import promedio.desktop.window.graph.GroupingBar;
import promedio.desktop.window.graph.PictureTools;
import promedio.desktop.work.Workspace;

/** The graphs of a comparison: all groups on one scale, and in the same classes. */
final class ComparisonGraph extends MeasuredBox {

  private final Workspace workspace;
  private final FlowPane kinds = Cards.line();
  private final List<ToggleButton> buttons = new ArrayList<>();
  private final GraphPicture picture = GraphPicture.ofGroups("comparison-graph");
  private final GroupingBar grouping;
  private final TextField title = Fields.ofAssignment(new TextField());
  private final Label note = Controls.wrapped("", "quiet");
  private @Nullable Analysis drawn;
  private boolean showing;

  ComparisonGraph(Workspace workspace, FileChoice fileChoice) {
    super(8);
    this.workspace = workspace;
    this.grouping = new GroupingBar(workspace);
    for (GraphKind kind : GroupGraph.KINDS) {
      buttons.add(button(kind));
    }
    kinds.getChildren().addAll(buttons);
    kinds.getChildren().add(Controls.named("comparison.title", title, 12));
    title
        .textProperty()
        .subscribe(
            (old, text) -> {
              if (!showing) {
                workspace.items().typeGraph(GraphText.TITLE, text);
              }
            });
    note.setId("comparison-note");
    getChildren()
        .addAll(
            kinds,
            grouping,
            picture,
            new PictureTools("comparison", picture, fileChoice, note::setText),
            note);
  }

  private ToggleButton button(GraphKind kind) {
    ToggleButton button =
        Controls.literal(new ToggleButton(Texts.of("comparison.kind." + kind.code())));
    button.setId("comparison-" + kind.code());
    button.getStyleClass().add("link");
    button.setUserData(kind);
    button.setOnAction(
        event -> {
          // Chosen once more, a graph stays chosen.
          button.setSelected(true);
          workspace.items().setGraph(now -> now.with(kind));
        });
    return button;
  }

  /** Draws the groups, unless they are drawn so already. */
  void show(Analysis now, Groups groups) {
    showing = true;
    Fields.show(title, now.item().graph().text(GraphText.TITLE));
    showing = false;
    int size = groups.samples().size();
    GraphKind kind = GroupGraph.kind(now.item().graph(), size);
    for (ToggleButton button : buttons) {
      button.setSelected(button.getUserData() == kind);
      Nodes.setShown(button, GroupGraph.offers((GraphKind) button.getUserData(), size));
    }
    Nodes.setShown(grouping, kind.needsClasses());
    if (kind.needsClasses()) {
      ClassChoice.Outcome classes = GroupGraph.classes(now, groups);
      now.in(DataSubset.TOGETHER).ifPresent(all -> grouping.show(all, classes.problem()));
    }
    if (!isDrawn(now)) {
      drawn = now;
      draw(now, groups);
    }
  }

  @SuppressWarnings("ReferenceEquality") // what is computed of equal values is the same
  private boolean isDrawn(Analysis now) {
    Analysis before = drawn;
    return before != null && before.marks() == now.marks() && before.item().equals(now.item());
  }

  private void draw(Analysis now, Groups groups) {
    note.setText("");
    try {
      picture.draw(Optional.of(GroupGraph.of(now, groups)), List.of());
    } catch (BadInputException e) {
      picture.draw(Optional.empty(), List.of());
      note.setText(e.getMessage());
    }
  }
}
