package promedio.desktop.window.table;

import java.util.Objects;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.ImportedTable;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.table.Table;
import promedio.core.tidy.SortRows;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;

/**
 * The order in which the rows of a table are looked at. The table itself stays as it is, unless the
 * order is kept as one of its steps.
 */
final class SortBar extends FlowPane {

  private final Workspace workspace;
  private final Consumer<Table> show;
  private final Label told = Controls.literal(new Label());
  private @Nullable Table table;
  private int id = -1;
  private @Nullable SortRows order;

  /**
   * Makes the line that tells the order.
   *
   * @param show shows the rows in the order in which they now are
   */
  SortBar(Workspace workspace, Consumer<Table> show) {
    super(8, 2);
    Controls.wrapping(this);
    this.workspace = workspace;
    this.show = show;
    setAlignment(Pos.CENTER_LEFT);
    setId("row-order");
    told.setId("table-order");
    told.getStyleClass().add("quiet");
    told.setWrapText(true);
    getChildren()
        .addAll(
            told,
            Controls.link("table.order.keep", "table-order-keep", this::keep),
            Controls.link("table.order.undo", "table-order-undo", () -> by(null)));
    Nodes.setShown(this, false);
  }

  /** Shows the rows of a table; the order goes with another table, or with its column. */
  void of(ImportedTable imported) {
    SortRows kept = order;
    if (imported.id() != id || (kept != null && imported.table().column(kept.column()).isEmpty())) {
      order = null;
    }
    id = imported.id();
    table = imported.table();
    show.accept(imported.table());
    by(order);
  }

  /** Shows the rows in another order, as in the table itself where that is {@code null}. */
  void by(@Nullable SortRows other) {
    Table rows = table;
    boolean was = order != null;
    order = other;
    Nodes.setShown(this, other != null);
    if (rows == null) {
      return;
    }
    if (other == null) {
      if (was) {
        show.accept(rows);
      }
      return;
    }
    told.setText(
        Texts.of(other.descending() ? "table.order.down" : "table.order.up", other.column()));
    workspace
        .background()
        .run(
            Background.Lane.ORDERING,
            Texts.of("table.order.working", other.column()),
            () -> other.done(rows).table(),
            sorted -> {
              if (other.equals(order) && Objects.equals(rows, table)) {
                show.accept(sorted);
              }
            },
            failure -> refuse(other, failure));
  }

  private void refuse(SortRows refused, Exception failure) {
    if (!(failure instanceof BadInputException why)) {
      throw new IllegalStateException(failure);
    }
    if (refused.equals(order)) {
      told.setText(why.why().text());
    }
  }

  /** The order becomes a step of the table, which can be undone. */
  private void keep() {
    SortRows kept = order;
    if (kept != null) {
      order = null;
      workspace.tables().addStep(kept);
    }
  }
}
