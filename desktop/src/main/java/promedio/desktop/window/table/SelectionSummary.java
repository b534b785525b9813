package promedio.desktop.window.table;

import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import org.jspecify.annotations.Nullable;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.NumberText;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.table.Table;
import promedio.desktop.projection.Describe;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.Controls;
import promedio.desktop.work.CellBlock;
import promedio.desktop.work.Workspace;

/** What the selected block of cells comes to, at the foot of a table. */
final class SelectionSummary extends FlowPane {

  /** Larger blocks are summed up apart from the window. */
  private static final long MOST_CELLS = 1_000;

  private final Workspace workspace;
  private @Nullable CellBlock asked;

  SelectionSummary(Workspace workspace) {
    super(14, 2);
    this.workspace = workspace;
    getStyleClass().add("block-line");
    setId("block-line");
    Controls.wrapping(this);
  }

  /** Tells about a block; without one, how to select one. */
  void show(Table table, @Nullable CellBlock block) {
    asked = block;
    if (block == null) {
      getChildren().setAll(quiet(Texts.of("block.none")));
      return;
    }
    CourseRules rules = workspace.assignment().rules();
    if (block.cells() <= MOST_CELLS) {
      try {
        show(block.tell(table, rules), rules);
      } catch (BadInputException e) {
        refuse(e);
      }
      return;
    }
    getChildren().setAll(quiet(Texts.of("block.reckoning", Describe.grouped(block.cells()))));
    workspace
        .background()
        .run(
            Background.Lane.SELECTION,
            Texts.of("work.block"),
            () -> block.tell(table, rules),
            told -> {
              if (block.equals(asked)) {
                show(told, rules);
              }
            },
            failure -> {
              if (failure instanceof BadInputException refused) {
                if (block.equals(asked)) {
                  refuse(refused);
                }
              } else {
                throw new IllegalStateException(failure);
              }
            });
  }

  private void refuse(BadInputException why) {
    getChildren().setAll(quiet(why.why().text()));
  }

  private void show(CellBlock.Told told, CourseRules rules) {
    getChildren()
        .setAll(quiet(Texts.of("block.cells", told.cells(), Describe.grouped(told.cells()))));
    if (told.missing() > 0) {
      getChildren().add(quiet(Texts.of("block.missing", Describe.grouped(told.missing()))));
    }
    for (Measure measure :
        new Measure[] {Measures.SUM, Measures.MEAN, Measures.MEDIAN, Measures.MIN, Measures.MAX}) {
      Result result = told.get(measure);
      if (result instanceof Result.Found found) {
        String number =
            NumberText.write(
                found.value().rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING)),
                workspace.assignment().sign());
        Label label =
            new Label(Texts.of("block.measure", Texts.of("block." + measure.key()), number));
        label.getStyleClass().add("block-measure");
        getChildren().add(label);
      }
    }
  }

  private static Label quiet(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("quiet");
    return label;
  }
}
